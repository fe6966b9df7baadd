<script lang="ts">
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
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
  {#each run.preflight as line, i (i)}
    <div class="border-rule border-t" onpointerdown={() => (pointed = true)} role="presentation">
      <Checkbox
        class="text-verdigris border-rule-strong bg-paper me-4 size-6 shrink-0 rounded-[2px] focus:ring-0"
        classes={{
          div: 'flex cursor-pointer items-center font-normal text-inherit py-2 text-(length:--text-lead)',
        }}
        checked={line.done}
        onkeydown={() => (pointed = false)}
        onchange={(e: Event) => ticked(e.currentTarget as HTMLInputElement, i)}
      >
        <span class={line.done ? 'text-soft line-through' : ''}>{preferences.said(line.text)}</span>
      </Checkbox>
    </div>
  {/each}
  <a class="text-verdigris mt-2 inline-block underline" href="/api/runs/{run.id}/sheet.pdf"
    >Run sheet to print</a
  >
</fieldset>
