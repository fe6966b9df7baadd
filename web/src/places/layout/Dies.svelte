<script lang="ts">
  import Pick from '../../parts/Pick.svelte';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type Draft, type LayoutView, type Schemas } from '../../api/client';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { kit } from '../../state/kit.svelte';
  import { laying } from '../../state/laying.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import PartialCut from '../../cutting/PartialCut.svelte';
  import Button from '../../parts/Button.svelte';

  /** Which die of a nested set goes round the design, and whether the ground runs past the cut. */
  interface Props {
    view: LayoutView;
    draft: Draft;
    ontrial: (path: string) => void;
  }
  let { view, draft, ontrial }: Props = $props();

  const dies = $derived(kit.inUse('plates').filter((p) => p.kind === 'THIN_DIE'));
  const sets = $derived([...new Set(dies.map((d) => d.set).filter((s) => s !== ''))]);
  let set = $state('');
  let leastMm = $state(2);
  let mostMm = $state(8);
  const stencils = $derived(kit.inUse('plates').filter((p) => p.kind === 'STENCIL'));
  /** A plate that is laid, or a stencil by its id. */
  let ground = $state('');
  const stencilId = $derived(stencils.some((s) => s.id === ground) ? ground : undefined);
  const asking = new Question<Schemas['DieView'][]>();
  const tried = $derived(asking.answer ?? []);
  const keys = $derived(
    laying.chosen.filter((k) => view.plates.some((p) => p.key === k)).length > 0
      ? laying.chosen.filter((k) => view.plates.some((p) => p.key === k))
      : view.plates.filter((p) => p.key !== ground).map((p) => p.key),
  );

  $effect(() => {
    if (!sets.includes(set)) set = sets[0] ?? '';
  });
  $effect(() => {
    if (!set || keys.length === 0) return;
    const groundKeys = ground && !stencilId ? [ground] : [];
    const body = { draft, keys, groundKeys, stencilId, set, leastMm, mostMm };
    return asking.follow((signal) => asked(api.POST('/api/layouts/dies', { body, signal })));
  });
  $effect(() => ontrial(tried.find((d) => d.fits)?.path ?? ''));
</script>

<section aria-labelledby="dies-title">
  <h2 id="dies-title" class="sr-only">Dies</h2>
  {#if sets.length === 0}
    <p class="text-soft">No nested set is in your kit. Name a set on its dies to compare them here.</p>
  {:else}
    <Pick label="Nested set" bind:value={set} items={sets.map((s) => ({ id: s, name: s }))} />
    <div class="mt-2 grid grid-cols-2 gap-2">
      <QuantityField
        kind="LENGTH"
        label="Border at least"
        name="least"
        value={leastMm}
        onvalue={(v) => (leastMm = v)}
      />
      <QuantityField
        kind="LENGTH"
        label="and at most"
        name="most"
        value={mostMm}
        onvalue={(v) => (mostMm = v)}
      />
    </div>
    {#if view.plates.length > 1 || stencils.length > 0}
      <div class="mt-2">
        <Pick
          label="Ground that must run past the cut"
          none="none"
          bind:value={ground}
          items={[
            ...view.plates.map((p) => ({ id: p.key, name: p.name })),
            ...stencils.map((s) => ({ id: s.id, name: `${s.name}, stencil` })),
          ]}
        />
      </div>
    {/if}
    <Asked question={asking} />
    <ul class="mt-2" aria-live="polite">
      {#each tried as die, at (at)}
        <li class="border-rule border-b py-2 {die.fits ? '' : 'text-soft'}">
          <div class="flex items-center gap-2">
            <span class="figure text-large w-7">{die.number}</span>
            <Button kind="row" class="min-w-0 flex-1 text-left" onclick={() => ontrial(die.path)}>
              <strong class={die.fits ? 'text-clean' : ''}>{die.name}</strong>{die.fits ? ', fits' : ''}<br />
              <span class="text-small">
                {die.clears
                  ? `border ${preferences.gap(die.leastMm)} where it is tightest`
                  : `cuts ${preferences.gap(-die.leastMm)} into the design`}{die.bleed
                  ? die.bleed.past
                    ? `; the ground runs ${preferences.gap(die.bleed.leastMm)} past it`
                    : `; the ground ends ${preferences.gap(-die.bleed.leastMm)} short of it`
                  : ''}
              </span>
            </Button>
            <Button
              aria-label="Use {die.name}"
              onclick={() => laying.do({ kind: 'ADD_CUT', plateId: die.dieId, keys: keys.slice(0, 1) })}
              >Use</Button
            >
          </div>
        </li>
      {/each}
    </ul>
    <p class="text-soft text-fine mt-1">Numbers count from the largest.</p>
  {/if}
  <PartialCut {dies} />
</section>
