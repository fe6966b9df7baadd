<script lang="ts">
  import { outcomeWords } from '../../logging/words';
  import { routes } from '../../state/routes.svelte';
  import type { PullView } from '../../api/client';
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import Note from '../../parts/Note.svelte';

  let { pulls }: { pulls: PullView[] } = $props();
</script>

<section aria-labelledby="latest-title">
  <div class="flex items-baseline justify-between">
    <h2 id="latest-title" class="text-heading">Last pulls</h2>
    <a class="press press-quiet" href="#/pulls">Logbook</a>
  </div>
  <Note name="bench.pulls" />
  <ul class="border-rule mt-1 grid grid-cols-3 gap-3 border-t pt-3">
    {#each pulls.slice(0, 6) as pull (pull.id)}
      <li>
        <a href="#/pulls/{pull.id}" class="block">
          <img
            src="/api/pulls/{pull.id}/picture?width=240&height=160"
            alt=""
            width="240"
            height="160"
            class="border-rule h-auto w-full border"
          />
          <span class="text-fine mt-1 flex items-center gap-1.5">
            <OutcomeMark outcome={pull.outcome} size={14} />
            <span class="truncate">{pull.title}</span>
            <span class="sr-only">{outcomeWords(routes.of(pull.route))[pull.outcome]}</span>
          </span>
        </a>
      </li>
    {:else}
      <li class="text-soft col-span-3">No pull is logged yet.</li>
    {/each}
  </ul>
</section>
