<script lang="ts">
  /** A panel of gel: white when wet, clear when dry, the stock showing through. */
  let { dryness, clear, stock }: { dryness: number; clear: boolean; stock: string } = $props();
</script>

<svg width="72" height="92" viewBox="0 0 72 92" aria-hidden="true" class="shrink-0">
  <rect x="1" y="1" width="70" height="90" fill={stock} stroke="var(--rule-strong)" />
  <path
    d="M8 8h56v26c0 9 -6 7 -7 16c-1 12 -8 12 -9 0c-1 -9 -7 -7 -8 3c-1 20 -9 20 -10 0c-1 -9 -8 -11 -9 -2c-1 8 -6 8 -7 0c-1 -8 -6 -8 -6 -16z"
    fill="#ffffff"
    fill-opacity={Math.max(0.12, 1 - dryness)}
    stroke="var(--soft)"
    stroke-width={clear ? 1.4 : 0.8}
    stroke-dasharray={clear ? '3 2' : undefined}
  />
</svg>
