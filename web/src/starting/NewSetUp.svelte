<script lang="ts">
  import TextField from '../parts/TextField.svelte';
  import Pick from '../parts/Pick.svelte';
  import FormDialog from '../parts/FormDialog.svelte';
  import { push } from 'svelte-spa-router';
  import {
    api,
    asked,
    refusal,
    type JobPiece,
    type Operation,
    type Plate,
    type RouteView,
    type SavedSetUp,
  } from '../api/client';
  import { kit } from '../state/kit.svelte';
  import { routes } from '../state/routes.svelte';
  import { world } from '../state/world.svelte';
  import { vocabulary } from '../state/vocabulary.svelte';
  import AddHere from '../shelving/AddHere.svelte';
  import { type Kind } from '../state/kinds.svelte';
  import { type Shelf } from '../state/kit.svelte';
  import { Question } from '../asking/question.svelte';
  import Picker from './Picker.svelte';
  import Button from '../parts/Button.svelte';

  /** A route, a tool, a film and a stock are enough to begin. */
  interface Props {
    open: boolean;
    /** The piece of a job it is for, and what is to be done to it. */
    piece?: JobPiece;
    does?: Operation['kind'];
    /** A tool of that piece: what carries the same design is offered first. */
    goesWith?: string;
    /** Where it goes once it is kept; to its stack if nothing is said. */
    onkept?: (saved: SavedSetUp) => void;
  }
  let { open = $bindable(false), piece, does, goesWith, onkept }: Props = $props();

  // Made anew for each thing it is for.
  // svelte-ignore state_referenced_locally
  const doing = does ? routes.all.find((r) => r.does.includes(does)) : undefined;
  let chosen = $state<RouteView['route']>(doing?.route ?? 'HOT_PLATE');
  let plateId = $state('');
  let filmId = $state('');
  // svelte-ignore state_referenced_locally
  let stockId = $state(piece?.stockId ?? '');
  let machineId = $state('');
  let platformId = $state('');
  let typedName = $state<string>();
  let wrong = $state('');
  let starting = $state(false);

  const route = $derived(routes.of(chosen));
  const family = new Question<Plate[]>();
  const kin = $derived((family.answer ?? []).map((p) => p.id));
  const tools = $derived(
    kit
      .inUse('plates')
      .filter((p) => route?.tools.includes(p.kind))
      .sort((a, b) => Number(kin.includes(b.id)) - Number(kin.includes(a.id))),
  );
  $effect(() => {
    if (!goesWith) return;
    const params = { path: { id: goesWith } };
    return family.follow((signal) => asked(api.GET('/api/kit/plates/{id}/family', { params, signal })));
  });
  $effect(() => {
    const first = tools[0];
    if (!plateId && first && kin.includes(first.id)) plateId = first.id;
  });
  const films = $derived(kit.inUse('films').filter((f) => route?.film === f.kind));
  const stocks = $derived(kit.inUse('stocks').filter((s) => route?.stocks.includes(s.kind)));
  const machines = $derived([
    ...kit.inUse('presses').filter((p) => route?.machines.includes(`${p.kind}_PRESS`)),
    ...kit.inUse('rollers').filter((r) => route?.machines.includes(r.kind)),
  ]);
  const tool = $derived(tools.find((p) => p.id === plateId));
  const film = $derived(films.find((f) => f.id === filmId));
  const stock = $derived(stocks.find((s) => s.id === stockId));
  const filmWord = $derived(route?.film === 'FLOCK' ? 'flock' : 'foil');
  const none = (what: string) => `Your kit has no ${what} yet.`;
  /** Why no stack can be built yet. */
  const lacking = $derived.by(() => {
    if (missing[0]) return none(missing[0].what);
    if (!tool) return `Choose the ${route?.toolWord} first.`;
    if (!stock) return 'Choose the card stock first.';
    if (!machineId) return 'Choose the machine first.';
    return route?.film && !film ? `Choose the ${filmWord} first.` : '';
  });
  const name = $derived(typedName ?? (tool && stock ? `${tool.name} on ${stock.name}` : ''));
  /** What the kit has none of, and which kinds would do. */
  const missing = $derived.by(() => {
    const lacks: { what: string; fits: (kind: Kind) => boolean; shelf: Shelf }[] = [];
    if (!route) return lacks;
    if (machines.length === 0) {
      const fits = ({ things }: Kind) =>
        things.presses.some((p) => route.machines.includes(`${p.kind}_PRESS`)) ||
        things.rollers.some((r) => route.machines.includes(r.kind));
      const rolled = route.machines.every((m) => m !== 'CRANK_PRESS' && m !== 'MOTOR_PRESS');
      lacks.push({
        what: route.machines.map(machine).join(' or '),
        fits,
        shelf: rolled ? 'rollers' : 'presses',
      });
    }
    if (route.heated && kit.inUse('platforms').length === 0) {
      lacks.push({ what: 'heated platform', fits: (k) => k.things.platforms.length > 0, shelf: 'platforms' });
    }
    if (tools.length === 0) {
      const fits = (k: Kind) => k.things.plates.some((p) => route.tools.includes(p.kind));
      lacks.push({ what: route.toolWord, fits, shelf: 'plates' });
    }
    if (route.film && films.length === 0) {
      const fits = (k: Kind) => k.things.films.some((f) => f.kind === route.film);
      lacks.push({ what: vocabulary.kind('films', route.film), fits, shelf: 'films' });
    }
    if (stocks.length === 0) {
      const what = route.stocks.map((kind) => vocabulary.kind('stocks', kind)).join(' or ');
      lacks.push({
        what,
        fits: (k) => k.things.stocks.some((s) => route.stocks.includes(s.kind)),
        shelf: 'stocks',
      });
    }
    return lacks;
  });

  function machine(kind: RouteView['machines'][number]) {
    return kind === 'CRANK_PRESS' || kind === 'MOTOR_PRESS'
      ? `press turned by ${vocabulary.kind('presses', kind.replace('_PRESS', ''))}`
      : vocabulary.kind('rollers', kind);
  }

  // Where there is one only, nobody has to choose.
  $effect(() => {
    if (!plateId && tools.length === 1) plateId = tools[0]!.id;
    if (!filmId && films.length === 1) filmId = films[0]!.id;
    if (!stockId && stocks.length === 1) stockId = stocks[0]!.id;
  });
  $effect(() => {
    if (!machines.some((m) => m.id === machineId)) machineId = machines[0]?.id ?? '';
    if (!kit.inUse('platforms').some((p) => p.id === platformId))
      platformId = kit.inUse('platforms')[0]?.id ?? '';
  });

  async function start() {
    if (starting) return;
    starting = true;
    wrong = '';
    try {
      const body = {
        name,
        route: chosen,
        machineId,
        platformId: route?.heated ? platformId : undefined,
        plateId,
        filmId: film?.id,
        stockId,
        pieceWidthMm: piece?.widthMm,
        pieceHeightMm: piece?.heightMm,
      };
      const saved = await world.kept(asked(api.POST('/api/set-ups', { body })));
      // Whoever asked for it takes it before the window, and what it was asked for, is gone.
      onkept?.(saved);
      open = false;
      if (!onkept) await push(`/stack/${saved.id}`);
    } catch (trouble) {
      wrong = refusal(trouble);
    } finally {
      starting = false;
    }
  }
