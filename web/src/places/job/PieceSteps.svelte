<script lang="ts">
  import TextField from '../../parts/TextField.svelte';
  import Pick from '../../parts/Pick.svelte';
  import { api, asked, type JobPiece, type Operation, type SavedSetUp, type Schemas } from '../../api/client';
  import NewSetUp from '../../starting/NewSetUp.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { world } from '../../state/world.svelte';
  import NumberField from '../../parts/NumberField.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';
  import Findings from '../../parts/Findings.svelte';
  import { kit } from '../../state/kit.svelte';
  import { planning } from '../../state/planning.svelte';
  import { duration } from '../../parts/format';
  import { routes } from '../../state/routes.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';
  import Term from '../../parts/Term.svelte';

  /** A piece: what it is cut from, and what is done to it, in order. */
  interface Props {
    piece: JobPiece;
    index: number;
    findings: Schemas['OrderView'][];
    setUps: SavedSetUp[];
    onremove: () => void;
  }
  let { piece, index, findings, setUps, onremove }: Props = $props();

  const SAME_MM = 0.5;
  const put = (part: Partial<JobPiece>) => planning.piece(index, part);
  const steps = (operations: Operation[]) => put({ operations });

  const word = (kind: Operation['kind']) =>
    vocabulary.now.operations.find((o) => o.kind === kind)?.label ?? kind;
  const done = (kind: Operation['kind']) => routes.all.some((r) => r.does.includes(kind));
  const fits = (kind: Operation['kind'], setUp: SavedSetUp) =>
    routes.of(setUp.draft.route)?.does.includes(kind) === true;
  const work = (operation: Operation) => planning.look?.works.find((w) => w.setUpId === operation.setUpId);

  let starting = $state(-1);
  /** A tool that this piece meets already: its die or stencil goes with it. */
  const carried = $derived(
    piece.operations
      .map((o) => setUps.find((s) => s.id === o.setUpId))
      .map((s) => (s ? kit.tool(s.draft)?.id : undefined))
      .find((id) => id !== undefined),
  );

  /** A piece may lie either way round. */
  function same({ widthMm, heightMm }: { widthMm: number; heightMm: number }) {
    const close = (a: number, b: number) => Math.abs(a - b) < SAME_MM;
    return (
      (close(widthMm, piece.widthMm) && close(heightMm, piece.heightMm)) ||
      (close(widthMm, piece.heightMm) && close(heightMm, piece.widthMm))
    );
  }

  async function fresh(id: string | undefined) {
    return id ? await asked(api.GET('/api/set-ups/{id}', { params: { path: { id } } })) : undefined;
  }

  /** The set-up's layout takes the piece of the job; what lies on it follows. */
  async function relay(operation: Operation) {
    // As it is kept now: it may have changed since the list was read.
    const setUp = await fresh(operation.setUpId);
    const layout = setUp?.draft.layout;
    if (!setUp || !layout) return;
    const { widthMm, heightMm } = piece;
    const draft = { ...setUp.draft, layout: { ...layout, piece: { ...layout.piece, widthMm, heightMm } } };
    const params = { path: { id: setUp.id }, query: { version: setUp.version } };
    try {
      await world.kept(asked(api.PUT('/api/set-ups/{id}', { params, body: { name: setUp.name, draft } })));
    } catch (trouble) {
      tell(trouble);
    }
  }

  function kept(saved: SavedSetUp) {
    const at = starting;
    starting = -1;
    steps(piece.operations.map((o, k) => (k === at ? { ...o, setUpId: saved.id } : o)));
  }

  function move(from: number, to: number) {
    if (to < 0 || to >= piece.operations.length) return;
    const operations = [...piece.operations];
    const [taken] = operations.splice(from, 1);
    if (taken) operations.splice(to, 0, taken);
    steps(operations);
  }
</script>

