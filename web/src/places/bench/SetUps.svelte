<script lang="ts">
  import { api, asked, type SavedSetUp } from '../../api/client';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { routes } from '../../state/routes.svelte';
  import Swatch from '../../drawing/Swatch.svelte';

  interface Props {
    setUps: SavedSetUp[];
    onstart: () => void;
    onchanged: () => Promise<void>;
  }
  let { setUps, onstart, onchanged }: Props = $props();

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

  async function remove(setUp: SavedSetUp) {
    try {
      await asked(
        api.DELETE('/api/set-ups/{id}', {
          params: { path: { id: setUp.id }, query: { version: setUp.version } },
        }),
      );
      tell(`“${setUp.name}” is gone. Its pulls stay in the logbook.`);
      await onchanged();
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<section aria-labelledby="setups-title">
  <div class="flex items-baseline justify-between">
    <h2 id="setups-title" class="text-[21px]">Set-ups</h2>
    <button class="press press-quiet" onclick={onstart}>New (N)</button>
  </div>
  <ul class="mt-1">
    {#each setUps as setUp (setUp.id)}
      <li class="group border-rule grid grid-cols-[44px_1fr_auto] items-center gap-3 border-t py-2">
        <Swatch film={named(setUp, 'FILM')} stock={named(setUp, 'STOCK')} />
        <a class="min-w-0" href="#/stack/{setUp.id}">
          <strong class="text-verdigris">{setUp.name}</strong>{#if setUp.proven}<span
              class="border-clean text-clean ml-2 border px-1.5 text-[13px]">proven</span
            >{/if}
          <span class="text-soft block truncate text-[14px]">
            {made(setUp)}
          </span>
        </a>
        <button
          class="press press-quiet text-soft text-[14px] font-normal"
          aria-label="Throw “{setUp.name}” away"
          onclick={() => remove(setUp)}
        >
          Throw away
        </button>
      </li>
    {:else}
      <li class="border-rule text-soft border-t py-3">None yet.</li>
    {/each}
  </ul>
</section>
