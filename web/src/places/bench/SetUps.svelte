<script lang="ts">
  import { api, asked, type RouteView, type SavedSetUp } from '../../api/client';
  import { kit } from '../../state/kit.svelte';
  import { routes } from '../../state/routes.svelte';
  import { throwing } from '../../state/throwing.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import Dropdown from 'flowbite-svelte/Dropdown.svelte';
  import DropdownItem from 'flowbite-svelte/DropdownItem.svelte';
  import SetUpThumb from '../../drawing/SetUpThumb.svelte';
  import TakeIn from '../../starting/TakeIn.svelte';
  import TextField from '../../parts/TextField.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  interface Props {
    setUps: SavedSetUp[];
    onstart: () => void;
    onchanged: () => Promise<void>;
  }
  let { setUps, onstart, onchanged }: Props = $props();

  // A long list is looked through by what it needs; a short one, and what was used last, is seen at a glance.
  const MANY = 8;
  let shown = $state<RouteView['group'] | ''>('');
  const there = $derived(setUps.filter((s) => !throwing.gone.includes(s.id)));
  const groups = $derived(
    vocabulary.now.groups
      .map((g) => ({ ...g, setUps: there.filter((s) => routes.of(s.draft.route)?.group === g.group) }))
      .filter((g) => g.setUps.length > 0),
  );
  let sought = $state('');
  const listed = $derived(
    (groups.find((g) => g.group === shown)?.setUps ?? there).filter((s) =>
      `${s.name} ${made(s)}`.toLowerCase().includes(sought.trim().toLowerCase()),
    ),
  );

  let all = $state(false);
  /** Those used last; all of them where something is looked for. */
  const seen = $derived(all || sought.trim() ? listed : listed.slice(0, MANY));

  function named(setUp: SavedSetUp, kind: 'FILM' | 'STOCK') {
    const layer = setUp.draft.layers.find((l) => l.kind === kind);
    return layer ? kit.item(layer) : undefined;
  }

  /** Route, tool, film and stock in a line. */
  function made(setUp: SavedSetUp) {
    const film = named(setUp, 'FILM')?.name;
    const stock = named(setUp, 'STOCK')?.name;
    const what = [kit.tool(setUp.draft)?.name, film && stock ? `${film} on ${stock}` : stock];
    return [routes.of(setUp.draft.route)?.label, ...what].filter(Boolean).join(' · ');
  }

  function remove({ id, version, name }: SavedSetUp) {
    const params = { path: { id }, query: { version } };
    throwing.away(
      id,
      `“${name}” is deleted. Its pulls stay in the logbook.`,
      () => asked(api.DELETE('/api/set-ups/{id}', { params, keepalive: true })),
      () => void onchanged(),
    );
  }
</script>

<section aria-labelledby="setups-title" class="mt-7">
  <div class="flex flex-wrap items-end justify-between gap-x-4">
    <h2 id="setups-title" class="text-heading">Set-ups</h2>
    {#if there.length > MANY}
      <div class="flex flex-wrap" role="group" aria-label="Show set-ups">
        {#each [{ group: '' as const, inShort: '', name: 'all', setUps: there }, ...groups] as g (g.group)}
          <Button
            kind="quiet"
            class="min-h-8 {g.group === shown ? 'underline underline-offset-4' : 'font-normal'}"
            aria-pressed={g.group === shown}
            title={g.name}
            onclick={() => (shown = g.group)}>{g.inShort || 'all'} {g.setUps.length}</Button
          >
        {/each}
      </div>
      <TextField
        class="w-52"
        label="Search set-ups"
        name="sought"
        value={sought}
        oninput={(text) => (sought = text)}
      />
    {/if}
    <div>
      <TakeIn />
      <Button kind="quiet" onclick={onstart}>New (N)</Button>
    </div>
  </div>
  <Note name="bench.setups" />
  <ul class="mt-3 grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
    {#each seen as setUp (setUp.id)}
      <li class="bg-paper border-rule hover:border-verdigris relative border">
        <a class="block min-w-0 p-3 pb-2" href="#/stack/{setUp.id}">
          <span class="flex justify-center pb-2"><SetUpThumb draft={setUp.draft} wide={180} high={84} /></span
          >
          <span class="flex items-baseline justify-between gap-2 leading-tight">
            <strong class="text-verdigris">{setUp.name}</strong>
            {#if setUp.proven}<span class="border-clean text-clean text-tiny border px-1.5">proven</span>{/if}
          </span>
          <span class="text-soft text-fine line-clamp-2 leading-snug">{made(setUp)}</span>
        </a>
        <div class="absolute top-0 right-0">
          <Button
            id="more-{setUp.id}"
            kind="quiet"
            class="text-soft"
            aria-haspopup="menu"
            aria-label="More about “{setUp.name}”">⋯</Button
          >
          <Dropdown
            simple
            placement="bottom-end"
            triggeredBy="#more-{setUp.id}"
            class="border-rule bg-paper border"
          >
            <DropdownItem aria-label="Export… “{setUp.name}”" href="/api/set-ups/{setUp.id}/parcel" download
              >Export…</DropdownItem
            >
            <DropdownItem aria-label="Delete “{setUp.name}”" onclick={() => remove(setUp)}
              >Delete</DropdownItem
            >
          </Dropdown>
        </div>
      </li>
    {:else}
      <li class="text-soft col-span-full py-3">
        {#if sought}No set-up with that name.{:else}Your set-ups will be here, the one used last first.
          <Button kind="strong" onclick={onstart}>New set-up</Button>{/if}
      </li>
    {/each}
  </ul>
  {#if seen.length < listed.length}
    <Button class="mt-3" onclick={() => (all = true)}>Show all {listed.length}</Button>
  {:else if all && !sought && listed.length > MANY}
    <Button kind="quiet" class="mt-3" onclick={() => (all = false)}>Show fewer</Button>
  {/if}
</section>
