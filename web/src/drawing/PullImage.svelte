<script lang="ts">
  import { token, type Draft } from '../api/client';

  /** The pull as it would look, drawn by the server for the present draft. */
  let {
    draft,
    width = 600,
    height = 400,
    alt,
  }: { draft: Draft; width?: number; height?: number; alt: string } = $props();
  let source = $state('');
  let failed = $state(false);

  $effect(() => {
    const body = JSON.stringify(draft);
    const question = new AbortController();
    fetch(`/api/pictures?width=${width}&height=${height}`, {
      method: 'POST',
      body,
      signal: question.signal,
      headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token() },
    })
      .then(async (response) => {
        failed = !response.ok;
        if (!response.ok) return;
        const drawn = URL.createObjectURL(await response.blob());
        if (source) URL.revokeObjectURL(source);
        source = drawn;
      })
      .catch(() => {
        if (!question.signal.aborted) failed = true;
      });
    return () => question.abort();
  });
</script>

{#if failed}
  <p class="bg-blotter text-soft flex h-full items-center justify-center p-4 text-center">
    There is nothing to draw until the stack can be pulled.
  </p>
{:else if source}
  <img src={source} {alt} {width} {height} class="border-rule h-auto w-full border" />
{:else}
  <div class="bg-blotter aspect-3/2 w-full"></div>
{/if}
