<script lang="ts">
  import type { CardPlan, CardView, Job, Schemas } from '../../api/client';
  import Pick from '../../parts/Pick.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { kit } from '../../state/kit.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import Button from '../../parts/Button.svelte';

  /** What everything is mounted on, and what it is sent in. */
  interface Props {
    card: CardPlan;
    job: Job;
    view?: CardView;
    onchange: (card: CardPlan) => void;
    /** A plain panel more inside. */
    oninside: () => void;
  }
  let { card, job, view, onchange, oninside }: Props = $props();

  const words = $derived(vocabulary.now.cards);
  const put = (part: Partial<Schemas['Base']>) => onchange({ ...card, base: { ...card.base, ...part } });
  /** The person's own first, then usual sizes; and what it is sent in, if it is none of them any more. */
  const all = $derived.by(() => {
    const known = [...kit.inUse('envelopes'), ...words.envelopes];
    const now = card.envelope;
    return now && !known.some((e) => e.name === now.name) ? [now, ...known] : known;
  });
  const envelopes = $derived(
    all.map((e) => ({
      id: e.name,
      name: `${e.name}, ${preferences.lengthFigure(e.widthMm)} × ${preferences.length(e.heightMm)}`,
    })),
  );

  function send(name: string) {
    const envelope = all.find((e) => e.name === name);
    onchange({ ...card, envelope });
  }
</script>

<div class="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-4">
  <QuantityField
    kind="LENGTH"
    label="Closed, width"
    name="base.widthMm"
    value={card.base.widthMm}
    onvalue={(widthMm) => put({ widthMm })}
  />
  <QuantityField
    kind="LENGTH"
    label="Height"
    name="base.heightMm"
    value={card.base.heightMm}
    onvalue={(heightMm) => put({ heightMm })}
  />
  <Pick
    label="Fold"
    value={card.base.fold}
    items={words.folds.map((f) => ({ id: f.fold, name: f.label }))}
    onchoose={(fold) => put({ fold })}
  />
  <Pick
    label="Card stock"
    value={card.base.stockId}
    items={kit.inUse('stocks')}
    onchoose={(stockId) => put({ stockId })}
  />
  <Pick
    label="Grain runs"
    value={card.base.grain}
    items={words.grains.map((g) => ({ id: g.grain, name: g.label }))}
    onchoose={(grain) => put({ grain })}
  />
  <Pick
    label="The base is this piece"
    none="none of them"
    value={card.base.piece}
    items={job.pieces.map((p) => ({ id: p.name, name: p.name }))}
    onchoose={(piece) => put({ piece })}
  />
  <Pick
    label="Envelope"
    none="no envelope"
    value={card.envelope?.name ?? ''}
    items={envelopes}
    onchoose={send}
  />
  {#if card.envelope}
    {@const envelope = card.envelope}
    <QuantityField
      kind="LENGTH"
      label="Takes up to"
      name="envelope.takesMm"
      value={envelope.takesMm}
      onvalue={(takesMm) => onchange({ ...card, envelope: { ...envelope, takesMm } })}
    />
  {/if}
</div>
{#if view}
  <p class="text-soft mt-2">
    {#if view.base.scoresMm.length > 0}
      Open {preferences.lengthFigure(view.base.widthMm)} × {preferences.length(view.base.heightMm)}; {preferences.said(
        view.base.scoring,
      )};
    {/if}
    {view.base.sheets} sheet{view.base.sheets === 1 ? '' : 's'} for {job.cards} card{job.cards === 1
      ? ''
      : 's'}.
  </p>
{/if}
{#if words.folds.find((f) => f.fold === card.base.fold)?.opens}
  <Button kind="quiet" class="mt-1" onclick={oninside}>A plain panel inside</Button>
{/if}
