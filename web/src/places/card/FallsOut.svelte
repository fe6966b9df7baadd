<script lang="ts">
  import type { CardView } from '../../api/client';
  import { put } from '../../shelving/shelves';
  import { kit } from '../../state/kit.svelte';
  import { tell } from '../../state/messages.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  /** What falls out of windows: another card finds it by its size and shape. */
  let { pieces }: { pieces: CardView['fallsOut'] } = $props();

  const stock = (id: string) => kit.all.stocks.find((k) => k.item.id === id)?.item.name ?? 'stock';

  async function keep() {
    try {
      for (const piece of pieces) await put('offcuts', { ...piece });
      await kit.changed();
      tell('Kept. A job with a piece that fits will offer it.');
    } catch (trouble) {
      tell(trouble);
    }
  }
</script>

<div>
  <p class="text-soft text-fine">
    Falls out:
    {#each pieces as piece, i (i)}{i > 0 ? '; ' : ''}{piece.left} × {piece.name},
      {preferences.lengthFigure(piece.widthMm)} × {preferences.length(piece.heightMm)}, {stock(
        piece.stockId,
      )}{/each}.
  </p>
  <Button kind="quiet" onclick={keep}>Keep them for another card</Button>
</div>
