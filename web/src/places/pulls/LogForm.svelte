<script lang="ts" module>
  import type { Schemas } from '../../api/client';
  export type Entry = Pick<
    Schemas['LogEntry'],
    'outcome' | 'amount' | 'coverage' | 'spillMm' | 'faults' | 'note' | 'keepFoil'
  >;
</script>

<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { api, asked, token, Trouble, trouble, type RouteView } from '../../api/client';
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import Choice from '../../parts/Choice.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { outcomeWords } from './words';

  interface Props {
    open: boolean;
    title: string;
    route: RouteView | undefined;
    log: (entry: Entry) => Promise<string>;
    readOff?: () => Promise<{ coverage: number; spillMm: number }>;
    ondone: (id: string) => void;
  }
  let { open = $bindable(), title, route, log, readOff, ondone }: Props = $props();

  let outcome = $state<Entry['outcome']>('CLEAN');
  let amount = $state<Entry['amount']>('A_LITTLE');
  let coverage = $state('');
  let spillMm = $state<number>();
  let faults = $state<Entry['faults']>([]);
  let note = $state('');
  let keepFoil = $state(true);
  let picture = $state<FileList>();
  let wrong = $state<Schemas['Problem'][]>([]);
  let general = $state('');
  let busy = $state(false);
  const known = asked(api.GET('/api/pulls/faults'));
  const at = (field: string) => wrong.find((w) => w.field === field);
  const words = $derived(outcomeWords(route));
  const outcomes = $derived<[Entry['outcome'], string][]>([
    ['CLEAN', words.CLEAN],
    ['UNDER', words.UNDER],
    ['OVER', words.OVER],
    ['BOTH', 'both'],
  ]);

  async function scan() {
    const seen = await readOff?.();
    if (!seen) return;
    coverage = String(Math.round(seen.coverage * 100));
    spillMm = seen.spillMm;
    const [under, over] = [seen.coverage < 0.97, seen.spillMm > 0.2];
    outcome = under ? (over ? 'BOTH' : 'UNDER') : over ? 'OVER' : 'CLEAN';
    amount = seen.coverage < 0.85 || seen.spillMm > 0.35 ? 'A_LOT' : 'A_LITTLE';
  }

  async function photograph(id: string) {
    const file = picture?.[0];
    if (!file) return;
    const body = new FormData();
    body.append('picture', file);
    const headers = { 'X-XSRF-TOKEN': token() };
    const response = await fetch(`/api/pulls/${id}/picture`, { method: 'POST', body, headers });
    // The pull itself is kept; only its picture was refused.
    if (!response.ok) tell(new Error(trouble(response.status, await response.json()).message));
  }

  async function save() {
    busy = true;
    [wrong, general] = [[], ''];
    try {
      const share =
        coverage.trim() === '' ? undefined : Number(coverage.replace('%', '').replace(',', '.')) / 100;
      if (share !== undefined && !(share >= 0 && share <= 1)) {
        throw new Trouble(422, '', [
          { field: 'coverage', message: 'is not a share', accepted: '0 to 100 %' },
        ]);
      }
      const id = await log({ outcome, amount, coverage: share, spillMm, faults, note, keepFoil });
      await photograph(id);
      await kit.load();
      open = false;
      ondone(id);
    } catch (problem) {
      if (problem instanceof Trouble) [wrong, general] = [problem.fields, problem.message];
      else tell(problem);
    } finally {
      busy = false;
    }
  }
</script>

<Modal bind:open {title} size="md">
  <div class="text-ink grid gap-4">
    <div class="flex flex-wrap items-end justify-between gap-4">
      <div class="flex items-center gap-4">
        <OutcomeMark {outcome} size={34} />
        <Choice
          label="How did it come out?"
          value={outcome}
          options={outcomes}
          onchoose={(o) => (outcome = o)}
        />
      </div>
      {#if readOff}<button class="press" onclick={scan}>Read it off the simulated scanner</button>{/if}
    </div>
    {#if outcome !== 'CLEAN'}
      <Choice
        label="How far off?"
        value={amount}
        options={[
          ['A_LITTLE', 'a little'],
          ['A_LOT', 'a lot'],
        ]}
        onchoose={(a) => (amount = a)}
      />
    {/if}
    <div class="grid gap-4 sm:grid-cols-2">
      <label class="label"
        ><span class="inline-block first-letter:uppercase">{words.share}</span>, % (if you read it off)
        <input
          class="w-full px-2 py-1.5"
          inputmode="decimal"
          bind:value={coverage}
          aria-invalid={at('coverage') ? 'true' : undefined}
        />
        {#if at('coverage')}<span class="text-ochre"
            >{at('coverage')?.message}. Accepted: {at('coverage')?.accepted}.</span
          >{/if}
      </label>
      <QuantityField
        kind="LENGTH"
        label="{words.excess.charAt(0).toUpperCase()}{words.excess.slice(1)} (if you read it off)"
        name="spillMm"
        value={spillMm}
        error={at('spillMm') ? `${at('spillMm')?.message}. Accepted: ${at('spillMm')?.accepted}` : ''}
        onvalue={(v) => (spillMm = v)}
      />
    </div>
    <fieldset>
      <legend class="label mb-1">What else do you see?</legend>
      <div class="grid gap-x-6 sm:grid-cols-2">
        {#await known then list}
          {#each list as fault (fault.fault)}
            <label class="flex cursor-pointer gap-2 py-1">
              <input type="checkbox" class="mt-1 size-4" value={fault.fault} bind:group={faults} />
              <span
                >{fault.label}{#if faults.includes(fault.fault)}<span class="text-soft block text-[14px]"
                    >Likely {fault.cause}. Next: {fault.next}.</span
                  >{/if}</span
              >
            </label>
          {/each}
        {/await}
      </div>
    </fieldset>
    {#if !route || route.film}
      <label class="flex items-center gap-2">
        <input type="checkbox" class="size-4" bind:checked={keepFoil} />Keep the {route?.film === 'FLOCK'
          ? 'flock'
          : 'foil'} that was cut for it as a leftover, with what it gave
      </label>
    {/if}
    <label class="label"
      >Note <textarea class="w-full px-2 py-1.5" rows="2" bind:value={note}></textarea></label
    >
    <label class="label"
      >Picture, up to 20 MB <input
        type="file"
        accept="image/*"
        class="block w-full"
        bind:files={picture}
      /></label
    >
    {#if general}<p role="alert" class="border-ochre-line bg-ochre-wash border-l-4 px-3 py-2">
        {general}
      </p>{/if}
    <button class="press press-strong" disabled={busy} onclick={save}
      >{busy ? 'Logging…' : 'Put it in the logbook'}</button
    >
  </div>
</Modal>
