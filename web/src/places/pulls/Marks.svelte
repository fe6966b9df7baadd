<script lang="ts">
  import { api, asked, type Schemas } from '../../api/client';
  import Choice from '../../parts/Choice.svelte';
  import { Question } from '../../asking/question.svelte';
  import type { Marked, Which } from './reading.svelte';
  import Button from '../../parts/Button.svelte';

  /** The picture as it came, with four corners or two ends of the design to be dragged or moved with the arrow keys. */
  interface Props {
    file: File;
    which: Which;
    corners: number[] | undefined;
    onread: (marked: Marked) => void;
  }
  let { file, which, corners, onread }: Props = $props();
  let kind = $state<Marked['kind']>('corners');
  const asking = new Question<Schemas['Ends']>();
  $effect(() => {
    const params = { query: which };
    return asking.follow((signal) => asked(api.GET('/api/readings/ends', { params, signal })));
  });
  const names = $derived(
    kind === 'corners' ? ['lower left', 'lower right', 'upper right', 'upper left'] : ['A', 'B'],
  );
  const beginning = $derived(
    kind === 'corners' ? [0.1, 0.9, 0.9, 0.9, 0.9, 0.1, 0.1, 0.1] : [0.25, 0.6, 0.75, 0.4],
  );
  let source = $state('');
  let image = $state<HTMLImageElement>();
  let width = $state(0);
  let height = $state(0);
  let moved = $state<number[]>();
  let held = $state<number>();

  $effect(() => {
    const url = URL.createObjectURL(file);
    source = url;
    moved = undefined;
    return () => URL.revokeObjectURL(url);
  });

  const now = $derived(
    moved ??
      (kind === 'corners' ? corners : undefined) ??
      beginning.map((share, i) => share * (i % 2 === 0 ? width : height)),
  );

  function place(i: number, x: number, y: number) {
    const next = [...now];
    next[2 * i] = Math.max(0, Math.min(width, x));
    next[2 * i + 1] = Math.max(0, Math.min(height, y));
    moved = next;
  }

  function drag(event: PointerEvent) {
    const box = image?.getBoundingClientRect();
    if (held === undefined || !box) return;
    place(
      held,
      ((event.clientX - box.left) / box.width) * width,
      ((event.clientY - box.top) / box.height) * height,
    );
  }

  function key(event: KeyboardEvent, i: number) {
    const by = event.shiftKey ? 20 : 2;
    const way = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[
      event.key
    ];
    if (!way) return;
    event.preventDefault();
    place(i, now[2 * i]! + way[0]!, now[2 * i + 1]! + way[1]!);
  }
</script>

<svelte:window onpointerup={() => (held = undefined)} />
<div class="mb-2 flex flex-wrap items-end justify-between gap-4">
  <Choice
    label="What is in the picture?"
    value={kind}
    options={[
      ['corners', 'all four corners of the sheet'],
      ['ends', 'only the design'],
    ]}
    onchoose={(chosen) => {
      kind = chosen;
      moved = undefined;
    }}
  />
  {#if kind === 'ends' && asking.answer}
    {@const e = asking.answer}
    {@const top = e.bottomMm + e.heightMm}
    <svg
      viewBox="{e.leftMm} 0 {e.widthMm} {e.heightMm}"
      class="border-rule bg-paper h-28 border"
      role="img"
      aria-label="The design, with its ends A and B"
    >
      <g transform="matrix(1 0 0 -1 0 {top})">
        <path d={e.design} fill="var(--rule-strong)" fill-rule="evenodd" />
        {#each [0, 1] as i (i)}
          <circle
            cx={e.ends[2 * i]}
            cy={e.ends[2 * i + 1]}
            r={e.widthMm / 40}
            fill="none"
            stroke="var(--verdigris)"
            stroke-width={e.widthMm / 120}
          />
        {/each}
      </g>
      {#each ['A', 'B'] as name, i (name)}
        <text
          x={e.ends[2 * i]! + (e.ends[2 * i]! > e.leftMm + e.widthMm / 2 ? -e.widthMm / 14 : e.widthMm / 40)}
          y={top - e.ends[2 * i + 1]! + e.heightMm / 30}
          font-size={Math.min(e.widthMm, e.heightMm) / 8}
          font-weight="bold"
          fill="var(--ink)">{name}</text
        >
      {/each}
    </svg>
  {/if}
</div>
<p class="mb-2">
  {kind === 'corners'
    ? 'Set the corners of the sheet: drag them, or move them with the arrow keys.'
    : 'Set A and B where these two points of the design are seen.'}
</p>
<div
  role="group"
  aria-label={kind === 'corners' ? 'Corners' : 'Ends of the design'}
  class="border-rule relative touch-none border"
  onpointermove={drag}
>
  <img
    bind:this={image}
    src={source}
    alt="The pull, as it came"
    class="block h-auto w-full select-none"
    draggable="false"
    onload={(e) => {
      width = e.currentTarget instanceof HTMLImageElement ? e.currentTarget.naturalWidth : 0;
      height = e.currentTarget instanceof HTMLImageElement ? e.currentTarget.naturalHeight : 0;
    }}
  />
  {#if width > 0}
    <svg
      viewBox="0 0 {width} {height}"
      class="pointer-events-none absolute inset-0 h-full w-full"
      aria-hidden="true"
    >
      <polygon
        points={now.join(' ')}
        fill="none"
        stroke="var(--verdigris)"
        stroke-width={width / 300}
        stroke-dasharray="{width / 80} {width / 120}"
      />
    </svg>
    <svg viewBox="0 0 {width} {height}" class="absolute inset-0 h-full w-full">
      {#each names as name, i (name)}
        <rect
          role="slider"
          tabindex="0"
          aria-label={kind === 'corners' ? `Corner, ${name}` : `End ${name}`}
          aria-valuenow={Math.round(now[2 * i]!)}
          aria-valuetext="{Math.round(now[2 * i]!)} right, {Math.round(now[2 * i + 1]!)} down"
          x={now[2 * i]! - width / 60}
          y={now[2 * i + 1]! - width / 60}
          width={width / 30}
          height={width / 30}
          fill="var(--paper)"
          stroke="var(--verdigris)"
          stroke-width={width / 250}
          class="cursor-move"
          onpointerdown={(e) => {
            e.preventDefault();
            held = i;
          }}
          onkeydown={(e) => key(e, i)}
        />
        {#if kind === 'ends'}
          <text
            x={now[2 * i]! + width / 45}
            y={now[2 * i + 1]! - width / 45}
            font-size={width / 28}
            font-weight="bold"
            fill="var(--paper)"
            stroke="var(--ink)"
            stroke-width={width / 400}
            paint-order="stroke"
            aria-hidden="true">{name}</text
          >
        {/if}
      {/each}
    </svg>
  {/if}
</div>
<Button kind="strong" class="mt-3" onclick={() => onread({ kind, px: now })}
  >{kind === 'corners' ? 'Read it with these corners' : 'Read it with these ends'}</Button
>
