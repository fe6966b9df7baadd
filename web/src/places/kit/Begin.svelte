<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, asked, refusal, type Schemas } from '../../api/client';
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import { marks } from '../../drawing/twenty';
  import Fold from '../../parts/Fold.svelte';
  import TextField from '../../parts/TextField.svelte';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { routes } from '../../state/routes.svelte';
  import { Beginning } from './beginning.svelte';
  import KindDrawing from './KindDrawing.svelte';
  import SvgOutline from '../../shelving/SvgOutline.svelte';
  import Button from '../../parts/Button.svelte';

  /** What looks like one's own is chosen here, and its first pull forecast meanwhile. */
  const beginning = new Beginning();
  const begun = $derived(beginning.asking.answer);
  const expected = $derived(begun?.report?.expected);
  const route = $derived(routes.of(begun?.draft?.route));
  const stops = $derived(
    (begun?.report?.findings ?? []).filter((f) => f.weight === 'STOP' || f.weight === 'WARN'),
  );
  // Read once: what is kept here ends the beginning.
  const first = kit.empty;
  let keeping = $state(false);
  /** Why it cannot be kept yet. */
  const short = $derived.by(() => {
    if (beginning.chosen.length === 0) return 'Choose first what you own.';
    if (first && begun && !begun.draft)
      return `For a first pull there is still missing: ${begun.missing.join(', ')}.`;
    return '';
  });

  $effect(() => {
    beginning.load().catch(tell);
  });
  $effect(() => {
    if (beginning.groups.length > 0) void [beginning.body, beginning.preview()];
  });

  function drawn(read: Schemas['ReadOutline']) {
    beginning.plate = { ...read.plate, name: 'Drawn plate' };
    beginning.chosen = beginning.chosen.filter((id) => id !== 'plate-words');
  }

  async function keep() {
    keeping = true;
    try {
      const kept = await beginning.keep();
      await kit.changed();
      await push(kept.setUpId ? `/stack/${kept.setUpId}` : '/kit');
    } catch (trouble) {
      tell(refusal(trouble));
      keeping = false;
    }
  }

  async function demoShelf() {
    try {
      await asked(api.POST('/api/beginnings/demo-shelf'));
      await kit.changed();
      await push('/bench?new');
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<svelte:head><title>A new workshop · Glanzen</title></svelte:head>
<div class="flex min-h-full flex-col px-4 pt-5 md:px-8">
  <p class="label">{first ? 'First, what' : 'What else'} stands on your bench?</p>
  <h1 class="text-display leading-tight">Choose what looks like yours</h1>
  <p class="text-soft mt-1">
    Its usual figures come with it. Measure later; until then the forecast is less certain.
  </p>

  {#each beginning.groups as { group, label, kinds } (group)}
    <section aria-labelledby="begin-{group}" class="mt-5">
      <h2 id="begin-{group}" class="text-heading {group === 'MACHINE' ? 'sr-only' : ''}">{label}</h2>
      {#if group === 'MACHINE'}
        <div class="grid grid-cols-[repeat(auto-fill,minmax(164px,1fr))] gap-3">
          {#each kinds as kind (kind.id)}
            {@const on = beginning.has(kind.id)}
            <Button
              kind="row"
              class="relative flex flex-col justify-start rounded-[3px] p-3 text-left {on
                ? 'bg-paper outline-verdigris outline-2'
                : 'outline-rule hover:bg-paper outline-1'} outline -outline-offset-1"
              aria-pressed={on}
              onclick={() => beginning.toggle(kind)}
            >
              <KindDrawing {kind} />
              {#if on}
                <svg class="absolute top-2 right-2" width="22" height="22" aria-hidden="true"
                  ><path d="M3 12l6 6L20 5" fill="none" stroke="var(--verdigris)" stroke-width="3" /></svg
                >
              {/if}
              <strong class="mt-1 block leading-tight">{kind.name}</strong>
              <span class="text-soft text-fine block leading-snug">{preferences.said(kind.says)}</span>
            </Button>
          {/each}
        </div>
      {:else}
        <div class="mt-2 flex flex-wrap gap-2">
          {#each kinds as kind (kind.id)}
            {@const on = beginning.has(kind.id)}
            <Button
              kind="row"
              class="rounded-[3px] border px-3 py-1.5 {on
                ? 'border-verdigris bg-verdigris-wash text-verdigris font-semibold'
                : 'border-rule-strong bg-paper'}"
              aria-pressed={on}
              title={preferences.said(kind.says)}
              onclick={() => beginning.toggle(kind)}>{preferences.said(kind.name)}</Button
            >
          {/each}
        </div>
      {/if}
    </section>
  {/each}
  <div class="mt-4 flex flex-wrap items-end gap-x-8 gap-y-2">
    {#if beginning.has('plate-words')}
      <TextField
        label="The plate says"
        name="words"
        class="w-64"
        value={beginning.says}
        oninput={(text) => (beginning.words = text)}
      />
    {/if}
    <Fold title="Draw a plate from a file">
      <SvgOutline onread={drawn} />
      {#if beginning.plate}
        <Button kind="quiet" onclick={() => (beginning.plate = undefined)}>Remove</Button>
      {/if}
    </Fold>
  </div>

  <div
    class="bg-blotter border-rule sticky bottom-0 mt-auto flex flex-wrap items-center gap-x-6 gap-y-2 border-t py-4 max-md:bottom-[50px]"
  >
    <Button
      kind="strong"
      class="text-lead min-h-12 px-6"
      why={short}
      disabled={keeping || (first && !begun?.draft && !short)}
      onclick={keep}>{first ? 'See the first pull' : 'Save to my shelves'}</Button
    >
    <div class="min-w-0 flex-1 basis-[320px]" role="status" data-testid="first-pull">
      {#if beginning.asking.trouble}
        <p class="text-ochre">{refusal(beginning.asking.trouble)}</p>
      {:else if first && begun && !begun.draft}
        <p>{short}</p>
      {:else if expected && route}
        <p class="flex flex-wrap items-center gap-x-2">
          <span class="figure text-heading">{expected.twenty.clean} of 20</span>
          <span>would come out {route.good}, untried; after three pulls of yours it knows better</span>
        </p>
        <p class="mt-1 flex" aria-hidden="true">
          {#each marks(expected.twenty) as mark, i (i)}<OutcomeMark outcome={mark} size={16} />{/each}
        </p>
      {/if}
      {#each stops as found (found.rule)}
        <p class="text-ochre">
          {preferences.said(found.what)}. <span class="text-soft">{preferences.said(found.why)}.</span>
        </p>
      {/each}
    </div>
    <div class="flex gap-2">
      <a class="press press-quiet" href="#/kit/presses">Enter my own figures</a>
      <Button kind="quiet" onclick={demoShelf}>Take the demo’s shelf</Button>
    </div>
  </div>
</div>
