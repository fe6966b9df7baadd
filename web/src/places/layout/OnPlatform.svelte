<script lang="ts">
  import type { LayoutView } from '../../api/client';
  import Choice from '../../parts/Choice.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { laying } from '../../state/laying.svelte';
  import Button from '../../parts/Button.svelte';

  /** The size of the piece, and how it comes onto the platform. */
  let { view }: { view: LayoutView } = $props();
  const piece = $derived(view.layout.piece);
  const bed = $derived(view.layout.bed);
</script>

<section class="border-rule mt-4 border-t pt-3" aria-labelledby="piece-title">
  <h2 id="piece-title" class="sr-only">The piece</h2>
  <div class="grid grid-cols-3 gap-2">
    <QuantityField
      kind="LENGTH"
      label="Width"
      name="pieceWidth"
      value={piece.widthMm}
      onvalue={(widthMm) => laying.part({ piece: { ...piece, widthMm } })}
    />
    <QuantityField
      kind="LENGTH"
      label="Height"
      name="pieceHeight"
      value={piece.heightMm}
      onvalue={(heightMm) => laying.part({ piece: { ...piece, heightMm } })}
    />
    <QuantityField
      kind="LENGTH"
      label="To trim"
      name="trim"
      value={piece.trimMm}
      onvalue={(trimMm) => laying.part({ piece: { ...piece, trimMm } })}
    />
  </div>
  <div class="mt-3">
    <Choice
      label="Plates are"
      value={view.layout.method}
      options={[
        ['LOOSE', 'laid loose'],
        ['TAPED', 'taped to it'],
        ['HINGED', 'under a hinge'],
      ]}
      onchoose={(method) => laying.part({ method })}
    />
  </div>
  <div class="mt-3">
    <Choice
      label="The sheet is turned"
      value={bed.over}
      options={[
        ['SIDEWAYS', 'like a page'],
        ['ENDWAYS', 'over its top'],
      ]}
      onchoose={(over) => laying.part({ bed: { ...bed, over } })}
    />
  </div>
  <div class="mt-3 grid grid-cols-2 gap-2">
    <QuantityField
      kind="LENGTH"
      label="Right of the middle"
      name="bedRight"
      value={bed.rightMm}
      onvalue={(rightMm) => laying.part({ bed: { ...bed, rightMm } })}
    />
    <QuantityField
      kind="LENGTH"
      label="Above the middle"
      name="bedUp"
      value={bed.upMm}
      onvalue={(upMm) => laying.part({ bed: { ...bed, upMm } })}
    />
  </div>
  <Button
    kind="quiet"
    class="mt-1 -ml-2"
    onclick={() => laying.part({ bed: { ...bed, quarterTurns: (bed.quarterTurns + 1) % 4 } })}
    >Turn the piece a quarter</Button
  >
</section>
