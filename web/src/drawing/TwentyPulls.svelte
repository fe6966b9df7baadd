<script lang="ts">
  import type { Expected, RouteView } from '../api/client';
  import OutcomeMark from './OutcomeMark.svelte';
  import { marks, reasons, sentence } from './twenty';

  /** A forecast as twenty pulls: sentence, marks and reasons from one account. */
  interface Props {
    expected: Expected;
    route?: RouteView;
  }
  let { expected, route }: Props = $props();
  const why = $derived(reasons(expected.twenty));
</script>

<h2 class="text-heading max-w-[34ch] leading-tight" data-testid="twenty">
  {sentence(expected.twenty, route)}
</h2>
<div class="mt-3 grid grid-cols-[repeat(20,minmax(0,1fr))]" aria-hidden="true">
  {#each marks(expected.twenty) as mark, i (i)}
    <span class="flex justify-center"><OutcomeMark outcome={mark} size={20} /></span>
  {/each}
</div>
{#if why}<p class="text-soft text-small mt-1" data-testid="troubles">{why}</p>{/if}
