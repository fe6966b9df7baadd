<script lang="ts">
  import Fold from '../../parts/Fold.svelte';
  import AddHere from '../../shelving/AddHere.svelte';
  import Input from 'flowbite-svelte/Input.svelte';
  import Pick from '../../parts/Pick.svelte';
  import type { LayoutView } from '../../api/client';
  import { kit } from '../../state/kit.svelte';
  import { editing } from '../../state/editing.svelte';
  import { laying } from '../../state/laying.svelte';
  import { routes } from '../../state/routes.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** What is held true, and where it is said in words. */
  let { view }: { view: LayoutView } = $props();
  let words = $state('');
  const route = $derived(routes.of(editing.draft?.route));
  const all = $derived([...view.plates, ...view.cuts]);
  const chosen = $derived(all.filter((p) => laying.chosen.includes(p.key)));
  const named = $derived(chosen.map((p) => p.name).join(', '));
  const example = $derived(
    preferences.now.length === 'MM'
      ? 'baseline 31 mm from the bottom, centred'
      : 'baseline 1 3/8 in from the bottom, centred',
  );

  async function place() {
    await laying.do({ kind: 'PLACE', text: words });
    if (!laying.wrong) words = '';
  }
</script>

<section aria-labelledby="held-title">
  <h2 id="held-title" class="label font-sans font-normal">Position</h2>
  <ul>
    {#each all as plate (plate.key)}
      {@const on = laying.chosen.includes(plate.key)}
      <li class="border-rule border-b">
        <Button
          kind="row"
          class="w-full rounded-none px-2 py-1.5 text-left {on ? 'bg-verdigris-wash' : ''}"
          aria-pressed={on}
          onclick={(e) => {
            if (e.shiftKey || e.ctrlKey) laying.choose(plate.key, true);
            else laying.chosen = [plate.key];
          }}
        >
          <strong>{plate.name}</strong>
          <span class="text-soft text-small block leading-snug"
            >{plate.words.map(preferences.said).join(', ')}</span
          >
        </Button>
      </li>
    {/each}
  </ul>
  {#if chosen.length > 0}
    <form
      class="mt-3"
      onsubmit={(e) => {
        e.preventDefault();
        place();
      }}
    >
      <label class="label block" for="words">Place {named}</label>
      <div class="flex gap-1">
        <Input
          id="words"
          class="min-w-0 flex-1 rounded-[3px] px-2 py-1.5 text-(length:--text-body) focus:ring-0"
          placeholder={example}
          bind:value={words}
          aria-invalid={laying.wrong ? 'true' : undefined}
          aria-describedby={laying.wrong ? 'words-wrong' : undefined}
        />
        <Button type="submit" why={words.trim() ? '' : 'Say first where it goes.'}>Place</Button>
      </div>
      {#if laying.wrong}<p id="words-wrong" role="alert" class="text-ochre text-fine mt-1">
          {laying.wrong}
        </p>{/if}
    </form>
    <div class="mt-2 flex flex-wrap gap-1">
      <Button kind="quiet" onclick={() => laying.do({ kind: 'TURN' })}>Turn a quarter</Button>
      {#if chosen.length > 1}
        <Button kind="quiet" onclick={() => laying.do({ kind: 'ONE_AXIS' })}>On one axis</Button>
      {/if}
      {#if chosen.length > 2}
        <Button kind="quiet" onclick={() => laying.do({ kind: 'SAME_GAPS' })}>Same gaps</Button>
      {/if}
      <Button
        kind="quiet"
        why={view.plates.some((p) => !laying.chosen.includes(p.key))
          ? ''
          : 'A layout keeps at least one design.'}
        onclick={() => laying.do({ kind: 'REMOVE' })}>Remove</Button
      >
    </div>
  {:else}
    <p class="text-soft text-small mt-2">Choose a design to place it; with Shift several.</p>
  {/if}
  <div class="mt-2">
    <Pick
      id="add-plate"
      label="Add a plate"
      hideLabel
      none="Add a plate…"
      value=""
      items={kit.inUse('plates').filter((p) => route?.tools.includes(p.kind))}
      adds
      onchoose={(plateId) => laying.do({ kind: 'ADD', plateId })}
    />
    <Fold title="Not on the shelf yet?" class="mt-2">
      <div class="mt-2">
        <AddHere
          fits={({ things }) => things.plates.some((p) => p.kind === 'PLATE')}
          shelf="plates"
          onadded={({ plates }) => plates[0] && laying.do({ kind: 'ADD', plateId: plates[0].id })}
        />
      </div>
    </Fold>
  </div>
</section>
