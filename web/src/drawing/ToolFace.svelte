<svelte:options namespace="svg" />

<script lang="ts">
  import type { Face } from './materials';

  /** What marks a tool's face at its edge: raised blocks, blades, the waves of a folder, the openings of a stencil. */
  interface Props {
    face: Face;
    up: boolean;
    x: number;
    w: number;
    top: number;
    height: number;
    fill: string;
  }
  let { face, up, x, w, top, height, fill }: Props = $props();

  const y = $derived(up ? top : top + height);
  const rise = $derived(up ? -5 : 5);
  const steps = $derived(
    Array.from({ length: Math.max(1, Math.floor((w - 20) / 20)) }, (_, i) => x + 10 + i * 20),
  );
  const path = $derived.by(() => {
    switch (face) {
      case 'edge':
        return steps.map((at) => `M${at} ${y}l4 ${rise * 1.5}l4 ${-rise * 1.5}z`).join('');
      case 'folder':
        return steps.map((at) => `M${at} ${top}q5 -7 10 0zM${at + 10} ${top + height}q5 7 10 0z`).join('');
      case 'design':
        return steps.map((at) => `M${at} ${y}v${rise}h12v${-rise}z`).join('');
      default:
        return '';
    }
  });
</script>

{#if face === 'open'}
  <path d="M{x} {top + height / 2}h{w}" stroke="var(--ink)" stroke-dasharray="14 10" opacity="0.4" />
{:else}
  <path d={path} fill={face === 'edge' ? 'var(--steel)' : face === 'folder' ? fill : 'var(--brass)'} />
{/if}
