<script lang="ts">
  import type { Found } from '../../api/client';
  import { editing } from '../../state/editing.svelte';
  import { preferences } from '../../state/preferences.svelte';

  const SHOWN = 2;
  let all = $state(false);
  const findings = $derived(editing.answer?.findings ?? []);
  const shown = $derived(all ? findings : findings.slice(0, SHOWN));
  const words: Record<Found['severity'], string> = {
    STOP: 'Stops the pull',
    WARN: 'Take care',
    NOTE: 'Note',
  };
</script>

<div class="flex flex-col gap-2" role="group" aria-live="polite" aria-label="Findings">
  {#if editing.failed}
    <p class="border-ochre-line bg-ochre-wash border-l-4 px-4 py-2">{editing.failed}</p>
  {/if}
  {#each shown as found (found.rule + found.layer)}
    <div
      class="bg-ochre-wash flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 px-4 py-2 {found.severity ===
      'NOTE'
        ? 'border-rule-strong'
        : 'border-ochre-line'}"
      data-rule={found.rule}
    >
      <div class="min-w-0 flex-1 basis-[280px]">
        <p>
          <strong class={found.severity === 'STOP' ? 'text-ochre' : ''}>{words[found.severity]}:</strong>
          {preferences.said(found.what)}.
        </p>
        <p class="text-soft text-[14px]">{preferences.said(found.why)}.</p>
      </div>
      {#if found.mend}
        {@const mend = found.mend}
        <button class="press" onclick={() => editing.change(mend.draft)}
          >{preferences.said(mend.label)}</button
        >
      {/if}
    </div>
  {/each}
  {#if findings.length > SHOWN}
    <button class="press press-quiet self-start" aria-expanded={all} onclick={() => (all = !all)}>
      {all ? 'Fewer' : `${findings.length - SHOWN} more`}
    </button>
  {/if}
</div>
