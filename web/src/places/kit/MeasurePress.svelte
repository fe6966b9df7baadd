<script lang="ts">
  import FormDialog from '../../parts/FormDialog.svelte';
  import { api, asked, refusal, type Press, type Schemas } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import Choice from '../../parts/Choice.svelte';
  import NumberField from '../../parts/NumberField.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { readings } from '../../parts/readings';
  import { kit } from '../../state/kit.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import StripGauge from './StripGauge.svelte';
  import Button from '../../parts/Button.svelte';

  /** A guided few minutes with card strips at left, middle and right. */
  let { press, version, onclose }: { press: Press; version: number; onclose: () => void } = $props();
  type Pulled = Schemas['Trial']['left'];
  const PLACES = ['left', 'middle', 'right'] as const;
  const PULLED: [Pulled, string][] = [
    ['SLIPS', 'slips out'],
    ['DRAGS', 'drags'],
    ['TEARS', 'tears'],
  ];

  const reading = readings();
  let counts = $state<Record<string, number>>({});
  let trials = $state<Schemas['Trial'][]>([]);
  /** Wide enough to hold, narrow enough to tell one place from the next. */
  const STRIP_MM = 15;

  let now = $state<Schemas['Trial']>({ stripMm: 0.3, left: 'DRAGS', middle: 'DRAGS', right: 'DRAGS' });
  const boards = $derived(
    kit.inUse('boards').filter((b) => b.thicknessMm >= vocabulary.now.limits.carriesMm),
  );
  const boardIds = $derived(boards.flatMap((b) => Array.from({ length: counts[b.id] ?? 0 }, () => b.id)));
  const sum = $derived(boards.reduce((mm, b) => mm + b.thicknessMm * (counts[b.id] ?? 0), 0));

  const weighing = new Question<Schemas['Measured']>();
  const measured = $derived(weighing.trouble ? undefined : weighing.answer);
  const wrong = $derived(weighing.trouble ? refusal(weighing.trouble, 'The boards together:') : '');

  $effect(() => {
    if (boardIds.length === 0) return;
    const params = { path: { pressId: press.id } };
    const body = { boardIds, trials: $state.snapshot(trials) };
    return weighing.follow((signal) =>
      asked(api.POST('/api/rigs/presses/{pressId}/strips', { params, body, signal })),
    );
  });
  $effect(() => {
    if (measured) now.stripMm = measured.nextMm;
  });

  async function note() {
    if (!(await reading.settled())) return;
    trials = [...trials, { ...$state.snapshot(now) }];
  }

  async function keep() {
    if (!(await reading.settled())) return;
    try {
      const params = { path: { pressId: press.id }, query: { version } };
      await asked(
        api.PUT('/api/rigs/presses/{pressId}/strips', {
          params,
          body: { boardIds, trials: $state.snapshot(trials) },
        }),
      );
      await kit.changed();
      tell(`${press.name} is measured. Forecasts follow.`);
      onclose();
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<FormDialog title="Measure {press.name}" size="lg" {onclose}>
  <div class="text-ink grid gap-6 md:grid-cols-2">
    <section>
      <h3 class="text-lead">1. Nearly fill the opening, cold</h3>
      <p class="text-soft">
        The opening is {preferences.length(press.openingMm)} by its label. Lay boards that come to a little less:
        <strong class="text-ink">{preferences.length(sum)}</strong> now.
      </p>
      <ul class="mt-2 max-h-[270px] overflow-y-auto" tabindex="-1">
        {#each boards as b (b.id)}
          <li class="border-rule flex items-center justify-between gap-2 border-t py-1">
            <span>{b.name}, {preferences.length(b.thicknessMm)}</span>
            <NumberField
              label="How many: {b.name}"
              name="counts.{b.id}"
              hideLabel
              class="w-16"
              whole
              min={0}
              max={b.owned}
              value={counts[b.id] ?? 0}
              onvalue={(count) => (counts[b.id] = count)}
            />
          </li>
        {/each}
      </ul>
      {#if wrong}<p role="alert" class="text-ochre mt-2">{wrong}</p>{/if}
    </section>
    <section>
      <h3 class="text-lead">2. Pull three strips</h3>
      <p class="text-soft">
        Card strips {preferences.length(STRIP_MM)} wide on top, at the left, in the middle and at the right, their
        ends looking out. Let the rollers hold them and pull each. Never force the press.
      </p>
      <div class="mt-2 grid gap-2">
        <QuantityField
          kind="LENGTH"
          label="Each strip, perhaps of several layers"
          name="stripMm"
          value={now.stripMm}
          onvalue={(v) => (now.stripMm = v)}
        />
        {#each PLACES as place (place)}
          <Choice
            label={place === 'middle' ? 'In the middle it' : `At the ${place} it`}
            value={now[place]}
            options={PULLED}
            onchoose={(p) => (now[place] = p)}
          />
        {/each}
        <div class="flex gap-2">
          <Button
            why={boardIds.length === 0 ? 'Say first how many of each board lie in the press.' : ''}
            disabled={!measured}
            onclick={note}>Add this trial</Button
          >
          <Button
            kind="quiet"
            why={trials.length === 0 ? 'No trial is noted yet.' : ''}
            onclick={() => (trials = trials.slice(0, -1))}>Undo last</Button
          >
        </div>
      </div>
    </section>
  </div>
  {#if measured}
    <section class="border-rule text-ink border-t pt-3" aria-live="polite">
      <h3 class="text-lead">
        3. What {trials.length === 0
          ? 'the label says'
          : trials.length === 1
            ? 'one trial tells'
            : `${trials.length} trials tell`}
      </h3>
      <StripGauge {measured} labelMm={press.openingMm} />
      <p>
        Opening <strong>{preferences.length(measured.openingMm)}</strong>, give or take {preferences.length(
          measured.openingSdMm,
        )}. Roller give <strong>{measured.crown.toFixed(2)}</strong>, give or take {measured.crownSd.toFixed(
          2,
        )}.
        {#if measured.holdsHarder}
          The {measured.holdsHarder.toLowerCase()} side holds harder: turn the boards, then look again.
        {/if}
      </p>
      <p class="text-soft">
        Try {preferences.length(measured.nextMm)} next: it tells most.
      </p>
      <Button
        kind="strong"
        class="mt-2"
        why={trials.length === 0 ? 'Note one trial first: it is what measures the press.' : ''}
        onclick={keep}>Save for this press</Button
      >
    </section>
  {/if}
</FormDialog>
