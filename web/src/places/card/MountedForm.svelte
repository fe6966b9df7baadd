<script lang="ts">
  import { api, asked, refusal, type CardPlan, type CardView, type Mounted } from '../../api/client';
  import Pick from '../../parts/Pick.svelte';
  import Tick from '../../parts/Tick.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import Button from '../../parts/Button.svelte';
  import TextField from '../../parts/TextField.svelte';

  /** How one piece is mounted: on what, which way, how high, and where. */
  interface Props {
    card: CardPlan;
    mounted: Mounted;
    view?: CardView;
    onchange: (card: CardPlan) => void;
    onremove: () => void;
  }
  let { card, mounted, view, onchange, onremove }: Props = $props();

  let words = $state('');
  let wrong = $state('');
  const told = $derived(vocabulary.now.cards);
  const here = $derived(view?.pieces.find((p) => p.key === mounted.key));
  const grounds = $derived([
    { id: told.front, name: 'the front' },
    ...(told.folds.find((f) => f.fold === card.base.fold)?.opens
      ? [{ id: told.inside, name: 'the inside' }]
      : []),
    ...card.mounted.filter((m) => m.key !== mounted.key).map((m) => ({ id: m.key, name: m.key })),
  ]);
  const heights = $derived([...new Set([0, ...(view?.foamMm ?? []), mounted.foamMm])].sort((a, b) => a - b));
  const put = (part: Partial<Mounted>) =>
    onchange({ ...card, mounted: card.mounted.map((m) => (m.key === mounted.key ? { ...m, ...part } : m)) });

  async function foam(foamMm: number) {
    try {
      const query = { key: mounted.key, foamMm };
      onchange(await asked(api.POST('/api/cards/raised', { params: { query }, body: card })));
    } catch (trouble) {
      tell(trouble);
    }
  }

  async function place(event: SubmitEvent) {
    event.preventDefault();
    try {
      const query = { key: mounted.key, words };
      onchange(await asked(api.POST('/api/cards/placed', { params: { query }, body: card })));
      words = wrong = '';
    } catch (trouble) {
      wrong = refusal(trouble, 'words');
    }
  }
</script>

<div class="border-rule border-t pt-3">
  <div class="flex flex-wrap items-baseline gap-x-4">
    <h2 class="text-heading">{mounted.key}</h2>
    {#if here}
      <p class="text-soft">
        {here.held.map(preferences.said).join(', ')}; {Math.round(100 * here.seen)} % of it is seen
      </p>
    {/if}
  </div>
  <div class="mt-2 grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-4">
    <Pick label="Lies on" value={mounted.on} items={grounds} onchoose={(on) => put({ on })} />
    <Pick
      label="Mounted"
      value={mounted.way}
      items={told.ways.map((w) => ({ id: w.way, name: w.label }))}
      onchoose={(way) => put({ way })}
    />
    <Pick
      label="Foam under it"
      name="mounted.foamMm"
      value={String(mounted.foamMm)}
      items={heights.map((mm) => ({ id: String(mm), name: mm === 0 ? 'none' : preferences.length(mm) }))}
      onchoose={(mm) => foam(Number(mm))}
    />
    <QuantityField
      kind="LENGTH"
      label="Border visible"
      name="mounted.showingMm"
      value={mounted.showingMm ?? undefined}
      onvalue={(showingMm) => put({ showingMm })}
      onclear={() => put({ showingMm: undefined })}
    />
    {#if mounted.foamMm > 0}
      <QuantityField
        kind="LENGTH"
        label="Loose filling"
        name="mounted.fillingMm"
        value={mounted.fillingMm || undefined}
        onvalue={(fillingMm) => put({ fillingMm })}
        onclear={() => put({ fillingMm: 0 })}
      />
    {/if}
    {#if mounted.on === told.front}
      <div class="self-end pb-2">
        <Tick checked={mounted.through} ontick={(through) => put({ through })}
          >Window through the base too</Tick
        >
      </div>
    {/if}
  </div>
  <form class="mt-2 flex flex-wrap items-end gap-x-2 gap-y-2" onsubmit={place}>
    <div class="min-w-0 flex-1 basis-[260px]">
      <TextField
        label="Position in words"
        id="card-words"
        placeholder="9 mm from the right, centred up and down"
        bind:value={words}
        {wrong}
      />
    </div>
    <Button type="submit" why={words.trim() ? '' : 'Say first where it goes.'}>Place</Button>
    <Button kind="quiet" onclick={() => put({ quarterTurns: (mounted.quarterTurns + 1) % 4 })}>Turn</Button>
    <Button kind="quiet" class="text-soft" onclick={onremove}>Remove</Button>
  </form>
</div>
