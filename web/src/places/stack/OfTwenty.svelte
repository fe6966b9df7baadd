<script lang="ts">
  import { editing } from '../../state/editing.svelte';
  import { routes } from '../../state/routes.svelte';

  /** How many of twenty come out, beside what is to be done for it. */
  let { clean }: { clean: number } = $props();
</script>

<div class="leading-none">
  <span class="figure text-clean text-heading">{clean}</span>
  <span class="text-soft text-tiny block">of 20 {routes.of(editing.draft?.route)?.good ?? 'clean'}</span>
</div>
