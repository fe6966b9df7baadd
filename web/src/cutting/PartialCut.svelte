<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Fold from '../parts/Fold.svelte';
  import Asked from '../asking/Asked.svelte';
  import { Question } from '../asking/question.svelte';
  import { api, asked, type Plate, type Schemas } from '../api/client';
  import QuantityField from '../parts/QuantityField.svelte';
  import { kit } from '../state/kit.svelte';
  import { preferences } from '../state/preferences.svelte';

  /** Where the top plate must end so that part of a die stays uncut, or a long die is cut in passes. */
  let { dies, open = false }: { dies: Plate[]; open?: boolean } = $props();
  const plates = $derived(kit.inUse('boards').filter((b) => b.kind === 'OUTER_PLATE'));
  let dieId = $state('');
  let boardId = $state('');
  let stopMm = $state(30);
  const asking = new Question<Schemas['PartialView']>();
  const found = $derived(asking.answer);
  const scale = $derived(found ? Math.min(130 / found.widthMm, 190 / found.heightMm) : 1);

  $effect(() => {
    if (!dies.some((d) => d.id === dieId)) dieId = dies[0]?.id ?? '';
    boardId ||= plates[0]?.id ?? '';
  });
  $effect(() => {
    if (!dieId || !boardId) return;
    const params = { query: { dieId, boardId, stopMm } };
    return asking.follow((signal) => asked(api.GET('/api/layouts/partial-cut', { params, signal })));
  });
</script>

<Fold
  {open}
  class="border-rule mt-4 border-t pt-3"
  titleClass="text-verdigris font-bold"
  title="Cut a die only in part"
>
  <div class="mt-2 grid gap-2">
    <Pick label="Die" bind:value={dieId} items={dies} />
    <Pick label="Top plate" bind:value={boardId} items={plates} />
    <QuantityField
      kind="LENGTH"
      label="Cut as far as, from the leading edge"
      name="stop"
      value={stopMm}
      onvalue={(v) => (stopMm = v)}
    />
  </div>
  <Asked question={asking} />
  {#if found}
    {@const h = found.heightMm * scale}
    {@const stop = h - found.cut.stopMm * scale}
    <svg
      class="mt-3"
      width="270"
      height={h + 40}
      viewBox="-20 -12 270 {h + 40}"
      role="img"
      aria-label="The top plate ends {preferences.length(found.cut.stopMm)} from the leading edge"
    >
      <rect
        x="-14"
        y={stop}
        width={found.widthMm * scale + 28}
        height={h - stop + 22}
        fill="var(--fill-clear)"
        opacity="0.55"
        stroke="var(--rule-strong)"
      />
      <g transform="translate(0 {h}) scale({scale} {-scale})">
        <path
          d={found.path}
          fill="none"
          stroke="var(--ink)"
          stroke-width="2"
          vector-effect="non-scaling-stroke"
        />
      </g>
      {#each found.cut.joined as stretch, i (i)}
        <line
          x1={stretch.fromMm * scale}
          x2={stretch.toMm * scale}
          y1={stop}
          y2={stop}
          stroke="var(--verdigris)"
          stroke-width="4"
        />
      {/each}
      <path
        d="M{found.widthMm * scale + 26} {stop}V{h}m-5 0h10M{found.widthMm * scale + 21} {stop}h10"
        stroke="var(--verdigris)"
        fill="none"
        stroke-width="1.6"
      />
      <text
        x={found.widthMm * scale + 36}
        y={(stop + h) / 2 + 5}
        fill="var(--verdigris)"
        font-size="15"
        font-weight="700">{preferences.length(found.cut.stopMm)}</text
      >
    </svg>
    <p class="text-small">
      {found.cut.passes.length === 1 ? 'One pass' : `${found.cut.passes.length} passes`}; mark the top plate's
      far end at {found.cut.passes.map((p) => preferences.length(p.toMm)).join(', then ')}.
      {found.cut.joinedMm > 0
        ? `${preferences.length(found.cut.joinedMm)} stays joined, drawn thick.`
        : 'Nothing stays joined.'}
    </p>
  {/if}
</Fold>
