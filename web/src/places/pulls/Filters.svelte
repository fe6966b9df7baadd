<script lang="ts" module>
  import type { PullView } from '../../api/client';

  export interface Filter {
    plateId?: string;
    stockId?: string;
    filmId?: string;
    machineId?: string;
    route?: PullView['route'];
    outcome?: PullView['outcome'];
    verdict?: NonNullable<PullView['read']>['verdict'];
    cause?: NonNullable<PullView['read']>['cause'];
    /** A day, as 2026-11-28. */
    since?: string;
  }

  /** The filter an address names. */
  export function filterOf(query: URLSearchParams): Filter {
    const named = (key: keyof Filter) => query.get(key) ?? undefined;
    const outcome = OUTCOMES.find(([key]) => key === named('outcome'))?.[0];
    return {
      plateId: named('plateId'),
      stockId: named('stockId'),
      filmId: named('filmId'),
      machineId: named('machineId'),
      route: named('route') as Filter['route'],
      outcome,
      verdict: named('verdict') as Filter['verdict'],
      cause: named('cause') as Filter['cause'],
      since: named('since'),
    };
  }

  const OUTCOMES: [PullView['outcome'], string][] = [
    ['CLEAN', 'clean'],
    ['UNDER', 'under'],
    ['OVER', 'over'],
    ['BOTH', 'both'],
  ];
</script>

<script lang="ts">
  import { api, asked, type Schemas } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import Pick from '../../parts/Pick.svelte';
  import { routes } from '../../state/routes.svelte';
  import { kit } from '../../state/kit.svelte';
  import Button from '../../parts/Button.svelte';
  import TextField from '../../parts/TextField.svelte';

  let { filter, total, onchange }: { filter: Filter; total: number; onchange: (filter: Filter) => void } =
    $props();
  const looking = new Question<Schemas['Looking']>();
  $effect(() => looking.follow((signal) => asked(api.GET('/api/pulls/looking', { signal }))));
  const choices = (list: Schemas['Wanted'][] | undefined) =>
    (list ?? []).map(({ key, label }) => ({ id: key, name: label }));
  const more = $derived([
    {
      key: 'machineId' as const,
      label: 'Machine',
      items: [...kit.all.presses, ...kit.all.rollers].map(({ item: { id, name } }) => ({ id, name })),
    },
    {
      key: 'route' as const,
      label: 'How',
      items: routes.all.map((r) => ({ id: r.route as string, name: r.label })),
    },
    { key: 'verdict' as const, label: 'What to do', items: choices(looking.answer?.verdicts) },
    { key: 'cause' as const, label: 'Likeliest cause', items: choices(looking.answer?.causes) },
  ]);
  let opened = $state(false);
  const open = $derived(opened || more.some(({ key }) => filter[key]) || Boolean(filter.since));
  const things = $derived([
    { key: 'plateId' as const, label: 'Plate', items: kit.all.plates.map((k) => k.item) },
    { key: 'stockId' as const, label: 'Stock', items: kit.all.stocks.map((k) => k.item) },
    { key: 'filmId' as const, label: 'Foil', items: kit.all.films.map((k) => k.item) },
  ]);
  const any = $derived(Object.values(filter).some(Boolean));
</script>

{#snippet picks(list: { key: keyof Filter; label: string; items: { id: string; name: string }[] }[])}
  {#each list as { key, label, items } (key)}
    <Pick
      {label}
      class="w-[170px]"
      none="any"
      {items}
      value={filter[key] ?? ''}
      onchoose={(id) => onchange({ ...filter, [key]: id || undefined })}
    />
  {/each}
{/snippet}

<div
  class="border-rule mt-3 flex flex-wrap items-end gap-3 border-y py-3"
  role="search"
  aria-label="Filter pulls"
>
  {@render picks(things)}
  <Pick
    label="Came out"
    class="w-[130px]"
    none="any way"
    items={OUTCOMES.map(([id, name]) => ({ id: id as string, name }))}
    value={filter.outcome ?? ''}
    onchoose={(outcome) => onchange({ ...filter, outcome: (outcome || undefined) as Filter['outcome'] })}
  />
  {#if open}
    {@render picks(more)}
    <TextField
      label="Since"
      type="date"
      value={filter.since ?? ''}
      onchange={(e) => onchange({ ...filter, since: e.currentTarget.value || undefined })}
    />
  {:else}
    <Button kind="quiet" onclick={() => (opened = true)}>More filters</Button>
  {/if}
  {#if any}<Button kind="quiet" onclick={() => onchange({})}>Show all</Button>{/if}
  <span class="text-soft ml-auto" aria-live="polite">{total} pull{total === 1 ? '' : 's'}</span>
</div>
