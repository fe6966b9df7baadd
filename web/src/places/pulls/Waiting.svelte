<script lang="ts">
  import type { Schemas } from '../../api/client';
  import Button from '../../parts/Button.svelte';
  import Progress from '../../parts/Progress.svelte';

  /** A reading under way: what it is at, and a way out of it. */
  let { stage, oncancel }: { stage: Schemas['ReadingStage'] | undefined; oncancel: () => void } = $props();
</script>

<div class="my-3 flex flex-wrap items-center gap-4">
  <p role="status" class="min-w-[17rem]">{stage?.label ?? 'Sending the picture'}…</p>
  <Progress label="Reading" class="h-2 w-40" gone={stage?.label ? stage.gone : undefined} />
  <Button kind="quiet" onclick={oncancel}>Cancel</Button>
</div>
