<script lang="ts">
  import Findings from '../../parts/Findings.svelte';
  import { editing } from '../../state/editing.svelte';
</script>

<div class="flex flex-col gap-2" role="group" aria-live="polite" aria-label="Findings">
  {#if editing.failed}
    <p class="border-ochre-line bg-ochre-wash border-l-4 px-4 py-2">{editing.failed}</p>
  {/if}
  <Findings
    findings={editing.answer?.findings ?? []}
    most={2}
    onmend={(mend) => editing.change(mend.draft)}
  />
</div>
