<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Expected } from '../api/client';
  import OutcomeMark from './OutcomeMark.svelte';

  /** From too little to too much, with the clean zone, the present pull and its spread, and the last pulls as ticks. */
  interface Props {
    window: Expected['window'];
    /** What a good pull is called on this route. */
    good?: string;
    onmove?: (position: number) => void;
  }
  let { window: zone, good = 'clean', onmove }: Props = $props();

  const FROM = -1;
  const TO = 2;
  const STEP = 0.05;
  let width = $state(440);
  let dragged = $state<number>();
  const x = $derived(
    scaleLinear()
      .domain([FROM, TO])
      .range([6, width - 6])
      .clamp(true),
  );
  const here = $derived(dragged ?? zone.middle);
  const word = $derived(here < 0 ? 'too little' : here > 1 ? 'too much' : 'in the clean zone');

  function at(event: PointerEvent) {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    return Math.max(FROM, Math.min(TO, x.invert(event.clientX - box.left)));
  }

  function release() {
    if (dragged !== undefined) onmove?.(dragged);
    dragged = undefined;
  }

  function key(event: KeyboardEvent) {
    const by = event.key === 'ArrowLeft' ? -STEP : event.key === 'ArrowRight' ? STEP : 0;
    if (by !== 0) {
      event.preventDefault();
      const start = Math.max(FROM, Math.min(TO, here));
      dragged = Math.max(FROM, Math.min(TO, start + by * (event.altKey ? 0.2 : 1)));
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      release();
    } else if (event.key === 'Escape') dragged = undefined;
  }
</script>

<div class="relative h-[76px] touch-none select-none" bind:clientWidth={width}>
  <div
    role="slider"
    tabindex="0"
    aria-label="Where the pull lies from too little to too much. Arrows choose a place, Enter asks for the cheapest change that gets there."
    aria-valuemin={FROM}
    aria-valuemax={TO}
    aria-valuenow={Math.round(Math.max(FROM, Math.min(TO, here)) * 100) / 100}
    aria-valuetext={word}
    class="absolute inset-0 cursor-ew-resize"
    onpointerdown={(e) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      dragged = at(e);
    }}
    onpointermove={(e) => {
      if (dragged !== undefined && e.buttons) dragged = at(e);
    }}
    onpointerup={release}
    onpointercancel={() => (dragged = undefined)}
    onkeydown={key}
    onblur={() => (dragged = undefined)}
  >
    <svg {width} height="76" aria-hidden="true">
      <rect x="0" y="20" width={width / 2} height="16" fill="var(--under-wash)" />
      <rect x={width / 2} y="20" width={width / 2} height="16" fill="var(--over-wash)" />
      {#if zone.open}
        <rect x={x(0)} y="20" width={x(1) - x(0)} height="16" fill="var(--clean-wash)" />
      {/if}
      <rect
        x={x(zone.low)}
        y="26"
        width={Math.max(2, x(zone.high) - x(zone.low))}
        height="4"
        rx="2"
        fill="var(--rule-strong)"
      />
      {#each zone.ticks as tick, at (at)}
        <line
          x1={x(tick.position)}
          x2={x(tick.position)}
          y1="32"
          y2="42"
          stroke="var(--ink)"
          stroke-width="1.6"
        />
      {/each}
      <g transform="translate({x(here)} 0)">
        <path d="M-7 4h14l-7 9z" fill={dragged === undefined ? 'var(--ink)' : 'var(--verdigris)'} />
        <line
          y1="12"
          y2="40"
          stroke={dragged === undefined ? 'var(--ink)' : 'var(--verdigris)'}
          stroke-width="2.4"
        />
      </g>
      <text x="0" y="70" fill="var(--under)" font-size="14">too little</text>
      <text x={(x(0) + x(1)) / 2} y="70" fill="var(--clean)" font-size="14" text-anchor="middle"
        >{zone.open ? good : 'nowhere clean on this backing'}</text
      >
      <text x={width} y="70" fill="var(--over)" font-size="14" text-anchor="end">too much</text>
    </svg>
    {#each zone.ticks as tick, at (at)}
      <span
        class="absolute top-[41px] -translate-x-1/2"
        style:left="{x(tick.position)}px"
        title="pull {tick.number}"
      >
        <OutcomeMark outcome={tick.outcome} size={11} />
      </span>
    {/each}
  </div>
</div>
