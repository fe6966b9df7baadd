<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Fold from '../parts/Fold.svelte';
  import Asked from '../asking/Asked.svelte';
  import { Question } from '../asking/question.svelte';
  import { api, asked, type Plate, type Schemas } from '../api/client';
  import NumberField from '../parts/NumberField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { kit } from '../state/kit.svelte';
  import { preferences } from '../state/preferences.svelte';

  /** Where the top plate must end so that part of a die stays uncut, or a long die is cut in passes. */
  let { dies, open = false }: { dies: Plate[]; open?: boolean } = $props();
  const plates = $derived(kit.inUse('boards').filter((b) => b.kind === 'OUTER_PLATE'));
  let dieId = $state('');
  let boardId = $state('');
  let stopMm = $state(30);
  let degrees = $state(0);
  const asking = new Question<Schemas['PartialView']>();
  const found = $derived(asking.answer);
  const scale = $derived(found ? Math.min(130 / found.widthMm, 190 / found.heightMm) : 1);

  /** The plate from its end back to where the die begins. */
  function plate(end: Schemas['EndLine'], deepMm: number) {
    const turn = (degrees * Math.PI) / 180;
    const [dx, dy] = [Math.sin(turn) * deepMm, -Math.cos(turn) * deepMm];
    return `M${end.fromXMm} ${end.fromYMm}L${end.toXMm} ${end.toYMm}l${dx} ${dy}L${end.fromXMm + dx} ${end.fromYMm + dy}Z`;
  }

  $effect(() => {
    if (!dies.some((d) => d.id === dieId)) dieId = dies[0]?.id ?? '';
    boardId ||= plates[0]?.id ?? '';
  });
  $effect(() => {
    if (!dieId || !boardId) return;
    const params = { query: { dieId, boardId, stopMm, degrees } };
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
      label="Cut this far from the leading edge"
      name="stop"
      value={stopMm}
      onvalue={(v) => (stopMm = v)}
    />
    <NumberField
      label="Turn the top plate, for a corner"
      unit="°"
      name="degrees"
      value={degrees}
      onvalue={(v) => (degrees = v)}
    />
  </div>
  <Asked question={asking} />
  {#if found}
    {@const h = found.heightMm * scale}
    {@const end = found.cut.end}
    <svg
      class="mt-3"
      width="270"
      height={h + 40}
      viewBox="-20 -12 270 {h + 40}"
      role="img"
      aria-label="The top plate ends {preferences.length(found.cut.stopMm)} from the leading edge{degrees
        ? `, turned ${degrees}°`
        : ''}"
    >
      <g transform="translate(0 {h}) scale({scale} {-scale})">
        <!-- The plate lies on the near side of its end. -->
        <path
          d={plate(end, found.cut.stopMm)}
          fill="var(--fill-clear)"
          opacity="0.55"
          stroke="var(--rule-strong)"
          vector-effect="non-scaling-stroke"
        />
        <path
          d={found.path}
          fill="none"
          stroke="var(--ink)"
          stroke-width="2"
          vector-effect="non-scaling-stroke"
        />
        {#each found.cut.joined as flap, i (i)}
          <path
            d="M{flap.line.fromXMm} {flap.line.fromYMm}L{flap.line.toXMm} {flap.line.toYMm}"
            stroke="var(--verdigris)"
            stroke-width="4"
            vector-effect="non-scaling-stroke"
          />
        {/each}
      </g>
    </svg>
    <p class="text-small">
      {found.cut.passes.length === 1 ? 'One pass' : `${found.cut.passes.length} passes`}; mark the top plate's
      far end at {found.cut.passes.map((p) => preferences.length(p.toMm)).join(', then ')}.
      {#each found.cut.joined as flap, i (i)}
        A flap {preferences.length(flap.deepMm)} deep stays joined along {preferences.length(flap.widthMm)},
        drawn thick: {flap.folds ? 'fold it in' : 'trim it'}.
      {:else}
        Nothing stays joined.
      {/each}
    </p>
  {/if}
</Fold>
