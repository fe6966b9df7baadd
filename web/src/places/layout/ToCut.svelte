<script lang="ts">
  import Tick from '../../parts/Tick.svelte';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type Draft, type Schemas } from '../../api/client';
  import NumberField from '../../parts/NumberField.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import SheetDrawing from './SheetDrawing.svelte';

  /** What is cut for a number of cards, and out of how many sheets. */
  let { draft, id }: { draft: Draft; id?: string } = $props();
  let cards = $state(1);
  let turnable = $state(true);

  const asking = new Question<Schemas['CutView']>();
  const plan = $derived(asking.answer);
  $effect(() => {
    const params = { query: { cards, turnable } };
    return asking.follow((signal) => asked(api.POST('/api/layouts/cuts', { params, body: draft, signal })));
  });
</script>

<section aria-labelledby="cut-title">
  <h2 id="cut-title" class="sr-only">Cut list</h2>
  <div class="flex items-end gap-4">
    <NumberField
      label="How many cards"
      name="cards"
      class="w-24"
      whole
      min={1}
      max={1000}
      value={cards}
      onvalue={(count) => (cards = count)}
    />
    <div class="pb-2">
      <Tick checked={!turnable} ontick={(kept) => (turnable = !kept)}>keep the grain</Tick>
    </div>
  </div>
  <Asked question={asking} />
  {#if plan}
    <dl class="mt-3">
      {#each plan.lines as line, i (i)}
        <div class="border-rule flex justify-between gap-3 border-b py-1.5">
          <dt>
            {line.count} × {line.kind === 'STOCK' ? plan.stock.name : `foil for ${line.what}`}
            {#if line.trimmedShort}<span class="text-soft text-fine block"
                >trimmed short, so that tape grips past it</span
              >{/if}
          </dt>
          <dd class="figure text-right whitespace-nowrap">
            {preferences.lengthFigure(line.widthMm)} × {preferences.length(line.heightMm)}
          </dd>
        </div>
      {/each}
    </dl>
    {#if id}<a class="press press-quiet -ml-2" href="/api/layouts/{id}/cuts.csv?cards={cards}" download
        >Export CSV</a
      >{/if}
    <SheetDrawing plan={plan.stock} unit="sheet" />
    {#if plan.foil}<SheetDrawing plan={plan.foil} unit="length" />{/if}
  {/if}
</section>
