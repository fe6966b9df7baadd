<script lang="ts" generics="M extends { label: string }">
  import type { Found } from './found';
  import { preferences } from '../state/preferences.svelte';
  import Button from './Button.svelte';

  /** What breaks a rule, worst first, each with its reason and its mend: the same for a stack, a layout and a piece. */
  interface Props {
    findings: Found<M>[];
    onmend: (mend: M) => void;
    most?: number;
  }
  let { findings, onmend, most = Infinity }: Props = $props();

  let all = $state(false);
  const asked = $derived(findings.filter((f) => f.weight !== 'FACT'));
  const facts = $derived(findings.filter((f) => f.weight === 'FACT'));
  const shown = $derived(all ? asked : asked.slice(0, most));
  const WORDS = { STOP: 'Fix first', WARN: 'Take care', NOTE: 'Note' } as const;
</script>

{#each shown as found, i (`${found.rule} ${i}`)}
  <div
    class="bg-ochre-wash flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 px-4 py-2 {found.weight ===
    'NOTE'
      ? 'border-rule-strong'
      : 'border-ochre-line'}"
    data-rule={found.rule}
  >
    <div class="min-w-0 flex-1 basis-[240px]">
      <p>
        <strong class={found.weight === 'STOP' ? 'text-ochre' : ''}
          >{WORDS[found.weight as keyof typeof WORDS]}:</strong
        >
        {preferences.said(found.what)}.
      </p>
      <p class="text-soft text-fine">{preferences.said(found.why)}.</p>
    </div>
    {#if found.mend}
      {@const mend = found.mend}
      <Button onclick={() => onmend(mend)}>{preferences.said(mend.label)}</Button>
    {/if}
  </div>
{/each}
{#if asked.length > most}
  <Button kind="quiet" class="self-start" aria-expanded={all} onclick={() => (all = !all)}>
    {all ? 'Fewer' : `${asked.length - most} more`}
  </Button>
{/if}
{#each facts as fact (`${fact.rule} ${fact.what}`)}
  <p class="text-soft text-small" data-rule={fact.rule}>
    {preferences.said(fact.what)}. {preferences.said(fact.why)}.
    {#if fact.mend}
      {@const mend = fact.mend}
      <Button kind="link" onclick={() => onmend(mend)}>{preferences.said(mend.label)}</Button>
    {/if}
  </p>
{/each}
