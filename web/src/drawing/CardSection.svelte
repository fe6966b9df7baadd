<script lang="ts">
  import type { CardView, Schemas } from '../api/client';
  import { preferences } from '../state/preferences.svelte';

  /** The closed card cut through, heights drawn larger, under what its envelope takes. */
  interface Props {
    view: CardView;
    cut: CardView['cut'];
    envelope?: Schemas['Envelope'];
  }
  let { view, cut, envelope }: Props = $props();

  const TALLER = 5;
  const LEFT = 44;
  let width = $state(320);
  const stretches = $derived(cut.stretches);
  const scale = $derived((width - LEFT - 8) / Math.max(1, cut.lengthMm));
  const tall = $derived(Math.min(TALLER * scale, 120 / Math.max(1, view.thickestMm, envelope?.takesMm ?? 0)));
  const most = $derived(Math.max(view.thickestMm, envelope?.takesMm ?? 0) * tall);
  const foot = $derived(most + 34);
  const x = (mm: number) => LEFT + mm * scale;
  const fill = (s: Schemas['Stretch']) => {
    if (s.what === 'FOAM') return 'var(--fill-card)';
    return view.pieces.find((p) => p.key === s.key)?.colour ?? view.base.colour;
  };
  const fits = $derived(!envelope || view.thickestMm <= envelope.takesMm);
</script>

<div bind:clientWidth={width}>
  <svg
    {width}
    height={foot + 8}
    role="img"
    aria-label="Cut through along the line: {preferences.length(view.thickestMm)} at its thickest{envelope
      ? `, ${envelope.name} takes ${preferences.length(envelope.takesMm)}`
      : ''}"
  >
    {#if envelope}
      {@const y = foot - envelope.takesMm * tall}
      <path
        d="M{LEFT - 8} {y}H{width}"
        stroke={fits ? 'var(--verdigris)' : 'var(--ochre-line)'}
        stroke-width="1.5"
        stroke-dasharray="6 3"
      />
      <text
        x={width}
        y={y - 6}
        text-anchor="end"
        font-size="13"
        font-weight="700"
        fill={fits ? 'var(--verdigris)' : 'var(--ochre)'}
        >{envelope.name} takes {preferences.length(envelope.takesMm)}</text
      >
    {/if}
    {#each stretches as s, i (i)}
      <rect
        x={x(s.fromMm)}
        y={foot - s.topMm * tall}
        width={Math.max(0.5, (s.toMm - s.fromMm) * scale)}
        height={Math.max(1, (s.topMm - s.bottomMm) * tall)}
        fill={fill(s)}
        stroke="var(--soft)"
        stroke-width="0.8"
      />
    {/each}
    <path
      d="M{LEFT - 8} {foot}V{foot - view.thickestMm * tall}"
      stroke={fits ? 'var(--verdigris)' : 'var(--ochre-line)'}
      stroke-width="2"
    />
    <text
      x={LEFT - 13}
      y={foot - (view.thickestMm * tall) / 2 + 5}
      text-anchor="end"
      font-size="14"
      font-weight="700"
      fill={fits ? 'var(--verdigris)' : 'var(--ochre)'}>{preferences.lengthFigure(view.thickestMm)}</text
    >
  </svg>
</div>
