<script lang="ts" module>
  import type { Schemas } from '../api/client';
  export type Entry = Pick<
    Schemas['LogEntry'],
    'outcome' | 'amount' | 'coverage' | 'spillMm' | 'faults' | 'note' | 'keepFoil'
  >;
</script>

<script lang="ts">
  import { untrack } from 'svelte';
  import Tick from '../parts/Tick.svelte';
  import FormDialog from '../parts/FormDialog.svelte';
  import { api, asked, token, Trouble, trouble, type RouteView } from '../api/client';
  import Asked from '../asking/Asked.svelte';
  import { Question } from '../asking/question.svelte';
  import OutcomeMark from '../drawing/OutcomeMark.svelte';
  import Choice from '../parts/Choice.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { readings } from '../parts/readings';
  import { kit } from '../state/kit.svelte';
  import { tell } from '../state/messages.svelte';
  import { preferences } from '../state/preferences.svelte';
  import { outcomeWords } from './words';
  import Button from '../parts/Button.svelte';
  import FileField from '../parts/FileField.svelte';
  import Note from '../parts/Note.svelte';

  /** How one pull came out. Made anew for each pull, so that nothing of another one stands in it. */
  interface Props {
    title: string;
    route: RouteView | undefined;
    log: (entry: Entry) => Promise<string>;
    readOff?: () => Promise<Schemas['ScanView']>;
    /** Where a picture of it is read, if one can be. */
    reading?: string;
    /** What was cut short in its run. */
    cut?: string[];
    /** What is known already. */
    start?: Partial<Entry>;
    onclose: () => void;
    ondone: (id: string) => void;
  }
  let { title, route, log, readOff, reading: readAt, cut = [], start, onclose, ondone }: Props = $props();

  let entry = $state<Entry>({
    outcome: 'CLEAN',
    amount: 'A_LITTLE',
    faults: [],
    note: '',
    keepFoil: true,
    ...untrack(() => start),
  });
  let picture = $state<FileList>();
  let wrong = $state<Schemas['Problem'][]>([]);
  let general = $state('');
  let busy = $state(false);
  const reading = readings();
  const known = new Question<Schemas['FaultView'][]>();
  $effect(() => known.follow((signal) => asked(api.GET('/api/pulls/faults', { signal }))));
  const words = $derived(outcomeWords(route));
  const outcomes = $derived<[Entry['outcome'], string][]>([
    ['CLEAN', words.CLEAN],
    ['UNDER', words.UNDER],
    ['OVER', words.OVER],
    ['BOTH', 'both'],
  ]);

  function error(field: string) {
    const found = wrong.find((w) => w.field === field);
    return found ? `${found.message}. Accepted: ${found.accepted}` : '';
  }

  async function scan() {
    try {
      Object.assign(entry, await readOff?.());
    } catch (trouble) {
      tell(trouble);
    }
  }

  async function photograph(id: string) {
    const file = picture?.[0];
    if (!file) return;
    const body = new FormData();
    body.append('picture', file);
    const headers = { 'X-XSRF-TOKEN': token() };
    const response = await fetch(`/api/pulls/${id}/picture`, { method: 'POST', body, headers });
    // The pull itself is kept; only its picture was refused.
    if (!response.ok) tell(trouble(response.status, await response.json()));
  }

  async function save() {
    if (busy) return;
    [wrong, general] = [[], ''];
    busy = true;
    try {
      if (!(await reading.settled())) {
        general = "One of the entries can't be read. Nothing was logged.";
        return;
      }
      const id = await log($state.snapshot(entry));
      await photograph(id);
      await kit.changed();
      onclose();
      ondone(id);
    } catch (problem) {
      if (problem instanceof Trouble) [wrong, general] = [problem.fields, problem.message];
      else tell(problem);
    } finally {
      busy = false;
    }
  }
</script>

<FormDialog {title} size="md" {onclose}>
  <Note name="run.log" />
  <div class="text-ink grid gap-4">
    <div class="flex flex-wrap items-end justify-between gap-4">
      <div class="flex items-center gap-4">
        <OutcomeMark outcome={entry.outcome} size={34} />
        <Choice
          label="How did it come out?"
          value={entry.outcome}
          options={outcomes}
          onchoose={(o) => (entry.outcome = o)}
        />
      </div>
      {#if readAt}<a class="press" href={readAt}>Read it from a picture</a>{/if}
      {#if readOff}<Button onclick={scan}>Read it with the simulated scanner</Button>{/if}
    </div>
    {#each cut as said, at (at)}
      <p class="border-ochre-line bg-ochre-wash border-l-4 px-3 py-2">
        <strong>Shortened in this run:</strong>
        {preferences.said(said)}.
      </p>
    {/each}
    {#if entry.outcome !== 'CLEAN'}
      <Choice
        label="How far off?"
        value={entry.amount}
        options={[
          ['A_LITTLE', 'a little'],
          ['A_LOT', 'a lot'],
        ]}
        onchoose={(a) => (entry.amount = a)}
      />
    {/if}
    <div class="grid gap-4 sm:grid-cols-2">
      <NumberField
        label="{words.share.charAt(0).toUpperCase()}{words.share.slice(1)} (if you read it off)"
        unit="%"
        name="coverage"
        min={0}
        max={100}
        value={entry.coverage === undefined ? undefined : Math.round(1000 * entry.coverage) / 10}
        error={error('coverage')}
        onvalue={(percent) => (entry.coverage = percent / 100)}
        onclear={() => (entry.coverage = undefined)}
      />
      <QuantityField
        kind="LENGTH"
        label="{words.excess.charAt(0).toUpperCase()}{words.excess.slice(1)} (if you read it off)"
        name="spillMm"
        value={entry.spillMm}
        error={error('spillMm')}
        onvalue={(v) => (entry.spillMm = v)}
        onclear={() => (entry.spillMm = undefined)}
      />
    </div>
    <fieldset>
      <legend class="label mb-1">What else do you see?</legend>
      <div class="grid gap-x-6 sm:grid-cols-2">
        <Asked question={known}>
          {#snippet children(list)}
            {#each list.filter((f) => !route || f.routes.includes(route.route)) as fault (fault.fault)}
              <Tick
                class="py-1"
                checked={entry.faults.includes(fault.fault)}
                ontick={(seen) =>
                  (entry.faults = entry.faults
                    .filter((f) => f !== fault.fault)
                    .concat(seen ? fault.fault : []))}
              >
                <span
                  >{fault.label}{#if entry.faults.includes(fault.fault)}<span
                      class="text-soft text-fine block">Likely {fault.cause}. Next: {fault.next}.</span
                    >{/if}</span
                >
              </Tick>
            {/each}
          {/snippet}
        </Asked>
      </div>
    </fieldset>
    {#if !route || route.film}
      <Tick checked={entry.keepFoil ?? false} ontick={(keep) => (entry.keepFoil = keep)}>
        Keep the {route?.film === 'FLOCK' ? 'flock' : 'foil'} that was cut for it as a leftover, with what it gave
      </Tick>
    {/if}
    <label class="label"
      >Note <textarea class="w-full px-2 py-1.5" rows="2" bind:value={entry.note}></textarea></label
    >
    <FileField label="Picture, up to 20 MB" accept="image/*" keeps onfiles={(files) => (picture = files)} />
    {#if general}<p role="alert" class="border-ochre-line bg-ochre-wash border-l-4 px-3 py-2">
        {general}
      </p>{/if}
    <Button kind="strong" disabled={busy} onclick={save}>{busy ? 'Logging…' : 'Log this pull'}</Button>
  </div>
</FormDialog>
