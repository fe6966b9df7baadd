<svelte:options namespace="svg" />

<script lang="ts">
  import type { Measure } from '../api/client';
  import { preferences } from '../state/preferences.svelte';
  import { px, py, type Frame } from './frame';

  /** A distance with its ends and its figure, which stands beside the line where the line is short. */
  let { measure, frame }: { measure: Measure; frame: Frame } = $props();
  const level = $derived(Math.abs(measure.y1 - measure.y2) < 0.01);
  const [x1, y1] = $derived([px(frame, measure.x1), py(frame, measure.y1)]);
  const [x2, y2] = $derived([px(frame, measure.x2), py(frame, measure.y2)]);
  const text = $derived(preferences.gapFigure(measure.mm));
  const wide = $derived(text.length * 8.4 + 10);
  const long = $derived(Math.hypot(x2 - x1, y2 - y1));
  const fits = $derived(level ? long > wide + 14 : long > 34);
  const at = $derived<[number, number]>([
    (x1 + x2) / 2 + (level || fits ? 0 : wide / 2 + 8),
    (y1 + y2) / 2 + (level && !fits ? -17 : 0),
  ]);
</script>

<g aria-hidden="true" pointer-events="none">
  <path
    d="M{x1} {y1}L{x2} {y2}{level
      ? `M${x1} ${y1 - 5}v10M${x2} ${y2 - 5}v10`
      : `M${x1 - 5} ${y1}h10M${x2 - 5} ${y2}h10`}"
    stroke="var(--verdigris)"
    stroke-width="1.6"
    fill="none"
  />
  <rect
    x={at[0] - wide / 2}
    y={at[1] - 11}
    width={wide}
    height="22"
    rx="2"
    fill="var(--paper)"
    opacity="0.94"
  />
  <text x={at[0]} y={at[1] + 5} text-anchor="middle" font-size="15" font-weight="700" fill="var(--verdigris)"
    >{text}</text
  >
</g>
