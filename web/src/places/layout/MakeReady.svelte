<script lang="ts">
  import Pick from '../../parts/Pick.svelte';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type Draft, type LayoutView, type Schemas } from '../../api/client';
  import TwentyPulls from '../../drawing/TwentyPulls.svelte';
  import { sentence } from '../../drawing/twenty';
  import { editing } from '../../state/editing.svelte';
  import { laying } from '../../state/laying.svelte';
  import Button from '../../parts/Button.svelte';
  import Term from '../../parts/Term.svelte';

  /** Patches behind weak places, with the forecast after patching. */
  let { view, draft }: { view: LayoutView; draft: Draft } = $props();
  type Where = 'AS_FORECAST' | 'MIDDLE' | 'LEFT' | 'RIGHT' | 'UPPER' | 'LOWER';
  const PLACES: [Where, string][] = [
    ['AS_FORECAST', 'where the forecast is weak'],
    ['MIDDLE', 'in the middle, as I saw'],
    ['LEFT', 'on the left, as I saw'],
    ['RIGHT', 'on the right, as I saw'],
    ['UPPER', 'at the top, as I saw'],
    ['LOWER', 'at the bottom, as I saw'],
  ];
  let where = $state<Where>('AS_FORECAST');
  const now = $derived(editing.answer?.expected);

  const asking = new Question<Schemas['PatchView'][]>();
  const proposals = $derived(asking.answer);
  $effect(() => {
    const params = { query: { where } };
    return asking.follow((signal) =>
      asked(api.POST('/api/layouts/make-ready', { params, body: draft, signal })),
    );
  });
</script>

<section aria-labelledby="ready-title">
  <h2 id="ready-title" class="label font-sans font-normal"><Term word="make-ready" label="Make-ready" /></h2>
  <Pick label="The pull is weak" bind:value={where} items={PLACES.map(([id, name]) => ({ id, name }))} />
  {#if now}<div class="[&_h2]:text-body! mt-3"><TwentyPulls expected={now} /></div>{/if}
  {#if view.layout.patches.length > 0}
    <Button kind="quiet" class="mt-2 -ml-2" onclick={() => laying.part({ patches: [] })}
      >Remove the patches</Button
    >
  {/if}
  <Asked question={asking} />
  {#if proposals}
    <ul class="mt-3">
      {#each proposals as p, at (at)}
        <li class="border-rule flex items-center gap-3 border-t py-2">
          <p class="min-w-0 flex-1">
            <strong>{p.name}</strong> behind it<br />
            <span class="text-soft">{sentence(p.expected.twenty)}</span>
          </p>
          <Button aria-label="Use {p.name} as the patch" onclick={() => editing.part({ layout: p.layout })}
            >Use</Button
          >
        </li>
      {:else}
        <li class="border-rule border-t py-2">
          No place is clearly weaker than the rest. More soak or a shim helps all of it.
        </li>
      {/each}
    </ul>
  {/if}
</section>
