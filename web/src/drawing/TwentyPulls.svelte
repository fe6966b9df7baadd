<script lang="ts">
  import type { Expected } from '../api/client';
  import OutcomeMark from './OutcomeMark.svelte';

  interface Props {
    expected: Expected;
    /** What outcomes are called on this route. */
    words?: { tooLittle: string; good: string; tooMuch: string };
  }
  let { expected, words = { tooLittle: 'under', good: 'clean', tooMuch: 'over' } }: Props = $props();
  const counts = $derived(expected.twenty);
  const marks = $derived([
    ...Array.from({ length: counts[0] ?? 0 }, () => 'UNDER' as const),
    ...Array.from({ length: counts[1] ?? 0 }, () => 'CLEAN' as const),
    ...Array.from({ length: counts[2] ?? 0 }, () => 'OVER' as const),
  ]);
  const missed = $derived(
    [
      [counts[2], words.tooMuch],
      [counts[0], words.tooLittle],
    ]
      .filter(([n]) => n)
      .map(([n, word]) => `, ${n} ${word}`)
      .join(''),
  );
  const sentence = $derived(
    `Of twenty pulls like this, ${counts[1] ?? 0} come${counts[1] === 1 ? 's' : ''} out ${words.good}${missed}`,
  );
  const whys = $derived(
    expected.troubles.map((t) => `${t.label}, ${Math.max(1, Math.round(20 * t.share))}`).join('; '),
  );
</script>

<h2 class="text-heading max-w-[34ch] leading-tight" data-testid="twenty">{sentence}</h2>
<div class="mt-3 grid grid-cols-[repeat(20,minmax(0,1fr))]" aria-hidden="true">
  {#each marks as mark, i (i)}
    <span class="flex justify-center"><OutcomeMark outcome={mark} size={20} /></span>
  {/each}
</div>
{#if whys}<p class="text-soft text-small mt-1" data-testid="troubles">Of twenty: {whys}</p>{/if}
