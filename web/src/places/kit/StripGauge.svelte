<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';

  /** Where the opening lies against its label, and how sure that is. */
  let { measured, labelMm }: { measured: Schemas['Measured']; labelMm: number } = $props();
  let width = $state(520);
  const x = $derived(
    scaleLinear()
      .domain([labelMm - 0.4, labelMm + 0.4])
      .range([10, width - 10])
      .clamp(true),
  );
  const bell = $derived.by(() => {
    const sd = Math.max(0.01, measured.openingSdMm);
    let d = `M${x(labelMm - 0.4)} 50`;
    for (let i = 0; i <= 80; i++) {
      const mm = labelMm - 0.4 + i / 100;
      const z = (mm - measured.openingMm) / sd;
      d += `L${x(mm)} ${50 - 40 * Math.exp((-z * z) / 2)}`;
    }
    return `${d}L${x(labelMm + 0.4)} 50Z`;
  });
</script>

<div bind:clientWidth={width}>
  <svg {width} height="76" role="img" aria-label="Opening {preferences.length(measured.openingMm)}">
    <path d={bell} fill="var(--verdigris-wash)" stroke="var(--verdigris)" />
    <line x1="0" x2={width} y1="50" y2="50" stroke="var(--rule-strong)" />
    <line x1={x(labelMm)} x2={x(labelMm)} y1="8" y2="56" stroke="var(--ink)" stroke-dasharray="3 3" />
    <text x={x(labelMm)} y="71" text-anchor="middle" font-size="14" fill="var(--soft)"
      >label {preferences.length(labelMm)}</text
    >
  </svg>
</div>