</script>

<FormDialog bind:open title="New set-up" size="lg">
  <div class="text-ink">
    <Pick label="How" bind:value={chosen}>
      {#each vocabulary.now.groups as { group, name } (group)}
        <optgroup label={name}>
          {#each routes.within(group).filter((r) => !does || r.does.includes(does)) as r (r.route)}<option
              value={r.route}>{r.label}</option
            >{/each}
        </optgroup>
      {/each}
    </Pick>
    <p class="text-soft mt-1">{route?.says}</p>
    {#if route && route.waits.length > 0}
      <p class="text-soft text-small">Not possible yet: {route.waits.join(', ')}.</p>
    {/if}
  </div>
  <div class="text-ink grid gap-5 {route?.film ? 'md:grid-cols-3' : 'md:grid-cols-2'}">
    <Picker label={route?.toolWord ?? ''} items={tools} bind:chosen={plateId} kind="PLATE" />
    {#if route?.film}
      <Picker label={filmWord} items={films} bind:chosen={filmId} kind="FILM" />
    {/if}
    <Picker label="stock" items={stocks} bind:chosen={stockId} kind="STOCK" />
  </div>
  <div class="text-ink grid gap-4 md:grid-cols-3">
    <Pick label="Machine" bind:value={machineId} items={machines} />
    {#if route?.heated}
      <Pick label="Platform" bind:value={platformId} items={kit.inUse('platforms')} />
    {/if}
    <TextField label="Name" name="name" value={name} oninput={(text) => (typedName = text)} />
  </div>
  {#if route}
    {#each missing as lack, at (at)}
      <AddHere says={none(lack.what)} fits={lack.fits} shelf={lack.shelf} />
    {/each}
  {/if}
  {#if wrong}<p role="alert" class="text-ochre">{wrong}</p>{/if}
  <Button kind="strong" why={lacking} disabled={starting} onclick={start}>Build the stack</Button>
</FormDialog>
