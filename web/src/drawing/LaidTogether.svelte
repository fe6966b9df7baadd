<script lang="ts">
  import type { Schemas } from '../api/client';

  /** What goes through at once, as it lies, to scale; the feed runs upwards. */
  let { lay, height = 150 }: { lay: Schemas['Lay']; height?: number } = $props();
  const scale = $derived(height / lay.heightMm);
  const label = $derived(
    `Where they lie: ${lay.things.map((t) => `${t.tool} for ${t.piece} of ${t.job}`).join(', ')}`,
  );
</script>

<figure class="flex items-end gap-3">
  <svg
    width={lay.widthMm * scale}
    {height}
    viewBox="0 0 {lay.widthMm} {lay.heightMm}"
    role="img"
    aria-label={label}
  >
    <rect
      width={lay.widthMm}
      height={lay.heightMm}
      fill="var(--paper)"
      stroke="var(--rule-strong)"
      vector-effect="non-scaling-stroke"
    />
    {#each lay.things as thing, n (n)}
      <g transform="translate(0 {lay.heightMm}) scale(1 -1)">
        <path
          d={thing.outline}
          fill="var(--blotter)"
          stroke="var(--ink)"
          stroke-width="1.5"
          vector-effect="non-scaling-stroke"
        />
      </g>
    {/each}
  </svg>
  <figcaption class="text-soft text-fine max-w-64">
    {#each lay.things as thing, n (n)}
      <span class="block">{thing.tool}: {thing.piece}, {thing.job}</span>
    {/each}
  </figcaption>
</figure>
