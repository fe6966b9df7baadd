<script lang="ts">
  import type { Expected } from '../api/client';
  import OutcomeMark from './OutcomeMark.svelte';

  interface Props {
    expected: Expected;
    /** What too little and too much are called on this route. */
    words?: { tooLittle: string; tooMuch: string };
  }
  let { expected, words = { tooLittle: 'under', tooMuch: 'over' } }: Props = $props();
  const counts = $derived(expected.twenty);
  const marks = $derived([
    ...Array.from({ length: counts[0] ?? 0 }, () => 'UNDER' as const),
    ...Array.from({ length: counts[1] ?? 0 }, () => 'CLEAN' as const),
    ...Array.from({ length: counts[2] ?? 0 }, () => 'OVER' as const),
  ]);
  const sentence = $derived(
    `Of twenty pulls like this, ${counts[1]} come${counts[1] === 1 ? 's' : ''} out clean, ${counts[2]} ${words.tooMuch}, ${counts[0]} ${words.tooLittle}`,
  );
</script>

<h2 class="text-heading max-w-[34ch] leading-tight" data-testid="twenty">{sentence}</h2>
<div class="mt-3 grid grid-cols-[repeat(20,minmax(0,1fr))]" aria-hidden="true">
  {#each marks as mark, i (i)}
    <span class="flex justify-center"><OutcomeMark outcome={mark} size={20} /></span>
  {/each}
</div>
