<script lang="ts">
  /** A hand turning the sheet over: like a page, or over its upper edge. */
  let { over, taped }: { over: 'SIDEWAYS' | 'ENDWAYS'; taped: boolean } = $props();
  const sideways = $derived(over === 'SIDEWAYS');
</script>

<figure class="m-0 w-[104px] text-center">
  <svg width="104" height="92" viewBox="0 0 104 92" aria-hidden="true">
    <g fill="none" stroke="var(--ink)" stroke-width="1.6" stroke-linejoin="round" stroke-linecap="round">
      {#if sideways}
        <path d="M14 40h30v38H14z" fill="var(--paper)" />
        <path d="M60 40h30v38H60z" fill="var(--blotter)" stroke-dasharray="4 3" />
        <path d="M30 32C36 8 68 8 74 30M74 30l-8 -3M74 30l3 -8" />
        <path d="M44 60c6 -3 10 0 16 0M44 66c6 -2 10 1 16 0" stroke-width="0" />
      {:else}
        <path d="M30 50h44v28H30z" fill="var(--paper)" />
        <path d="M30 14h44v28H30z" fill="var(--blotter)" stroke-dasharray="4 3" />
        <path d="M80 66c18 -6 18 -36 0 -42M80 24l1 8M80 24l8 0" />
      {/if}
      <path
        transform={sideways ? 'translate(8 52)' : 'translate(22 62)'}
        d="M-6 12c-2 -6 0 -9 5 -9h9c4 0 5 4 1 4h-5M-1 10h9c3 0 3 4 0 4h-3M0 15h7c3 0 2 4 -1 4h-7c-4 0 -6 -2 -7 -5"
        fill="var(--paper)"
      />
    </g>
  </svg>
  <figcaption class="text-fine leading-tight">
    <span class="font-bold">{taped ? 'tape, then turn over' : 'turn over'}</span><br />
    <span class="text-soft">{sideways ? 'left and right swap' : 'top and bottom swap'}</span>
  </figcaption>
</figure>
