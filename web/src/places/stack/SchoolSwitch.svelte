<script lang="ts">
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type Schemas } from '../../api/client';
  import { duration } from '../../parts/format';
  import { editing } from '../../state/editing.svelte';
  import { preferences } from '../../state/preferences.svelte';

  /** Where practice differs: both ways, and what each would cost on this set-up. */
  const REST_MS = 600;

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
  <section class="border-rule mt-5 border-t pt-3" aria-labelledby="schools-title" data-testid="schools">
    <h3 id="schools-title" class="label mb-1 font-sans font-normal">Where people differ</h3>
    {#each schools as school (school.key)}
      <fieldset class="border-rule border-b py-2">
        <legend class="float-left w-full">
          <strong>{school.question}</strong>
          <span class="text-soft text-fine">What decides: {school.decides}</span>
        </legend>
        <div class="clear-both grid grid-cols-2 gap-2 pt-1">
          {#each school.ways as way (way.name)}
            <button
              class="rounded-[3px] border px-3 py-1.5 text-left {way.present
                ? 'border-verdigris bg-verdigris-wash'
                : 'border-rule-strong'}"
              aria-pressed={way.present}
              onclick={() => editing.change(way.draft)}
            >
              <span class="font-bold {way.present ? 'text-verdigris' : ''}">{way.name}</span>
              <span class="text-small block">{way.twenty[1]} of 20 clean, {duration(way.seconds)}</span>
              <span class="text-soft text-fine block leading-snug">{preferences.said(way.says)}</span>
            </button>
          {/each}
        </div>
      </fieldset>
    {/each}
  </section>
{/if}
