<script lang="ts">
  import type { Snippet } from 'svelte';

  /** An address where nothing is, or no longer. */
  interface Props {
    title?: string;
    children?: Snippet;
  }
  let { title = 'Nothing is at this address', children }: Props = $props();
</script>

<svelte:head><title>{title} · Glanzen</title></svelte:head>
<div class="mx-auto max-w-[60ch] px-6 py-14">
  <h1 class="text-title">{title}</h1>
  {#if children}{@render children()}{:else}
    <p class="text-lead mt-3">It may have been mistyped, or belong to another workshop.</p>
  {/if}
  <a class="press press-strong mt-6 inline-block" href="#/bench">Go to Bench</a>
</div>
