<script lang="ts">
  import Pick from '../../parts/Pick.svelte';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type Draft, type LayoutView, type Schemas } from '../../api/client';
  import { editing } from '../../state/editing.svelte';
  import { laying } from '../../state/laying.svelte';
  import { outlines } from '../../state/outlines.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import LeftoverDrawing from '../../drawing/LeftoverDrawing.svelte';
  import PatchworkFinder from '../../cutting/PatchworkFinder.svelte';
  import Button from '../../parts/Button.svelte';

  /** Which leftover still has foil for a design, smallest first. */
  let { view, draft }: { view: LayoutView; draft: Draft } = $props();
  const SHOWN = 4;
  const plate = $derived(view.plates.find((p) => laying.chosen.includes(p.key)) ?? view.plates[0]);
  const taken = $derived(view.layout.plates.find((p) => p.key === plate?.key)?.foil);

  const asking = new Question<Schemas['FinderView']>();
  const finder = $derived(asking.answer);
  $effect(() => {
    const key = plate?.key;
    if (!key) return;
    const params = { query: { key } };
    return asking.follow((signal) =>
      asked(api.POST('/api/layouts/leftovers', { params, body: draft, signal })),
    );
  });

  function fresh() {
    const plates = view.layout.plates.map((p) => (p.key === plate?.key ? { ...p, foil: undefined } : p));
    laying.part({ plates });
  }
</script>

<section aria-labelledby="leftover-title">
  {#if view.plates.length > 1}
    <Pick
      label="Foil for"
      value={plate?.key}
      items={view.plates.map((p) => ({ id: p.key, name: p.name }))}
      onchoose={(key) => (laying.chosen = [key])}
    />
  {/if}
  <Asked question={asking} />
  {#if finder && plate}
    <h2 id="leftover-title" class="text-lead mt-2">
      {finder.found.length === 0
        ? `No leftover covers ${plate.name}`
        : `${finder.found.length} of ${finder.searched} leftover${finder.searched === 1 ? '' : 's'} cover${finder.found.length === 1 ? 's' : ''} ${plate.name}`}
    </h2>
    {#if taken}
      <p class="mt-1">
        Its foil comes from a leftover.
        <Button kind="quiet" onclick={fresh}>Cut a fresh piece instead</Button>
      </p>
    {/if}
    <ul>
      {#each finder.found.slice(0, SHOWN) as found, at (at)}
        <li class="border-rule border-b py-3">
          <LeftoverDrawing
            leftover={found.leftover}
            design={outlines.of(plate.plateId)}
            placing={found.placing}
          />
          <div class="mt-1 flex items-center justify-between gap-2">
            <p class="text-small min-w-0 leading-snug">
              <strong>{found.leftover.name}</strong><br />
              <span class="text-soft"
                >middle {preferences.length(found.from.xMm)} from the left, {preferences.length(
                  found.from.yMm,
                )} up{found.from.degrees > 0 ? `, turned ${found.from.degrees}°` : ''}; {preferences.area(
                  found.restCm2,
                )} stay</span
              >
            </p>
            <Button
              why={taken?.leftoverId === found.leftover.id ? 'This set-up uses it already.' : ''}
              aria-label="{taken?.leftoverId === found.leftover.id ? 'In use:' : 'Use'} {found.leftover.name}"
              onclick={() => editing.part({ layout: found.layout })}
              >{taken?.leftoverId === found.leftover.id ? 'In use' : 'Use'}</Button
            >
          </div>
        </li>
      {/each}
    </ul>
    {#if finder.found.length === 0}
      <p class="text-soft mt-1">Cut a fresh piece from the roll; the cut list says how large.</p>
    {/if}
  {/if}
  <PatchworkFinder />
</section>
