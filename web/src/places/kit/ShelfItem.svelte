<script lang="ts">
  import {
    api,
    asked,
    type Board,
    type Film,
    type HeatedRollers,
    type KitView,
    type Plate,
    type Platform,
    type Press,
    type Schemas,
    type Stock,
  } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import { day, duration } from '../../parts/format';
  import { kit } from '../../state/kit.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import EdgeDrawing from './EdgeDrawing.svelte';
  import Fold from '../../parts/Fold.svelte';
  import MeasurePress from './MeasurePress.svelte';
  import OutOfPanel from './OutOfPanel.svelte';
  import { layerKind, type Plain } from './plain';
  import ThingDrawing from './ThingDrawing.svelte';
  import { retire } from '../../shelving/shelves';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  /** A thing on its shelf: drawn to scale from above and at its edge, with its wear and what is left. */
  let {
    shelf,
    kept,
    onedit,
    onother,
  }: {
    shelf: Plain;
    kept: KitView[Plain][number];
    onedit: () => void;
    /** Something that belongs to it is looked at. */
    onother: (id: string) => void;
  } = $props();

  const family = new Question<Plate[]>();
  $effect(() => {
    if (shelf !== 'plates') return;
    const params = { path: { id: kept.item.id } };
    return family.follow((signal) => asked(api.GET('/api/kit/plates/{id}/family', { params, signal })));
  });

  let measuring = $state(false);
  const kind = $derived(layerKind(shelf));
  const item = $derived(kept.item);
  const gauge = $derived.by(() => {
    if (shelf === 'boards') {
      const board = item as Board;
      return { share: Math.max(0, 1 - board.passes / board.lifePasses), word: 'of its life left' };
    }
    if (shelf !== 'films') return undefined;
    const film = item as Film;
    return { share: film.leftCm2 / ((film.widthMm * film.heightMm) / 100), word: 'unspent' };
  });
  const facts = $derived.by(() => {
    if (shelf === 'presses') {
      const p = item as Press;
      return `turned by ${vocabulary.kind('presses', p.kind)}, opening ${preferences.length(p.openingMm)}, throat ${preferences.length(p.throatMm)}`;
    }
    if (shelf === 'rollers') {
      const r = item as HeatedRollers;
      const settings = r.settings.map((l) => `${l.name} ${preferences.temperature(l.celsius)}`).join(', ');
      return `${vocabulary.kind('rollers', r.kind)}, warm in ${duration(r.warmUpSeconds)}, ${settings}`;
    }
    if (shelf === 'foams') {
      const f = item as Schemas['FoamSheet'];
      return `${preferences.length(f.thicknessMm)} thick, ${preferences.lengthFigure(f.widthMm)} × ${preferences.length(f.heightMm)}, ${f.left} left`;
    }
    if (shelf === 'envelopes') {
      const e = item as Schemas['Envelope'];
      return `${preferences.lengthFigure(e.widthMm)} × ${preferences.length(e.heightMm)} inside, takes ${preferences.length(e.takesMm)}`;
    }
    if (shelf === 'offcuts') {
      const o = item as Schemas['Offcut'];
      const stock = kit.all.stocks.find((k) => k.item.id === o.stockId)?.item.name ?? 'stock that is gone';
      return `${stock}, ${preferences.lengthFigure(o.widthMm)} × ${preferences.length(o.heightMm)}, ${o.left} left`;
    }
    const size = item as Stock;
    const base = `${preferences.length(size.widthMm)} × ${preferences.length(size.heightMm)}`;
    if (shelf === 'boards') {
      const b = item as Board;
      const turnAt = vocabulary.now.limits.turnAtMm;
      const bow =
        b.bowMm >= turnAt
          ? `, bowed ${preferences.length(b.bowMm)}`
          : b.bowMm <= -turnAt
            ? `, turned on its bow of ${preferences.length(-b.bowMm)}`
            : '';
      return `${vocabulary.kind('boards', b.kind)}, ${base}, ${b.owned} owned${bow}${b.since ? `, in use since ${day(b.since)}` : ''}`;
    }
    if (shelf === 'stocks') {
      const s = item as Stock;
      return `${vocabulary.kind('stocks', s.kind)}, ${s.gsm > 0 ? `${preferences.weight(s.gsm)}, ` : ''}${base}, ${Math.round(s.left * 100) / 100} left${s.heatProof ? '' : ', not for heat'}`;
    }
    if (shelf === 'platforms') {
      return `${base}, ${(item as Platform).levels.map((l) => `${l.name} ${preferences.temperature(l.celsius)}`).join(', ')}`;
    }
    if (shelf === 'plates') return `${vocabulary.kind('plates', (item as Plate).kind)}, ${base}`;
    return `${vocabulary.kind('films', (item as Film).kind)}, ${base}`;
  });

  async function toggle() {
    try {
      await retire(shelf, item.id, kept.version, !kept.retired);
      await kit.changed();
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<section
  aria-label={item.name}
  class="grid grid-cols-[104px_minmax(0,1fr)] items-center gap-x-5 gap-y-2 py-3 md:grid-cols-[104px_minmax(0,1fr)_150px_auto]"
>
  <div class="flex h-[92px] items-center justify-center">
    <ThingDrawing {shelf} {item} />
  </div>
  <div class="min-w-0">
    <strong class="text-lead">{item.name}</strong>{#if kept.retired}<span class="text-soft ml-2"
        >put away</span
      >{/if}
    <span class="text-soft block">{facts}</span>
    {#if family.answer && family.answer.length > 0}
      <span class="block"
        >The same design: {#each family.answer as other, i (other.id)}{i > 0 ? ', ' : ''}<Button
            kind="link"
            onclick={() => onother(other.id)}>{other.name}</Button
          >{/each}</span
      >
    {/if}
    {#if gauge}
      <span class="text-soft text-fine mt-1 flex items-center gap-2">
        <svg width="120" height="8" aria-hidden="true">
          <rect x="0.5" y="0.5" width="119" height="7" fill="none" stroke="var(--rule-strong)" />
          <rect width={120 * Math.min(1, gauge.share)} height="8" fill="var(--rule-strong)" />
        </svg>{Math.round(gauge.share * 100)} % {gauge.word}
      </span>
    {/if}
  </div>
  <div>
    {#if kind}<EdgeDrawing {kind} item={item as Board} />{/if}
  </div>
  <div class="flex gap-1">
    {#if shelf === 'presses'}
      <Button kind="quiet" aria-label="Measure {item.name}" onclick={() => (measuring = true)}>Measure</Button
      >
    {/if}
    <Button aria-label="Edit {item.name}" onclick={onedit}>Edit</Button>
    <Button kind="quiet" aria-label="{kept.retired ? 'Use again' : 'Put away'} {item.name}" onclick={toggle}
      >{kept.retired ? 'Use again' : 'Put away'}</Button
    >
  </div>
</section>
{#if shelf === 'presses'}<Note name="kit.measure" />{/if}
{#if shelf === 'plates' && vocabulary.now.dieKinds.includes((item as Plate).kind)}
  <Fold title="How many come out of a panel"><OutOfPanel die={item as Plate} /></Fold>
{/if}
{#if measuring}
  <MeasurePress press={item as Press} version={kept.version} onclose={() => (measuring = false)} />
{/if}
