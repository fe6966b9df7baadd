<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked, type PullView, type Schemas } from '../../api/client';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import { percent } from '../../parts/format';
  import Fold from '../../parts/Fold.svelte';
  import type { Why } from './reading.svelte';
  import { pictureOf } from './pictures';
  import Trend from './Trend.svelte';
  import WhyTicked from './WhyTicked.svelte';
  import { world } from '../../state/world.svelte';
  import { tell } from '../../state/messages.svelte';
  import { routes } from '../../state/routes.svelte';
  import { outcomeWords } from '../../logging/words';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  let { id, onchanged, onclose }: { id: string; onchanged: () => void; onclose: () => void } = $props();
  const asking = new Question<PullView>();
  const pull = $derived(asking.answer);
  let title = $state<HTMLElement>();
  const faults = new Question<Schemas['FaultView'][]>();
  $effect(() => faults.follow((signal) => asked(api.GET('/api/pulls/faults', { signal }))));
  const route = $derived(routes.of(pull?.route));
  const words = $derived(outcomeWords(route));

  $effect(() => {
    const wanted = id;
    untrack(() => void show(wanted));
  });

  async function show(id: string) {
    if (pull?.id !== id) asking.clear();
    const found = await asking.ask((signal) =>
      asked(api.GET('/api/pulls/{id}', { params: { path: { id } }, signal })),
    );
    if (!found) return;
    await tick();
    title?.focus();
  }

  async function again() {
    try {
      const saved = await world.kept(asked(api.POST('/api/pulls/{id}/set-up', { params: { path: { id } } })));
      await push(`/stack/${saved.id}`);
    } catch (trouble) {
      tell(trouble);
    }
  }

  /** The change is written down with this pull, so that the next one answers for it. */
  async function next(change: Why['best'], why: Why) {
    try {
      const params = { path: { id } };
      await asked(
        api.PUT('/api/pulls/{id}/next', { params, body: { remedy: change.remedy, shares: why.shares } }),
      );
      if (change.draft) {
        const body = { name: `${pull?.title ?? 'Pull'}, next`, draft: change.draft };
        await push(`/stack/${(await world.kept(asked(api.POST('/api/readings/next', { body })))).id}`);
      } else await show(id);
    } catch (trouble) {
      tell(trouble);
    }
  }

  async function prove() {
    if (!pull) return;
    try {
      const params = { path: { id }, query: { version: pull.version } };
      await world.kept(asked(api.POST('/api/pulls/{id}/proven', { params })));
      await show(id);
      onchanged();
      tell('This is now the proven recipe for its tool and stock.');
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<svelte:head><title>{pull ? `${pull.title} · ` : ''}Pulls · Glanzen</title></svelte:head>
<Asked question={asking}>
  {#snippet children(pull)}
    <aside
      class="border-rule lg:sticky lg:top-4 lg:self-start lg:border-l lg:pl-6"
      aria-label="Pull {pull.number}"
    >
      <div class="flex items-start justify-between gap-2">
        <h2 bind:this={title} tabindex="-1" class="text-heading leading-tight">{pull.title}</h2>
        <Button kind="quiet" class="-mt-1" onclick={onclose}>Close</Button>
      </div>
      <p class="text-soft">
        no. {pull.number}, {new Date(pull.loggedAt).toLocaleString([], {
          dateStyle: 'medium',
          timeStyle: 'short',
        })}
      </p>
      <img
        src={pictureOf(pull, 600, 400)}
        alt="The pull: {words[pull.outcome]}"
        width="600"
        height="400"
        class="border-rule mt-2 h-auto w-full border"
      />
      {#if !pull.pictured}<p class="text-soft text-tiny">
          A drawing of what you logged; there is no photo.
        </p>{/if}
      <p class="text-lead mt-2 flex items-center gap-2">
        <OutcomeMark outcome={pull.outcome} size={20} />{words[pull.outcome]}{pull.outcome !== 'CLEAN'
          ? `, ${pull.amount.toLowerCase().replace('_', ' ')}`
          : ''}
      </p>
      <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        <dt class="text-soft">how</dt>
        <dd>{route?.label}</dd>
        <dt class="text-soft">{route?.toolWord ?? 'plate'}</dt>
        <dd>{pull.plate}</dd>
        <dt class="text-soft">on</dt>
        <dd>{pull.film ? `${pull.film} on ${pull.stock}` : pull.stock}</dd>
        <dt class="text-soft">machine</dt>
        <dd>{pull.press}</dd>
        {#if pull.coverage !== undefined}<dt class="text-soft">{words.share}</dt>
          <dd>{percent(pull.coverage)}</dd>{/if}
        {#if pull.spillMm !== undefined}<dt class="text-soft">{words.excess}</dt>
          <dd>{preferences.length(pull.spillMm)}</dd>{/if}
        <dt class="text-soft">was forecast</dt>
        <dd>
          {percent(pull.expectedClean)} clean, {percent(pull.expectedOver)}
          {words.OVER}, {percent(pull.expectedUnder)}
          {words.UNDER}
        </dd>
        {#if pull.read?.verdictLabel}<dt class="text-soft">what to do</dt>
          <dd>{pull.read.verdictLabel}</dd>{/if}
        {#if pull.read?.causeLabel}<dt class="text-soft">likeliest cause</dt>
          <dd>{pull.read.causeLabel}</dd>{/if}
        {#if pull.read?.next}<dt class="text-soft">tried next</dt>
          <dd>{pull.read.next}</dd>{/if}
        {#if pull.note}<dt class="text-soft">note</dt>
          <dd>{pull.note}</dd>{/if}
      </dl>
      {#each pull.cut as said, at (at)}
        <p class="border-ochre-line bg-ochre-wash mt-2 border-l-4 px-3 py-1.5" data-testid="cut-short">
          <strong>Shortened:</strong>
          {preferences.said(said)}.
        </p>
      {/each}
      <Asked question={faults}>
        {#snippet children(list)}
          {#each list.filter((f) => pull.faults.includes(f.fault)) as fault (fault.fault)}
            <p class="border-ochre-line bg-ochre-wash mt-2 border-l-4 px-3 py-1.5">
              <strong class="first-letter:uppercase">{fault.label}.</strong> Likely {fault.cause}. Next: {fault.next}.
            </p>
          {/each}
        {/snippet}
      </Asked>
      {#if pull.read?.lesson}<p class="border-verdigris bg-verdigris-wash mt-2 border-l-4 px-3 py-1.5">
          {pull.read.lesson}
        </p>{/if}
      {#if pull.outcome !== 'CLEAN' && !pull.read?.verdict}
        <Fold title="Why it came out like this"><WhyTicked {pull} onnext={next} /></Fold>
      {/if}
      <Fold title="This recipe over time"><Trend {id} /></Fold>
      <div class="mt-4 flex flex-wrap gap-2">
        <Button kind="strong" onclick={again}>Use this set-up again</Button>
        {#if route?.film}<a class="press" href="#/pulls/read?pull={pull.id}">Read a picture of it</a>{/if}
        <Button why={pull.proven ? 'This pull is the proven recipe already.' : ''} onclick={prove}
          >{pull.proven ? 'Proven recipe' : 'Make it the proven recipe'}</Button
        >
      </div>
    </aside>
  {/snippet}
</Asked>
