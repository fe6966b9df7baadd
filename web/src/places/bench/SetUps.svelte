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

  interface Props {
    setUps: SavedSetUp[];
    onstart: () => void;
    onchanged: () => Promise<void>;
  }
  let { setUps, onstart, onchanged }: Props = $props();

  // A long list is looked through by what it needs; a short one is seen at a glance.
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

<section aria-labelledby="setups-title">
  <div class="flex items-baseline justify-between">
    <h2 id="setups-title" class="text-heading">Set-ups</h2>
    <div>
      <TakeIn />
      <button class="press press-quiet" onclick={onstart}>New (N)</button>
    </div>
  </div>
  {#if there.length > MANY}
    <div class="-ml-2 flex flex-wrap" role="group" aria-label="Show set-ups">
      {#each [{ group: '' as const, inShort: '', name: 'all', setUps: there }, ...groups] as g (g.group)}
        <button
          class="press press-quiet min-h-8 {g.group === shown
            ? 'underline underline-offset-4'
            : 'font-normal'}"
          aria-pressed={g.group === shown}
          title={g.name}
          onclick={() => (shown = g.group)}>{g.inShort || 'all'} {g.setUps.length}</button
        >
      {/each}
    </div>
    <TextField
      class="mt-1 max-w-72"
      label="Search set-ups"
      name="sought"
      value={sought}
      oninput={(text) => (sought = text)}
    />
  {/if}
  <ul class="mt-1">
    {#each listed as setUp (setUp.id)}
      <li class="group border-rule grid grid-cols-[60px_1fr_auto] items-center gap-3 border-t py-2">
        <SetUpThumb draft={setUp.draft} />
        <a class="min-w-0" href="#/stack/{setUp.id}">
          <strong class="text-verdigris">{setUp.name}</strong>{#if setUp.proven}<span
              class="border-clean text-clean text-tiny ml-2 border px-1.5">proven</span
            >{/if}
          <span class="text-soft text-fine block truncate">
            {made(setUp)}
          </span>
        </a>
        <button
          id="more-{setUp.id}"
          class="press press-quiet text-soft"
          aria-haspopup="menu"
          aria-label="More about “{setUp.name}”">⋯</button
        >
        <Dropdown
          simple
          placement="bottom-end"
          triggeredBy="#more-{setUp.id}"
          class="border-rule bg-paper border"
        >
          <DropdownItem
            aria-label="Send “{setUp.name}” as a file"
            href="/api/set-ups/{setUp.id}/parcel"
            download>Export…</DropdownItem
          >
          <DropdownItem aria-label="Throw “{setUp.name}” away" onclick={() => remove(setUp)}
            >Delete</DropdownItem
          >
        </Dropdown>
      </li>
    {:else}
      <li class="border-rule text-soft border-t py-3">
        {sought ? 'No set-up with that name.' : 'No set-ups yet.'}
      </li>
    {/each}
  </ul>
</section>
