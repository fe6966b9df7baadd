<script lang="ts">
  import type { LayoutView } from '../../api/client';
  import Choice from '../../parts/Choice.svelte';
  import { editing } from '../../state/editing.svelte';

  /** Sheets at true scale. */
  let { view }: { view: LayoutView } = $props();
  let paper = $state<'A4' | 'LETTER'>('A4');
  const KINDS = $derived([
    { kind: 'TRACING', name: 'Tracing sheet', what: 'lies on the platform under the plates, mirrored' },
    { kind: 'STOCK', name: 'Stock', what: 'the piece with its designs and cuts, as read' },
    { kind: 'FOIL', name: 'Foil pieces', what: 'one for each plate' },
    ...(view.layout.patches.length > 0
      ? [{ kind: 'PATCHES', name: 'Make-ready', what: 'patches, seen from the back' }]
      : []),
  ]);
  const id = $derived(editing.saved?.id);
</script>

<section aria-labelledby="print-title">
  <h2 id="print-title" class="text-lead">Templates at true scale</h2>
  <div class="mt-2">
    <Choice
      label="Paper"
      value={paper}
      options={[
        ['A4', 'A4'],
        ['LETTER', 'Letter'],
      ]}
      onchoose={(p) => (paper = p)}
    />
  </div>
  <ul class="mt-3">
    {#each KINDS as { kind, name, what } (kind)}
      <li class="border-rule border-t py-2">
        <strong>{name}</strong><span class="text-soft text-small block">{what}</span>
        <!-- What is on the page is saved before it is printed. -->
        <span class="mt-1 flex gap-1" onpointerenter={() => editing.settle()} role="presentation">
          <a
            class="press"
            href="/api/set-ups/{id}/template.pdf?kind={kind}&paper={paper}"
            download
            onfocus={() => editing.settle()}
            aria-label="{name} as PDF">PDF</a
          >
          <a
            class="press press-quiet"
            href="/api/set-ups/{id}/template.svg?kind={kind}"
            download
            onfocus={() => editing.settle()}
            aria-label="{name} as SVG">SVG</a
          >
        </span>
      </li>
    {/each}
  </ul>
  <p class="text-soft border-rule text-small border-t pt-2">
    Print at 100 %. Each sheet carries a bar of 50 mm and one of 2 in: measure them before you trust it.
  </p>
</section>
