<script lang="ts">
  /** A reading under way: what is done about now, and a way out of it. */
  let { pictures, oncancel }: { pictures: number; oncancel: () => void } = $props();
  // About how long each part of a reading takes with a picture of twelve megapixels, in seconds.
  const parts: [string, number][] = [
    ['Finding the sheet and the design…', 1.1],
    ['Telling foil from stock…', 0.9],
    ['Measuring along the edges…', 0.6],
    ['Weighing the causes…', 0.8],
  ];
  let seconds = $state(0);
  const whole = $derived(parts.reduce((sum, [, each]) => sum + each, 0) * Math.max(1, pictures));
  const now = $derived.by(() => {
    let left = seconds / Math.max(1, pictures);
    return parts.find(([, each]) => (left -= each) < 0)?.[0] ?? 'Nearly there…';
  });

  $effect(() => {
    const timer = setInterval(() => (seconds += 0.2), 200);
    return () => clearInterval(timer);
  });
</script>

<div class="my-3 flex flex-wrap items-center gap-4">
  <p role="status" class="min-w-[17rem]">{now}</p>
  <progress
    class="accent-verdigris h-2 w-40"
    max={whole}
    value={Math.min(seconds, 0.97 * whole)}
    aria-label="Reading"
  ></progress>
  <button class="press press-quiet" onclick={oncancel}>Cancel</button>
</div>