<section aria-label="Piece {piece.name}">
  <div class="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-4">
    <TextField
      class="col-span-2"
      label="Piece"
      value={piece.name}
      onchange={(e) => put({ name: e.currentTarget.value })}
    />
    <div class="col-span-2">
      <Pick
        label="From"
        value={piece.stockId}
        items={kit.inUse('stocks')}
        onchoose={(stockId) => put({ stockId })}
      />
    </div>
    <QuantityField
      kind="LENGTH"
      label="Width"
      name="jobWidth"
      value={piece.widthMm}
      onvalue={(widthMm) => put({ widthMm })}
    />
    <QuantityField
      kind="LENGTH"
      label="Height"
      name="jobHeight"
      value={piece.heightMm}
      onvalue={(heightMm) => put({ heightMm })}
    />
    <NumberField
      label="Per card"
      name="perCard"
      whole
      min={1}
      max={100}
      value={piece.perCard}
      onvalue={(perCard) => put({ perCard })}
    />
    <Button kind="quiet" class="text-soft self-end" onclick={onremove}>Remove</Button>
  </div>
  <h2 class="label mt-4 font-sans font-normal">Operations</h2>
  <Note name="job.operations" />
  <ol>
    {#each piece.operations as operation, i (i)}
      <li class="border-rule border-t py-1.5">
        <div class="flex flex-wrap items-center gap-x-2 gap-y-1">
          <span class="figure text-soft w-6">{i + 1}</span>
          <strong class="min-w-0 flex-1"><Term word={word(operation.kind)} /></strong>
          <Button
            kind="quiet"
            class="min-h-8 px-2"
            aria-label="Do {word(operation.kind)} earlier"
            why={i === 0 ? 'It is the first already.' : ''}
            onclick={() => move(i, i - 1)}>↑</Button
          >
          <Button
            kind="quiet"
            class="min-h-8 px-2"
            aria-label="Do {word(operation.kind)} later"
            why={i === piece.operations.length - 1 ? 'It is the last already.' : ''}
            onclick={() => move(i, i + 1)}>↓</Button
          >
          <Button
            kind="quiet"
            class="min-h-8 px-2"
            aria-label="Remove {word(operation.kind)}"
            onclick={() => steps(piece.operations.filter((_, k) => k !== i))}>Remove</Button
          >
        </div>
        {#if done(operation.kind)}
          <div class="ml-8 flex flex-wrap items-center gap-x-1">
            <Pick
              label="Set-up for {word(operation.kind)}"
              hideLabel
              class="max-w-[220px]"
              none="no set-up yet"
              value={operation.setUpId ?? ''}
              items={setUps.filter((s) => s.id === operation.setUpId || fits(operation.kind, s))}
              onchoose={(setUpId) =>
                steps(
                  piece.operations.map((o, k) => (k === i ? { ...o, setUpId: setUpId || undefined } : o)),
                )}
            />
            {#if operation.setUpId}<a class="press press-quiet min-h-8" href="#/stack/{operation.setUpId}"
                >Open</a
              >{:else}
              <Button kind="quiet" class="min-h-8" onclick={() => (starting = i)}>New set-up…</Button>
            {/if}
            {#if work(operation)}
              {@const here = work(operation)!}
              <p class="text-small basis-full {here.pullable ? 'text-soft' : 'text-ochre'}">
                {#if !here.does.includes(operation.kind)}This set-up is for {routes.of(here.route)?.label}.
                {:else if !here.pullable || !here.twenty}This set-up can't be pressed yet: open it to see why.
                {:else if here.pieceWidthMm !== undefined && here.pieceHeightMm !== undefined && !same( { widthMm: here.pieceWidthMm, heightMm: here.pieceHeightMm } )}
                  Set up for a piece of {preferences.lengthFigure(here.pieceWidthMm)} × {preferences.length(
                    here.pieceHeightMm,
                  )}.
                  <Button kind="link" onclick={() => relay(operation)}>Fit it to this piece</Button>
                  or
                  <Button
                    kind="link"
                    onclick={() => put({ widthMm: here.pieceWidthMm, heightMm: here.pieceHeightMm })}
                    >cut the piece to that</Button
                  >
                {:else}{here.twenty.clean} of 20 {routes.of(here.route)?.good}, {duration(here.seconds)} each{/if}
              </p>
            {/if}
          </div>
        {/if}
        <Findings findings={findings.filter((f) => f.at === i)} onmend={(mend) => steps(mend.operations)} />
      </li>
    {:else}
      <li class="border-rule text-soft border-t py-2">Nothing yet.</li>
    {/each}
  </ol>
  <div class="mt-2">
    <Pick
      id="add-operation"
      label="Add an operation"
      hideLabel
      class="max-w-[280px]"
      none="Add what is done…"
      value=""
      items={vocabulary.now.operations.map((o) => ({ id: o.kind as string, name: o.label }))}
      adds
      onchoose={(kind) => steps([...piece.operations, { kind: kind as Operation['kind'], note: '' }])}
    />
  </div>
</section>
{#if starting >= 0}
  <NewSetUp
    bind:open={() => starting >= 0, (open) => (starting = open ? starting : -1)}
    {piece}
    does={piece.operations[starting]?.kind}
    goesWith={carried}
    onkept={kept}
  />
{/if}
