<script lang="ts">
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type LayoutView, type RunView } from '../../api/client';
  import PieceView from '../../drawing/PieceView.svelte';
  import PlatformView from '../../drawing/PlatformView.svelte';
  import { kit } from '../../state/kit.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { outlines } from '../../state/outlines.svelte';

  /** Where the plates go, large, with the distances that matter. */
  let { run }: { run: RunView } = $props();
  const asking = new Question<LayoutView>();
  const view = $derived(asking.answer);
  let width = $state(640);
  const taped = $derived(view?.layout.method === 'TAPED');
  const tint = (kind: 'STOCK' | 'FILM') => {
    const layer = run.draft.layers.find((l) => l.kind === kind);
    return ((layer && kit.item(layer)) as { colour?: string } | undefined)?.colour ?? '#eee';
  };
  const scale = $derived.by(() => {
    if (!view) return 1;
    const piece = view.layout.piece;
    const wide = view.ground.widthMm + (taped ? piece.widthMm : 0);
    return Math.min(
      (width - (taped ? 190 : 100)) / wide,
      270 / Math.max(view.ground.heightMm, piece.heightMm),
    );
  });
  let chosen = $state<string[]>([]);
  const distances = $derived(
    (view?.plates ?? []).map((plate) => ({
      plate,
      list: (view?.measures ?? []).filter((m) => m.drawing === 'PLATFORM' && m.key === plate.key),
    })),
  );

  $effect(() => {
    if (!run.draft.layout) return;
    const body = { draft: run.draft, steps: [] };
    return asking.follow((signal) => asked(api.POST('/api/layouts', { body, signal })));
  });
  $effect(() => {
    if (!view) return;
    outlines.want(view.plates.map((p) => p.plateId));
    chosen = view.plates.slice(0, 1).map((p) => p.key);
  });
</script>

<div bind:clientWidth={width} class="mt-4">
  <Asked question={asking} />
  {#if view}
    <div class="flex flex-wrap items-center gap-2">
      {#if taped}
        <figure class="m-0">
          <figcaption class="label pl-8">Tape it so, foil between</figcaption>
          <PieceView
            {view}
            {scale}
            stock={tint('STOCK')}
            film={tint('FILM')}
            {chosen}
            onfocus={(k) => (chosen = [k])}
          />
        </figure>
      {/if}
      <figure class="m-0">
        <figcaption class="label pl-8">
          {taped ? 'Turned over, it lies so' : 'Lay the plates so'}{view.plates.length > 1
            ? '; choose a plate for its distances'
            : ''}
        </figcaption>
        <PlatformView {view} {scale} film={tint('FILM')} {chosen} onfocus={(k) => (chosen = [k])} />
      </figure>
      {#if !taped}
        <dl class="min-w-[180px] flex-1">
          {#each distances as { plate, list } (plate.key)}
            <dt class="text-large mt-3 font-bold">{plate.name}</dt>
            {#each list as m, at (at)}
              <dd class="leading-tight">
                <span class="figure text-verdigris text-title">{preferences.length(m.mm)}</span>
                <span class="text-soft text-small block">{m.what}</span>
              </dd>
            {/each}
          {/each}
        </dl>
      {/if}
    </div>
  {/if}
</div>
