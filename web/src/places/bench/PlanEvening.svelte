<script lang="ts">
  import FormDialog from '../../parts/FormDialog.svelte';
  import { api, asked, Trouble, type SavedJob } from '../../api/client';
  import NumberField from '../../parts/NumberField.svelte';
  import Tick from '../../parts/Tick.svelte';
  import { evening } from '../../state/evening.svelte';
  import { tell } from '../../state/messages.svelte';
  import Button from '../../parts/Button.svelte';
  import TextField from '../../parts/TextField.svelte';

  /** Which jobs, which hours, how many hands. */
  let {
    open = $bindable(),
    now,
    onplanned,
  }: { open: boolean; now: string; onplanned: () => void } = $props();

  interface Row {
    day: string;
    from: string;
    to: string;
  }

  const two = (n: number) => String(n).padStart(2, '0');
  const dayOf = (d: Date) => `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
  let jobs = $state<SavedJob[]>([]);
  let wanted = $state<Record<string, boolean>>({});
  let due = $state<Record<string, string>>({});
  let rows = $state<Row[]>([]);
  let people = $state(1);
  /** From when on nothing loud is done, each day; empty for never. */
  let quietFrom = $state('');
  const QUIET_HOURS = 9;
  const USUAL = { from: '19:00', to: '21:30' };
  /** From this hour on nobody begins an evening any more: the next is proposed. */
  const LATE = 22;
  let wrong = $state('');

  $effect(() => {
    if (!open) return;
    const start = new Date(now);
    const begins = new Date(Math.ceil((start.getTime() + 60_000) / 900_000) * 900_000);
    const ends = new Date(begins.getTime() + 3 * 3_600_000);
    const last =
      ends.getDate() === begins.getDate() ? `${two(ends.getHours())}:${two(ends.getMinutes())}` : '23:45';
    rows =
      begins.getHours() < LATE
        ? [{ day: dayOf(begins), from: `${two(begins.getHours())}:${two(begins.getMinutes())}`, to: last }]
        : [{ day: dayOf(new Date(begins.getTime() + 12 * 3_600_000)), ...USUAL }];
    asked(api.GET('/api/jobs'))
      .then((found) => {
        jobs = found;
        wanted = Object.fromEntries(found.map((j) => [j.id, true]));
      })
      .catch(tell);
  });

  function another() {
    const last = rows.at(-1);
    const before = last ? new Date(`${last.day}T12:00`).getTime() : new Date(now).getTime();
    const day = new Date(before + (last ? 24 * 3_600_000 : 0));
    rows.push({ day: dayOf(day), from: last?.from ?? USUAL.from, to: last?.to ?? USUAL.to });
  }

  async function plan() {
    wrong = '';
    const body = {
      jobIds: jobs.filter((j) => wanted[j.id]).map((j) => j.id),
      hours: rows.map((r) => ({
        from: new Date(`${r.day}T${r.from}`).toISOString(),
        to: new Date(`${r.day}T${r.to}`).toISOString(),
      })),
      people,
      quiet: quietFrom
        ? rows.map((r) => {
            const from = new Date(`${r.day}T${quietFrom}`);
            return {
              from: from.toISOString(),
              to: new Date(from.getTime() + QUIET_HOURS * 3_600_000).toISOString(),
            };
          })
        : [],
      due: Object.entries(due)
        .filter(([id, at]) => at && wanted[id])
        .map(([jobId, at]) => ({ jobId, at: new Date(at).toISOString() })),
    };
    try {
      const planned = await asked(api.POST('/api/evenings', { body }));
      evening.forget();
      await evening.take(Promise.resolve(planned));
      open = false;
      onplanned();
    } catch (trouble) {
      if (trouble instanceof Trouble) wrong = trouble.message;
      else tell(trouble);
    }
  }
</script>

<FormDialog bind:open title="Plan an evening" size="md">
  <form
    class="text-ink grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void plan();
    }}
  >
    <fieldset>
      <legend class="label">Jobs, and when each is due (optional)</legend>
      {#each jobs as job (job.id)}
        <div class="mt-1 flex flex-wrap items-center justify-between gap-x-4">
          <Tick bind:checked={wanted[job.id]!}>{job.job.name}, {job.job.cards}</Tick>
          <TextField
            type="datetime-local"
            label="{job.job.name} is due"
            hideLabel
            bind:value={due[job.id]!}
          />
        </div>
      {:else}
        <p class="text-soft">
          No jobs yet. Begin one in the place Job: its pieces and what is done to each are planned.
        </p>
      {/each}
    </fieldset>
    <fieldset>
      <legend class="label">When you are at the bench</legend>
      {#each rows as row, n (n)}
        <div class="mt-1 flex flex-wrap items-center gap-2">
          <TextField type="date" label="Day" hideLabel bind:value={row.day} required />
          <TextField type="time" label="From" hideLabel bind:value={row.from} required />
          <span>to</span>
          <TextField type="time" label="To" hideLabel bind:value={row.to} required />
          {#if rows.length > 1}
            <Button kind="quiet" class="text-soft" onclick={() => rows.splice(n, 1)}>Remove</Button>
          {/if}
        </div>
      {/each}
      <Button kind="quiet" class="mt-1" onclick={another}>More hours</Button>
    </fieldset>
    <TextField class="max-w-60" label="Quiet from (optional)" type="time" bind:value={quietFrom} />
    <div class="max-w-40">
      <NumberField label="People" name="people" whole value={people} onvalue={(n) => (people = n)} />
    </div>
    {#if wrong}<p role="alert" class="text-ochre">{wrong}</p>{/if}
    <Button type="submit" kind="strong" class="justify-self-start">Make the plan</Button>
  </form>
</FormDialog>
