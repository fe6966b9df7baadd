<script lang="ts">
  import { api, asked, type Draft, type Schemas } from '../../api/client';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import SheetDrawing from './SheetDrawing.svelte';

  /** What is cut for a number of cards, and out of how many sheets. */
  let { draft }: { draft: Draft } = $props();
  let cards = $state(1);
  let turnable = $state(true);
  let plan = $state<Schemas['CutView']>();
  let wrong = $state('');

  $effect(() => {
    const question = new AbortController();
    const params = { query: { cards, turnable } };
    asked(api.POST('/api/layouts/cuts', { params, body: draft, signal: question.signal }))
      .then((found) => {
        plan = found;
        wrong = '';
      })
      .catch((trouble) => {
        if (question.signal.aborted) return;
        if (trouble instanceof Error) wrong = trouble.message;
        else tell(trouble);
      });
    return () => question.abort();
  });
</script>

<section aria-labelledby="cut-title">
  <h2 id="cut-title" class="sr-only">What to cut</h2>
  <div class="flex items-end gap-4">
    <label class="label"
      >How many cards
      <input
        type="number"
        min="1"
        max="1000"
        class="w-24 px-2 py-1.5"
        value={cards}
        onchange={(e) => (cards = Math.max(1, Math.min(1000, e.currentTarget.valueAsNumber || 1)))}
      /></label
    >
    <label class="flex items-center gap-2 pb-2 text-[15px]"
      ><input
        type="checkbox"
        class="size-4"
        checked={!turnable}
        onchange={(e) => (turnable = !e.currentTarget.checked)}
      />keep the grain</label
    >
  </div>
  {#if wrong}<p role="alert" class="text-ochre mt-2">{wrong}</p>{/if}
  {#if plan}
    <dl class="mt-3">
      {#each plan.lines as line, i (i)}
        <div class="border-rule flex justify-between gap-3 border-b py-1.5">
          <dt>
            {line.count} × {line.kind === 'STOCK' ? plan.stock.name : `foil for ${line.what}`}
            {#if line.trimmedShort}<span class="text-soft block text-[14px]"
                >trimmed short, so that tape grips past it</span
              >{/if}
          </dt>
          <dd class="figure text-right whitespace-nowrap">
            {preferences.lengthFigure(line.widthMm)} × {preferences.length(line.heightMm)}
          </dd>
        </div>
      {/each}
    </dl>
    <SheetDrawing plan={plan.stock} unit="sheet" />
    {#if plan.foil}<SheetDrawing plan={plan.foil} unit="length" />{/if}
  {/if}
</section>
