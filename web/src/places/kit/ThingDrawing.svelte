<script lang="ts">
  import type { Board, HeatedRollers, KitView, Press, Schemas } from '../../api/client';
  import ItemDrawing from '../../drawing/ItemDrawing.svelte';
  import { layerKind, type Plain } from './plain';
  import FlatDrawing from './FlatDrawing.svelte';
  import PressDrawing from './PressDrawing.svelte';

  /** A thing as it stands on its shelf; one scale to a shelf. */
  let { shelf, item }: { shelf: Plain; item: KitView[Plain][number]['item'] } = $props();
  const kind = $derived(layerKind(shelf));
  // Plates are small and want to be seen.
  const scale = $derived(shelf === 'plates' ? 0.95 : 0.42);
</script>

{#if kind}
  <ItemDrawing {kind} item={item as Board} {scale} />
{:else if shelf === 'foams' || shelf === 'envelopes' || shelf === 'offcuts'}
  <FlatDrawing {shelf} item={item as Schemas['Offcut']} {scale} />
{:else if shelf === 'rollers'}
  <PressDrawing throatMm={(item as HeatedRollers).throatMm} hot />
{:else}
  <PressDrawing
    throatMm={(item as Press).throatMm}
    crank={(item as Press).kind === 'CRANK'}
    seeing={(item as Press).opticalSensor}
  />
{/if}
