<script lang="ts">
  import type { Schemas } from '../../api/client';

  /** A reading under way: what it is at, and a way out of it. */
  let { stage, oncancel }: { stage: Schemas['ReadingStage'] | undefined; oncancel: () => void } = $props();
</script>

<div class="my-3 flex flex-wrap items-center gap-4">
  <p role="status" class="min-w-[17rem]">{stage?.label ?? 'Sending the picture'}…</p>
  <progress
    class="accent-verdigris h-2 w-40"
    max="1"
    value={stage?.label ? stage.gone : undefined}
    aria-label="Reading"
  ></progress>
  <button class="press press-quiet" onclick={oncancel}>Cancel</button>
</div>
