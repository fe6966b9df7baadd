<script lang="ts">
  import type { LayoutView } from '../../api/client';
  import { editing } from '../../state/editing.svelte';
  import { preferences } from '../../state/preferences.svelte';

  let { view }: { view: LayoutView } = $props();
</script>

<div class="flex flex-col gap-2" aria-live="polite" aria-label="Findings">
  {#each view.remarks as remark (remark.rule + remark.keys.join())}
    <div
      class="bg-ochre-wash {remark.weight === 'NOTE'
        ? 'border-rule-strong'
        : 'border-ochre-line'} flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 px-4 py-2"
      data-rule={remark.rule}
    >
      <p class="min-w-0 flex-1 basis-[280px]">
        {#if remark.weight === 'STOP'}<strong class="text-ochre">Stops the pull:</strong>{/if}
        {preferences.said(remark.what)}.
        <span class="text-soft block text-[14px]">{preferences.said(remark.why)}.</span>
      </p>
      {#if remark.mend}
        {@const mend = remark.mend}
        <button class="press" onclick={() => editing.part({ layout: mend.layout })}
          >{preferences.said(mend.label)}</button
        >
      {/if}
    </div>
  {/each}
</div>
