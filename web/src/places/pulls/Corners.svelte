<script lang="ts">
  /** The picture as it came, with four corners to be dragged or moved with the arrow keys. */
  interface Props {
    file: File;
    corners: number[] | undefined;
    onread: (corners: number[]) => void;
  }
  let { file, corners, onread }: Props = $props();
  const names = ['lower left', 'lower right', 'upper right', 'upper left'];
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
      corners ??
      [0.1, 0.9, 0.9, 0.9, 0.9, 0.1, 0.1, 0.1].map((share, i) => share * (i % 2 === 0 ? width : height)),
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
<p class="mb-2">Set the corners of the sheet: drag them, or move them with the arrow keys.</p>
<div role="group" aria-label="Corners" class="border-rule relative touch-none border" onpointermove={drag}>
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
          aria-label="Corner, {name}"
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
      {/each}
    </svg>
  {/if}
</div>
<button class="press press-strong mt-3" onclick={() => onread(now)}>Read it with these corners</button>
