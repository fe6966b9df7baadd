<svelte:options namespace="svg" />

<script lang="ts">
  import type { DraftLayer, Plate } from '../api/client';
  import { preferences } from '../state/preferences.svelte';
  import { fillOf, facing, hatch, subtitle, toolFace, type Band, type Item } from './materials';
  import ToolFace from './ToolFace.svelte';

  /** One layer: its band with hatch and faces, its name on the left, its thickness and face on the right. */
  interface Props {
    layer: DraftLayer;
    item: Item | undefined;
    /** How many more lie beside it. */
    others: number;
    band: Band;
    body: { x: number; width: number };
    width: number;
    found: boolean;
    level: string;
    /** Whether gel lies on the stock. */
    gel: boolean;
    selected: boolean;
    /** Tab comes to the stack here. */
    entry: boolean;
    dragged: boolean;
    position: [number, number];
    onselect: () => void;
    ongrab: (event: PointerEvent) => void;
  }
  let {
    layer,
    item,
    others,
    band,
    body,
    width,
    found,
    level,
    gel,
    selected,
    entry,
    dragged,
    position,
    onselect,
    ongrab,
  }: Props = $props();

  const narrow = $derived(width < 560);
  // On a phone the leaders are short and the labels stand close.
  const reach = $derived(narrow ? 14 : 40);
  const longest = $derived(narrow ? 13 : 21);
  const look = $derived(hatch(layer.kind, item));
  const up = $derived(layer.facing === 'UP');
  const face = $derived(facing(layer.kind, up, item, gel));
  const under = $derived(layer.kind === 'PLATFORM' ? level : subtitle(layer.kind, item, preferences.weight));
  const middle = $derived(band.top + band.height / 2);
  // A plate is smaller than what it lies on.
  const inset = $derived(
    layer.kind === 'PLATE' ? body.width * 0.15 : layer.kind === 'FILM' ? body.width * 0.09 : 0,
  );
  const x = $derived(body.x + inset);
  const w = $derived(body.width - 2 * inset);
  const fill = $derived(fillOf(layer.kind, item));
  const name = $derived(`${item?.name ?? layer.id}${others > 0 ? ` + ${others}` : ''}`);
  const thickness = $derived(item ? preferences.length(item.thicknessMm) : '');
</script>

<g
  role="option"
  tabindex={entry ? 0 : -1}
  aria-selected={selected}
  aria-posinset={position[0]}
  aria-setsize={position[1]}
  aria-label="{name}, {thickness}{face ? `, ${face}` : ''}{found ? ', something is wrong here' : ''}"
  data-layer={layer.id}
  class="outline-none"
  opacity={dragged ? 0.5 : 1}
  onfocus={onselect}
  onpointerdown={(e) => {
    ongrab(e);
    onselect();
  }}
>
  <rect x="0" y={band.label - 19} {width} height="38" fill="transparent" />
  <path
    d="M{body.x - reach + 4} {band.label}H{body.x - reach / 2}L{x - 4} {middle}"
    fill="none"
    stroke="var(--rule-strong)"
  />
  <path
    d="M{body.x + body.width + reach - 4} {band.label}H{body.x + body.width + reach / 2}L{x + w + 4} {middle}"
    fill="none"
    stroke="var(--rule-strong)"
  />
  {#if layer.kind === 'PLATE'}<ToolFace
      face={toolFace(item as Plate | undefined)}
      {up}
      {x}
      {w}
      top={band.top}
      height={band.height}
      {fill}
    />{/if}
  <rect {x} y={band.top} width={w} height={band.height} {fill} />
  {#if look === 'foil'}
    <rect
      {x}
      y={up ? band.top : band.top + band.height / 2}
      width={w}
      height={band.height / 2}
      fill="url(#sheen)"
    />
  {:else if look !== 'stock'}
    <rect {x} y={band.top} width={w} height={band.height} fill="url(#hatch-{look})" />
  {/if}
  {#if layer.kind === 'STOCK' && gel}
    <path
      d={`M${x + w * 0.2} ${up ? band.top : band.top + band.height}h${w * 0.6}v${up ? -4 : 4}h${-w * 0.6}z`}
      fill="var(--steel)"
      opacity="0.55"
    />
  {/if}
  {#if layer.kind === 'STOCK'}
    <rect
      {x}
      y={up ? band.top : band.top + band.height - 2}
      width={w}
      height="2"
      fill="var(--ink)"
      opacity="0.35"
    />
  {/if}
  <rect
    {x}
    y={band.top}
    width={w}
    height={band.height}
    fill="none"
    stroke="var(--rule-strong)"
    stroke-width="0.8"
  />
  {#if layer.kind === 'PLATFORM'}
    <rect {x} y={band.top} width={w} height="5" fill="var(--ember)" />
  {/if}
  {#if selected}
    <rect
      x={x - 4}
      y={band.top - 3}
      width={w + 8}
      height={band.height + 6}
      rx="3"
      fill="none"
      stroke="var(--verdigris)"
      stroke-width="3"
    />
  {/if}
  <text
    x={body.x - reach}
    y={band.label - 2}
    text-anchor="end"
    font-weight="700"
    font-size={narrow ? 14 : 16}
    fill="var(--ink)"
  >
    {name.length > longest ? `${name.slice(0, longest - 1)}…` : name}
  </text>
  <text
    x={body.x - reach}
    y={band.label + 14}
    text-anchor="end"
    font-size="13"
    fill={layer.kind === 'PLATFORM' ? 'var(--ember)' : 'var(--soft)'}
  >
    {under}{layer.kind === 'PLATFORM' ? ' hot' : ''}
  </text>
  <g transform="translate({body.x + body.width + reach} {band.label})">
    <text y="5" font-size={narrow ? 14 : 16} fill="var(--ink)">{thickness}</text>
    {#if face && !narrow}
      <path d={up ? 'M84 4l5-9 5 9z' : 'M84 -4l5 9 5-9z'} fill="var(--ink)" />
      <text x="100" y="5" font-size="14" fill="var(--ink)">{face}</text>
    {/if}
  </g>
  {#if found}
    <g transform="translate({x + w - 14} {middle})" aria-hidden="true">
      <path d="M0 -9L10 8H-10Z" fill="var(--ochre-wash)" stroke="var(--ochre)" stroke-width="1.6" />
      <path d="M0 -3v5M0 4.4v1.2" stroke="var(--ochre)" stroke-width="2" />
    </g>
  {/if}
</g>
