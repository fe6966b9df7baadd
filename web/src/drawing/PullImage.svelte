<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { token, Trouble, trouble, type Draft } from '../api/client';
  import { Question } from '../asking/question.svelte';
  import { world } from '../state/world.svelte';
  import Button from '../parts/Button.svelte';

  /** The pull as it would look, drawn by the server for the present draft. */
  let {
    draft,
    width = 600,
    height = 400,
    alt,
  }: { draft: Draft; width?: number; height?: number; alt: string } = $props();
  const drawn = new Question<string>();
  let source = $state('');

  async function draw(body: string, signal: AbortSignal): Promise<string> {
    const response = await fetch(`/api/pictures?width=${width}&height=${height}`, {
      method: 'POST',
      body,
      signal,
      headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token() },
    }).catch((cause: unknown) => {
      if (signal.aborted) throw cause;
      throw new Trouble(0, 'Glanzen does not answer, so the pull cannot be drawn.');
    });
    if (!response.ok) throw trouble(response.status, await response.json().catch(() => undefined));
    return URL.createObjectURL(await response.blob());
  }

  async function show(body: string) {
    const before = source;
    const now = await drawn.ask((signal) => draw(body, signal));
    if (!now) return;
    source = now;
    if (before) URL.revokeObjectURL(before);
  }

  $effect(() => {
    const body = JSON.stringify(draft);
    void world.revision;
    untrack(() => void show(body));
    return () => drawn.abort();
  });
  onDestroy(() => URL.revokeObjectURL(source));
</script>

{#if drawn.trouble && drawn.trouble.status === 422}
  <p class="bg-blotter text-soft flex aspect-3/2 w-full items-center justify-center p-4 text-center">
    There is nothing to draw until the stack can be pulled.
  </p>
{:else if drawn.trouble}
  <div
    class="bg-blotter text-soft flex aspect-3/2 w-full flex-col items-center justify-center gap-2 p-4 text-center"
  >
    <p>{drawn.trouble.message}</p>
    <Button onclick={() => void show(JSON.stringify(draft))}>Try again</Button>
  </div>
{:else if source}
  <img src={source} {alt} {width} {height} class="border-rule h-auto w-full border" />
{:else}
  <div class="bg-blotter aspect-3/2 w-full"></div>
{/if}
