<script lang="ts" module>
  import type { PullView } from '../../api/client';

  export interface Filter {
    plateId?: string;
    stockId?: string;
    filmId?: string;
    outcome?: PullView['outcome'];
  }

  /** The filter an address names. */
  export function filterOf(query: URLSearchParams): Filter {
    const named = (key: keyof Filter) => query.get(key) ?? undefined;
    const outcome = OUTCOMES.find(([key]) => key === named('outcome'))?.[0];
    return { plateId: named('plateId'), stockId: named('stockId'), filmId: named('filmId'), outcome };
  }

  const OUTCOMES: [PullView['outcome'], string][] = [
    ['CLEAN', 'clean'],
    ['UNDER', 'under'],
    ['OVER', 'over'],
    ['BOTH', 'both'],
  ];
</script>

<script lang="ts">
  import Pick from '../../parts/Pick.svelte';
  import { kit } from '../../state/kit.svelte';

  let { filter, total, onchange }: { filter: Filter; total: number; onchange: (filter: Filter) => void } =
    $props();
  const things = $derived([
    { key: 'plateId' as const, label: 'Plate', items: kit.all.plates.map((k) => k.item) },
    { key: 'stockId' as const, label: 'Stock', items: kit.all.stocks.map((k) => k.item) },
    { key: 'filmId' as const, label: 'Foil', items: kit.all.films.map((k) => k.item) },
  ]);
  const any = $derived(Object.values(filter).some(Boolean));
</script>

<div
  class="border-rule mt-3 flex flex-wrap items-end gap-3 border-y py-3"
  role="search"
  aria-label="Filter pulls"
>
  {#each things as { key, label, items } (key)}
    <Pick
      {label}
      class="w-[170px]"
      none="any"
      {items}
      value={filter[key] ?? ''}
      onchoose={(id) => onchange({ ...filter, [key]: id || undefined })}
    />
  {/each}
  <Pick
    label="Came out"
    class="w-[130px]"
    none="any way"
    items={OUTCOMES.map(([id, name]) => ({ id: id as string, name }))}
    value={filter.outcome ?? ''}
    onchoose={(outcome) => onchange({ ...filter, outcome: (outcome || undefined) as Filter['outcome'] })}
  />
  {#if any}<button class="press press-quiet" onclick={() => onchange({})}>Show all</button>{/if}
  <span class="text-soft ml-auto" aria-live="polite">{total} pull{total === 1 ? '' : 's'}</span>
</div>
