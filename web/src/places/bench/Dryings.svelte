<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, asked, type SavedSetUp, type Schemas } from '../../api/client';
  import GelPanel from '../../drawing/GelPanel.svelte';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { throwing } from '../../state/throwing.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import SpreadGel from './SpreadGel.svelte';
  import Button from '../../parts/Button.svelte';

  /** Gel that is drying: how far it is, when it is due, until when it may be used. */
  interface Props {
    panels: Schemas['DryingPanel'][];
    setUps: SavedSetUp[];
    now: string;
    onchanged: () => Promise<void>;
  }
  let { panels, setUps, now, onchanged }: Props = $props();
  const lying = $derived(panels.filter((p) => !throwing.gone.includes(p.id)));
  let spreading = $state(false);
  const WORDS: Record<Schemas['DryingPanel']['state'], string> = {
    WET: 'wet: do not press it',
    SETTING: 'clear, not sound yet',
    SOUND: 'sound: foil or flock it',
    TOO_LATE: 'too late',
  };

  function when(at: string): string {
    const minutes = (new Date(at).getTime() - new Date(now).getTime()) / 60_000;
    const size = Math.abs(minutes);
    const said =
      size < 90
        ? `${Math.round(size)} min`
        : size < 60 * 48
          ? `${Math.round(size / 60)} h`
          : `${Math.round(size / 1440)} days`;
    return minutes >= 0 ? `in ${said}` : `${said} ago`;
  }

  function takeOff({ id, version, name }: Schemas['DryingPanel']) {
    const params = { path: { id }, query: { version } };
    throwing.away(
      id,
      `“${name}” is off the bench.`,
      () => asked(api.DELETE('/api/dryings/{id}', { params, keepalive: true })),
      () => void onchanged(),
    );
  }

  async function change(work: Promise<unknown>) {
    try {
      await work;
      await onchanged();
    } catch (trouble) {
      tell(trouble);
    }
  }
  const dry = (p: Schemas['DryingPanel']) =>
    asked(
      api.PUT('/api/dryings/{id}/dry', { params: { path: { id: p.id }, query: { version: p.version } } }),
    );
  const skip = (seconds: number) => asked(api.POST('/api/bench/skip', { params: { query: { seconds } } }));
  const paper = (p: Schemas['DryingPanel']) =>
    kit.inUse('stocks').find((s) => s.id === p.stockId)?.colour ?? '#f6efdd';
  /** Set-ups that press what was spread through this stencil. */
  const pressing = (p: Schemas['DryingPanel']) =>
    setUps.filter((s) => s.draft.gel && p.stencilId !== undefined && s.draft.designId === p.stencilId);

  /** Opens the set-up, reckoned with this very panel. */
  async function press(panel: Schemas['DryingPanel'], setUp: SavedSetUp) {
    await editing.open(setUp.id);
    editing.gelOf(panel);
    await push(`/stack/${setUp.id}`);
  }
</script>

<section aria-labelledby="drying-title">
  <div class="flex items-baseline justify-between">
    <h2 id="drying-title" class="text-heading">Drying</h2>
    <span class="flex gap-1">
      {#if lying.length > 0}
        <a class="press press-quiet" href="/api/dryings.ics" download="gel.ics">Add to calendar</a>
      {/if}
      <Button kind="quiet" onclick={() => (spreading = true)}>Gel spread</Button>
    </span>
  </div>
  <ul class="mt-1">
    {#each lying as panel (panel.id)}
      <li class="border-rule flex gap-4 border-t py-3">
        <GelPanel
          dryness={panel.dryness}
          clear={panel.clear}
          stock={paper(panel)}
          stencilId={panel.stencilId}
        />
        <div class="min-w-0 flex-1">
          <p>
            <strong>{panel.name}</strong>, {preferences.length(panel.coatMm)}: {panel.state === 'WET' &&
            panel.clear
              ? 'looks clear, do not press it yet'
              : WORDS[panel.state]}
          </p>
          <svg
            class="mt-1 w-full"
            height="12"
            role="img"
            aria-label="{Math.round(panel.dryness * 100)} % dry"
          >
            <rect x="0" y="2" width="100%" height="8" fill="none" stroke="var(--rule-strong)" />
            <rect x="0" y="2" width="{panel.dryness * 100}%" height="8" fill="var(--steel)" />
            <rect x="{100 * vocabulary.now.gel.clear}%" y="0" width="2" height="12" fill="var(--ink)" />
            <rect x="{100 * vocabulary.now.gel.sound}%" y="0" width="2" height="12" fill="var(--ink)" />
          </svg>
          <p class="text-soft text-small">
            clear {when(panel.clearAt)}, sound {when(panel.soundAt)}, use it {when(panel.useBy)}
          </p>
          {#each panel.says as say, at (at)}<p class="text-small">{preferences.said(say)}.</p>{/each}
          {#if pressing(panel).length > 0}
            <p class="text-small">
              {panel.state === 'SOUND' ? 'Press it:' : 'See it pressed as it is:'}
              {#each pressing(panel) as setUp, i (setUp.id)}
                {i > 0 ? ' · ' : ''}<Button
                  kind="row"
                  class="text-verdigris min-h-8 font-bold hover:underline"
                  onclick={() => press(panel, setUp)}>{setUp.name}</Button
                >
              {/each}
            </p>
          {/if}
          <div class="-ml-2 flex flex-wrap gap-1">
            {#if !panel.dryAt}<Button
                kind="quiet"
                class="min-h-8"
                aria-label="It is dry: {panel.name}"
                onclick={() => change(dry(panel))}>It is dry</Button
              >{/if}
            <Button
              kind="quiet"
              class="min-h-8"
              aria-label="Remove {panel.name} from the bench"
              onclick={() => takeOff(panel)}>Remove</Button
            >
          </div>
        </div>
      </li>
    {:else}
      <li class="border-rule text-soft border-t py-2">No gel is drying.</li>
    {/each}
  </ul>
  {#if vocabulary.now.simulated && lying.some((p) => p.state === 'WET' || p.state === 'SETTING')}
    <p class="text-soft text-small">
      Bench time, for trying things out:
      <Button kind="quiet" class="min-h-8" onclick={() => change(skip(3600))}>skip an hour</Button>
    </p>
  {/if}
</section>
<SpreadGel bind:open={spreading} {onchanged} />
