<script lang="ts">
  import type { PullView } from '../../api/client';
  import Slide from '../../parts/Slide.svelte';

  /** Two pulls of one plate laid on each other, with a line between them that moves across. */
  let { left, right }: { left: PullView; right: PullView } = $props();
  let share = $state(50);
  const source = (pull: PullView) => `/api/pulls/${pull.id}/straight`;
</script>

<figure>
  <div class="border-rule relative overflow-hidden border">
    <img src={source(left)} alt="Pull {left.number}, seen straight from above" class="block h-auto w-full" />
    <img
      src={source(right)}
      alt="Pull {right.number}, seen straight from above"
      class="absolute inset-0 h-full w-full"
      style:clip-path="inset(0 0 0 {share}%)"
    />
    <div class="bg-verdigris pointer-events-none absolute inset-y-0 w-0.5" style:left="{share}%"></div>
  </div>
  <figcaption class="mt-1 grid grid-cols-[auto_1fr_auto] items-center gap-3">
    <span>no. {left.number}</span>
    <Slide label="How much of no. {left.number} is seen" max={100} step={1} bind:value={share} />
    <span>no. {right.number}</span>
  </figcaption>
</figure>
