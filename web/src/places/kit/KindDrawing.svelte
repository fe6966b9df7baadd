<script lang="ts">
  import type { Schemas } from '../../api/client';
  import PressDrawing from './PressDrawing.svelte';

  /** A kind of machine from the front or the side, as it stands on a bench. Only what heats is ember. */
  let { kind }: { kind: Schemas['Kind'] } = $props();
  const press = $derived(kind.things.presses[0]);
  const platform = $derived(kind.things.platforms[0]);
  const wide = $derived((platform?.widthMm ?? 150) * 0.5);
</script>

{#if press}
  <PressDrawing throatMm={press.throatMm} crank={press.kind === 'CRANK'} seeing={press.opticalSensor} />
{:else}
  <svg width="118" height="72" viewBox="0 0 118 72" aria-hidden="true">
    {#if kind.drawing === 'PLATFORM'}
      <rect x={59 - wide / 2 - 8} y="42" width={wide + 16} height="22" fill="var(--steel)" />
      <rect x={59 - wide / 2} y="32" width={wide} height="10" fill="var(--rule-strong)" />
      <rect x={59 - wide / 2} y="28" width={wide} height="4" fill="var(--ember)" />
    {:else if kind.drawing === 'ROLLERS'}
      <rect x="10" y="6" width="98" height="58" fill="none" stroke="var(--steel-dark)" stroke-width="3" />
      <circle cx="59" cy="22" r="12" fill="var(--ember)" />
      <circle cx="59" cy="48" r="12" fill="var(--ember)" />
      <path d="M2 35h114" stroke="var(--ink)" stroke-width="3" />
    {:else if kind.drawing === 'LAMINATOR'}
      <path
        d="M8 60V46q6-22 30-22h42q24 0 30 22v14z"
        fill="none"
        stroke="var(--steel-dark)"
        stroke-width="3"
      />
      <circle cx="59" cy="40" r="6" fill="var(--ember)" />
      <path d="M2 49h114" stroke="var(--ink)" stroke-width="3" />
    {:else}
      <rect x="10" y="50" width="98" height="14" fill="var(--steel)" />
      <rect x="16" y="46" width="86" height="4" fill="var(--ember)" />
      <circle cx="59" cy="32" r="13" fill="var(--steel-dark)" />
      <path d="M59 32V10h26" fill="none" stroke="var(--ink)" stroke-width="3" />
    {/if}
  </svg>
{/if}
