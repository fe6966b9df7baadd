<script lang="ts">
  import type { RunView } from '../../api/client';
  import { running } from '../../state/running.svelte';
  import { preferences } from '../../state/preferences.svelte';

  let { run }: { run: RunView } = $props();
  const left = $derived(run.preflight.filter((l) => !l.done).length);
</script>

<fieldset class="mt-5">
  <legend class="label">{left === 0 ? 'All ready' : `${left} still to do`}</legend>
  {#each run.preflight as line, i (line.text)}
    <label class="border-rule flex cursor-pointer items-center gap-4 border-t py-2 text-[18px]">
      <input
        type="checkbox"
        class="accent-verdigris size-6"
        checked={line.done}
        onchange={(e) => running.tick(i, e.currentTarget.checked)}
      />
      <span class={line.done ? 'text-soft line-through' : ''}>{preferences.said(line.text)}</span>
    </label>
  {/each}
</fieldset>
