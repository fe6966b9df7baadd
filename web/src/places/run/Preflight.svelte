<script lang="ts">
  import type { RunView } from '../../api/client';
  import { running } from '../../state/running.svelte';
  import { preferences } from '../../state/preferences.svelte';

  let { run }: { run: RunView } = $props();
  // Ticked with the pointer, a box gives the keys back: Space goes on, as the screen says.
  let pointed = false;
  const left = $derived(run.preflight.filter((l) => !l.done).length);

  function ticked(box: HTMLInputElement, line: number) {
    void running.tick(line, box.checked);
    if (pointed) requestAnimationFrame(() => box.blur());
    pointed = false;
  }
</script>

<fieldset class="mt-5">
  <legend class="label">{left === 0 ? 'All ready' : `${left} still to do`}</legend>
  {#each run.preflight as line, i (line.text)}
    <label
      class="border-rule text-lead flex cursor-pointer items-center gap-4 border-t py-2"
      onpointerdown={() => (pointed = true)}
    >
      <input
        type="checkbox"
        class="accent-verdigris size-6"
        checked={line.done}
        onkeydown={() => (pointed = false)}
        onchange={(e) => ticked(e.currentTarget, i)}
      />
      <span class={line.done ? 'text-soft line-through' : ''}>{preferences.said(line.text)}</span>
    </label>
  {/each}
</fieldset>
