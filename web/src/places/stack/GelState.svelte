<script lang="ts">
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type SetUpReport, type Draft, type Schemas } from '../../api/client';
  import GelPanel from '../../drawing/GelPanel.svelte';
  import { duration } from '../../parts/format';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import Button from '../../parts/Button.svelte';

  /** How the gel on a panel stands when it is pressed, and which panel of the Bench it could be. */
  interface Props {
    draft: Draft;
    drying: NonNullable<SetUpReport['drying']>;
  }
  let { draft, drying }: Props = $props();
  const dryness = $derived(drying.dryness);
  const asking = new Question<Schemas['DryingPanel'][]>();
  const panels = $derived(asking.answer ?? []);
  const stock = $derived.by(() => {
    const layer = draft.layers.find((l) => l.kind === 'STOCK');
    return layer ? kit.inUse('stocks').find((s) => s.id === layer.id) : undefined;
  });
  const stencil = $derived(kit.inUse('plates').find((p) => p.id === draft.designId));
  const fitting = $derived(panels.filter((p) => stencil !== undefined && p.stencilId === stencil.id));
  const word = $derived(drying.sound ? 'sound' : drying.clear ? 'clear, not sound yet' : 'white and wet');

  $effect(() => asking.follow((signal) => asked(api.GET('/api/dryings', { signal }))));

  /** To five minutes: no room is steadier than that. */
  const roughly = (seconds: number) => duration(Math.ceil(seconds / 300) * 300);

  async function spread() {
    if (!draft.gel) return;
    try {
      await asked(
        api.POST('/api/dryings', {
          body: {
            name: editing.saved?.name ?? 'Gel',
            stockId: stock?.id,
            coatMm: draft.gel.coatMm,
            humidity: draft.gel.humidity,
            stencilled: true,
            stencilId: stencil?.id,
          },
        }),
      );
      asking.retry();
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<div class="flex items-start gap-4">
  <GelPanel {dryness} clear={drying.clear} stock={stock?.colour ?? '#f6efdd'} stencilId={stencil?.id} />
  <p class="min-w-0 flex-1">
    {Math.round(100 * dryness)} % dry after {duration(draft.gel?.driedSeconds ?? 0)}: {word}.
    <span class="text-soft text-small block"
      >Clear in {roughly(drying.clearSeconds)}, sound in {roughly(drying.soundSeconds)}; use it within {Math.round(
        drying.useWithinSeconds / 86400,
      )} days.</span
    >
  </p>
</div>
<Asked question={asking} />
<div class="-ml-2 flex flex-col items-start">
  {#each fitting as panel (panel.id)}
    <Button kind="quiet" class="min-h-8 text-left" onclick={() => editing.gelOf(panel)}
      >Take {panel.name} from the Bench</Button
    >
  {/each}
  <Button kind="quiet" class="min-h-8" onclick={spread}>Spread it now</Button>
</div>
