<script lang="ts">
  import { api, asked, refusal, type Plate, type Schemas } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';

  /** How often a die cuts out of one foiled panel, drawn as it best lies. */
  let { die }: { die: Plate } = $props();

  let widthMm = $state(105);
  let heightMm = $state(148);
  const found = new Question<Schemas['YieldView']>();
  $effect(() => {
    const query = { dieId: die.id, widthMm, heightMm };
    return found.follow((signal) =>
      asked(api.GET('/api/layouts/panel-yield', { params: { query }, signal })),
    );
  });
  const DRAWN = 150;
  const scale = $derived(found.answer ? DRAWN / Math.max(found.answer.widthMm, found.answer.heightMm) : 1);
</script>

<div class="mt-2 flex flex-wrap items-end gap-x-5 gap-y-3">
  <QuantityField
    kind="LENGTH"
    label="Panel width"
    name="panelWidth"
    value={widthMm}
    onvalue={(v) => (widthMm = v)}
  />
  <QuantityField
    kind="LENGTH"
    label="Panel height"
    name="panelHeight"
    value={heightMm}
    onvalue={(v) => (heightMm = v)}
  />
  {#if found.trouble}<p class="text-ochre" role="alert">{refusal(found.trouble, 'A panel')}</p>{/if}
  {#if found.answer && !found.trouble}
    <p aria-live="polite">
      <span class="figure text-large font-bold">{found.answer.cuts.length}</span>
      <span class="text-soft">cut{found.answer.cuts.length === 1 ? '' : 's'} to a panel</span>
    </p>
    <svg
      width={found.answer.widthMm * scale}
      height={found.answer.heightMm * scale}
      viewBox="0 0 {found.answer.widthMm} {found.answer.heightMm}"
      role="img"
      aria-label="Where it cuts on the panel"
      class={found.stale ? 'opacity-60' : ''}
    >
      <rect
        width={found.answer.widthMm}
        height={found.answer.heightMm}
        fill="var(--paper)"
        stroke="var(--rule-strong)"
        vector-effect="non-scaling-stroke"
      />
      <g transform="translate(0 {found.answer.heightMm}) scale(1 -1)">
        {#each found.answer.cuts as cut, n (n)}
          <path d={cut} fill="var(--blotter)" stroke="var(--ink)" vector-effect="non-scaling-stroke" />
        {/each}
      </g>
    </svg>
  {/if}
</div>
