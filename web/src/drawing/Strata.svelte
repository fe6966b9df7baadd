<script lang="ts">
  import { loud } from '../parts/found';
  import type { Draft, Schemas } from '../api/client';
  import { kit } from '../state/kit.svelte';
  import { preferences } from '../state/preferences.svelte';
  import StrataLayer from './StrataLayer.svelte';
  import { strata } from './materials';

  /** The stack between its rollers, top to bottom as it lies. Indexes are counted from the bottom, as in the draft. */
  interface Props {
    draft: Draft;
    findings: Schemas['FoundView'][];
    selected: number;
    room: number;
    onselect: (index: number) => void;
    onmove: (from: number, to: number) => void;
  }
  let { draft, findings, selected, room, onselect, onmove }: Props = $props();

  const ROLLER = 50;
  let width = $state(640);
  let drawing: SVGSVGElement;
  let drag = $state<{ from: number; grabbedAt: number; y: number; moved: boolean }>();

  const count = $derived(draft.layers.length);
  const topDown = $derived(
    draft.layers.map((layer, index) => ({ layer, index, item: kit.item(layer) })).reverse(),
  );
  const plan = $derived(
    strata(
      topDown.map((l) => l.item?.thicknessMm ?? 0.3),
      room - 2 * ROLLER,
    ),
  );
  const left = $derived(width < 560 ? 112 : 196);
  const right = $derived(width < 560 ? 92 : 242);
  const body = $derived({ x: left, width: Math.max(90, width - left - right) });
  const bottom = $derived(plan.height + 2 * ROLLER);
  const rollers = $derived(kit.rollers(draft.machineId));
  const heat = $derived(kit.heater(draft)?.levels[kit.level(draft)]?.celsius);
  const roll = $derived(rollers ? 'var(--ember)' : 'var(--steel)');
  const word = $derived(rollers && heat !== undefined ? `hot roller, ${preferences.temperature(heat)}` : '');
  /** A folded sheet lies around what it carries; its fold goes in first. */
  const fold = $derived.by(() => {
    const rows = topDown.flatMap((l, row) =>
      l.item && 'kind' in l.item && l.item.kind === 'CARRIER' ? [row] : [],
    );
    const [above, below] = [plan.bands[rows[0] ?? -1], plan.bands[rows.at(-1) ?? -1]];
    if (!above || !below || above === below) return '';
    const [y0, y1] = [above.top + above.height / 2 + ROLLER, below.top + below.height / 2 + ROLLER];
    const x = body.x + body.width;
    const reach = Math.min(22, (y1 - y0) / 3);
    return `M${x} ${y0}C${x + reach} ${y0} ${x + reach} ${y1} ${x} ${y1}`;
  });
  const target = $derived(drag?.moved ? placeAt(drag.y) : undefined);

  function placeAt(y: number) {
    const row = plan.bands.findIndex((b) => y - ROLLER < b.top + b.height);
    return count - 1 - (row < 0 ? count - 1 : row);
  }

  function local(event: PointerEvent) {
    return event.clientY - drawing.getBoundingClientRect().top;
  }

  /**
   * The drawing holds the pointer, so that a hand that strays keeps the layer. A finger moves the layer that is chosen
   * already; on any other it scrolls the page.
   */
  function grab(event: PointerEvent, from: number) {
    if (event.pointerType === 'touch' && from !== selected) return;
    drag = { from, grabbedAt: local(event), y: local(event), moved: false };
    drawing.setPointerCapture(event.pointerId);
  }

  /** While a finger holds a layer, the page stays where it is. */
  function stayPut(node: SVGSVGElement) {
    const stay = (event: TouchEvent) => drag && event.preventDefault();
    node.addEventListener('touchmove', stay, { passive: false });
    return () => node.removeEventListener('touchmove', stay);
  }

  function drop() {
    if (drag?.moved && target !== undefined && target !== drag.from) onmove(drag.from, target);
    drag = undefined;
  }

  function roller(upper: boolean) {
    const [x0, x1] = [body.x - 26, body.x + body.width + 26];
    const middle = (x0 + x1) / 2;
    return upper
      ? `M${x0} 0H${x1}V14Q${middle} ${ROLLER * 1.68} ${x0} 14Z`
      : `M${x0} ${bottom}H${x1}V${bottom - 14}Q${middle} ${bottom - ROLLER * 1.68} ${x0} ${bottom - 14}Z`;
  }
</script>

<div bind:clientWidth={width} class="touch-pan-y">
  <svg
    bind:this={drawing}
    {@attach stayPut}
    {width}
    height={bottom}
    role="listbox"
    tabindex="-1"
    aria-label="The stack, top to bottom"
    onpointermove={(e) => {
      if (drag) drag = { ...drag, y: local(e), moved: drag.moved || Math.abs(local(e) - drag.grabbedAt) > 5 };
    }}
    onpointerup={drop}
    onpointercancel={() => (drag = undefined)}
  >
    <path d={roller(true)} fill={roll} />
    <path d={roller(false)} fill={roll} />
    {#if width >= 560}
      <text
        x={body.x + body.width / 2}
        y="24"
        text-anchor="middle"
        class="text-tiny"
        fill={rollers ? 'var(--paper)' : '#fff'}>{word || 'upper roller'}</text
      >
      <text
        x={body.x + body.width / 2}
        y={bottom - 12}
        text-anchor="middle"
        class="text-tiny"
        fill={rollers ? 'var(--paper)' : '#fff'}>{word || 'lower roller'}</text
      >
    {/if}
    {#if fold}
      <path d={fold} fill="none" stroke="var(--rule-strong)" stroke-width="3">
        <title>its fold, which goes in first</title>
      </path>
    {/if}
    {#each topDown as { layer, index, item }, row (index)}
      {@const band = plan.bands[row]}
      {#if band}
        <StrataLayer
          {layer}
          {item}
          others={layer.kind === 'PLATE' ? Math.max(0, (draft.layout?.plates.length ?? 1) - 1) : 0}
          band={{ ...band, top: band.top + ROLLER, label: band.label + ROLLER }}
          {body}
          {width}
          found={findings.some((f) => f.layer === index && loud(f.weight))}
          level={preferences.temperature(heat ?? 0)}
          gel={draft.gel !== undefined && layer.kind === 'STOCK'}
          selected={index === selected}
          entry={selected < 0 ? row === 0 : index === selected}
          dragged={drag?.moved === true && drag.from === index}
          position={[row + 1, count]}
          onselect={() => onselect(index)}
          ongrab={(e) => grab(e, index)}
        />
      {/if}
    {/each}
    {#if target !== undefined}
      {@const band = plan.bands[count - 1 - target]}
      {#if band}
        <line
          x1={body.x - 20}
          x2={body.x + body.width + 20}
          y1={band.top + ROLLER + band.height / 2}
          y2={band.top + ROLLER + band.height / 2}
          stroke="var(--verdigris)"
          stroke-width="3"
          stroke-dasharray="8 5"
        />
      {/if}
    {/if}
  </svg>
</div>
