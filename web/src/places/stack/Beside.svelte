<script lang="ts">
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import PartialCut from '../../cutting/PartialCut.svelte';
  import PatchworkFinder from '../../cutting/PatchworkFinder.svelte';

  /** What some routes need to be told besides their stack: where a partial cut ends, which scraps cover a stamp. */
  const draft = $derived(editing.draft);
  const tool = $derived(draft ? kit.tool(draft) : undefined);
</script>

{#if draft?.route === 'PARTIAL_CUT' && tool}
  <PartialCut dies={[tool]} open />
{:else if draft?.route === 'REACTIVE_INK' && tool}
  <PatchworkFinder stamp={tool} />
{/if}
