<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked, Trouble, type Plate, type Schemas, type Stock } from '../../api/client';
  import { kit } from '../../state/kit.svelte';
  import Picker from './Picker.svelte';

  let { open = $bindable(false) }: { open: boolean } = $props();

  type Route = Schemas['Choice']['route'];
  const ROUTES: { route: Route; word: string; tool: Plate['kind']; stock: Stock['kind'] }[] = [
    { route: 'HOT_PLATE', word: 'plate loose on the platform', tool: 'PLATE', stock: 'CARD' },
    { route: 'TAPED_PLATE', word: 'plate taped to the stock', tool: 'PLATE', stock: 'CARD' },
    { route: 'OVER_MEDIA', word: 'over dry ink or paint', tool: 'PLATE', stock: 'CARD' },
    { route: 'SOLID_PLATE', word: 'solid plate', tool: 'SOLID_PLATE', stock: 'CARD' },
    { route: 'DIE_AS_PLATE', word: 'thin die as a plate', tool: 'THIN_DIE', stock: 'CARD' },
    { route: 'RIBBON', word: 'on ribbon', tool: 'PLATE', stock: 'RIBBON' },
    { route: 'ACETATE', word: 'on acetate', tool: 'PLATE', stock: 'ACETATE' },
  ];

  let plateId = $state('');
  let filmId = $state('');
  let stockId = $state('');
  let pressId = $state('');
  let platformId = $state('');
  let route = $state<Route>('HOT_PLATE');
  let typedName = $state<string>();
  let wrong = $state('');

  const plates = $derived(kit.inUse('plates'));
  const stocks = $derived(kit.inUse('stocks'));
  const plate = $derived(plates.find((p) => p.id === plateId));
  const stock = $derived(stocks.find((s) => s.id === stockId));
  const fitting = $derived(
    ROUTES.filter((r) => (!plate || r.tool === plate.kind) && (!stock || r.stock === stock.kind)),
  );
  const name = $derived(typedName ?? (plate && stock ? `${plate.name} on ${stock.name.toLowerCase()}` : ''));

  $effect(() => {
    pressId ||= kit.inUse('presses')[0]?.id ?? '';
    platformId ||= kit.inUse('platforms')[0]?.id ?? '';
    const first = fitting[0];
    if (first && !fitting.some((r) => r.route === route)) route = first.route;
  });

  async function start() {
    wrong = '';
    try {
      const body = { name, route, pressId, platformId, plateId, filmId, stockId };
      const saved = await asked(api.POST('/api/set-ups', { body }));
      open = false;
      await push(`/stack/${saved.id}`);
    } catch (trouble) {
      const field = trouble instanceof Trouble ? trouble.fields[0] : undefined;
      wrong = field
        ? `${field.field}: ${field.message}. Accepted: ${field.accepted}.`
        : (trouble as Error).message;
    }
  }
</script>

<Modal bind:open title="New set-up" size="lg">
  <div class="text-ink grid gap-5 md:grid-cols-3">
    <Picker label="Plate" items={plates} bind:chosen={plateId} kind="PLATE" />
    <Picker label="Foil" items={kit.inUse('films')} bind:chosen={filmId} kind="FILM" />
    <Picker label="Stock" items={stocks} bind:chosen={stockId} kind="STOCK" />
  </div>
  <div class="text-ink grid gap-4 md:grid-cols-4">
    <label class="label">
      How
      <select class="w-full py-1.5 pr-8 pl-2" bind:value={route}>
        {#each fitting as r (r.route)}<option value={r.route}>{r.word}</option>{:else}<option
            >no way known</option
          >{/each}
      </select>
    </label>
    <label class="label">
      Press
      <select class="w-full py-1.5 pr-8 pl-2" bind:value={pressId}>
        {#each kit.inUse('presses') as p (p.id)}<option value={p.id}>{p.name}</option>{/each}
      </select>
    </label>
    <label class="label">
      Platform
      <select class="w-full py-1.5 pr-8 pl-2" bind:value={platformId}>
        {#each kit.inUse('platforms') as p (p.id)}<option value={p.id}>{p.name}</option>{/each}
      </select>
    </label>
    <label class="label">
      Name
      <input class="w-full px-2 py-1.5" value={name} oninput={(e) => (typedName = e.currentTarget.value)} />
    </label>
  </div>
  {#if plate && stock && fitting.length === 0}
    <p class="text-ochre">
      No route goes with a {plate.kind.toLowerCase().replace('_', ' ')} on {stock.name}. Choose another plate
      or stock.
    </p>
  {/if}
  {#if wrong}<p role="alert" class="text-ochre">{wrong}</p>{/if}
  <button
    class="press press-strong"
    disabled={!plateId || !filmId || !stockId || fitting.length === 0}
    onclick={start}
  >
    Build the stack
  </button>
</Modal>
