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
    <label class="label"
      >{label}
      <select
        class="block w-[170px] py-1 pr-8 pl-2"
        value={filter[key] ?? ''}
        onchange={(e) => onchange({ ...filter, [key]: e.currentTarget.value || undefined })}
      >
        <option value="">any</option>
        {#each items as item (item.id)}<option value={item.id}>{item.name}</option>{/each}
      </select></label
    >
  {/each}
  <label class="label"
    >Came out
    <select
      class="block w-[130px] py-1 pr-8 pl-2"
      value={filter.outcome ?? ''}
      onchange={(e) =>
        onchange({ ...filter, outcome: (e.currentTarget.value || undefined) as Filter['outcome'] })}
    >
      <option value="">any way</option>
      {#each OUTCOMES as [key, label] (key)}<option value={key}>{label}</option>{/each}
    </select></label
  >
  {#if any}<button class="press press-quiet" onclick={() => onchange({})}>Show all</button>{/if}
  <span class="text-soft ml-auto" aria-live="polite">{total} pull{total === 1 ? '' : 's'}</span>
</div>
