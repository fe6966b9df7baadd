<script lang="ts">
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type Schemas } from '../../api/client';
  import Fold from '../../parts/Fold.svelte';
  import { duration } from '../../parts/format';
  import { editing } from '../../state/editing.svelte';
  import { routes } from '../../state/routes.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** Where practice differs: each question opens on its ways, and what each would cost on this set-up. */
  const REST_MS = 600;

  let opened = $state('');
  const good = $derived(routes.of(editing.draft?.route)?.good ?? 'clean');
  const asking = new Question<Schemas['SchoolView'][]>();
  const schools = $derived(asking.answer ?? []);
  $effect(() => {
    const body = editing.draft;
    if (!body || !editing.answer?.expected) return;
    const timer = setTimeout(
      () => void asking.ask((signal) => asked(api.POST('/api/schools', { body, signal }))),
      REST_MS,
    );
    return () => {
      clearTimeout(timer);
      asking.abort();
    };
  });
</script>

{#if schools.length > 0}
  <section class="border-rule border-t pt-3" aria-labelledby="schools-title" data-testid="schools">
    <h2 id="schools-title" class="label mb-1 font-sans font-normal">Where people differ</h2>
    {#each schools as school (school.key)}
      {@const now = school.ways.find((w) => w.present)}
      <Fold
        class="border-rule border-b py-1.5"
        titleClass="text-ink"
        title="{school.question} {now ? `Here: ${now.name}.` : ''}"
        bind:open={() => opened === school.key, (open) => (opened = open ? school.key : '')}
      >
        <p class="text-soft text-small mt-1">What decides: {school.decides}</p>
        <div class="grid grid-cols-[repeat(auto-fit,minmax(190px,1fr))] gap-2 pt-1 pb-1">
          {#each school.ways as way, at (at)}
            <Button
              kind="row"
              class="rounded-[3px] border px-3 py-1.5 text-left {way.present
                ? 'border-verdigris bg-verdigris-wash'
                : 'border-rule-strong'}"
              aria-pressed={way.present}
              onclick={() => editing.change(way.draft)}
            >
              <span class="font-bold {way.present ? 'text-verdigris' : ''}">{way.name}</span>
              <span class="text-small block">{way.twenty.clean} of 20 {good}, {duration(way.seconds)}</span>
              <span class="text-soft text-fine block leading-snug">{preferences.said(way.says)}</span>
            </Button>
          {/each}
        </div>
      </Fold>
    {/each}
  </section>
{/if}
