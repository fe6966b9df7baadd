<script lang="ts">
  import type { LayoutView } from '../../api/client';
  import PieceView from '../../drawing/PieceView.svelte';
  import PlatformView from '../../drawing/PlatformView.svelte';
  import TurnHand from '../../drawing/TurnHand.svelte';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { laying, type Drawing } from '../../state/laying.svelte';
  import { preferences } from '../../state/preferences.svelte';

  /** Both drawings at one scale, and the hand that turns the sheet between them. */
  let { view, trial }: { view: LayoutView; trial: string } = $props();

  const AROUND = 70;
  const NARROW_AROUND = 110;
  const HAND = 120;
  const SNAP_PX = 7;
  let room = $state(860);
  let height = $state(800);
  const side = $derived(room >= 540);
  const piece = $derived(view.layout.piece);
  const cut = $derived({ w: piece.widthMm + 2 * piece.trimMm, h: piece.heightMm + 2 * piece.trimMm });
  const tall = $derived(Math.max(cut.h, view.ground.heightMm));
  const scale = $derived(
    side
      ? Math.min(
          (room - 2 * AROUND - HAND) / (cut.w + view.ground.widthMm),
          Math.max(300, height - 275) / tall,
        )
      : Math.min((room - NARROW_AROUND) / Math.max(cut.w, view.ground.widthMm), 3),
  );
  const draft = $derived(editing.draft);
  const layer = (kind: 'STOCK' | 'FILM') => draft?.layers.find((l) => l.kind === kind);
  const tint = (kind: 'STOCK' | 'FILM') => {
    const found = layer(kind);
    return ((found && kit.item(found)) as { colour?: string } | undefined)?.colour ?? '#eee';
  };
  const step = $derived(
    preferences.now.length === 'MM' ? { coarse: 0.5, fine: 0.1 } : { coarse: 25.4 / 32, fine: 25.4 / 128 },
  );

  function grab(key: string, event: PointerEvent, drawing: Drawing) {
    event.stopPropagation();
    laying.choose(key, event.shiftKey || event.ctrlKey);
    const from = { x: event.clientX, y: event.clientY };
    let grabbed = false;
    const move = (e: PointerEvent) => {
      const [dx, dy] = [e.clientX - from.x, from.y - e.clientY];
      if (!grabbed && Math.hypot(dx, dy) < 3) return;
      if (!grabbed) laying.grab();
      grabbed = true;
      laying.dragTo(dx / scale, dy / scale, drawing, e.altKey ? 0 : SNAP_PX / scale);
    };
    const up = (e: PointerEvent) => {
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', up);
      if (grabbed) laying.drop(e.type === 'pointercancel');
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', up);
  }

  const ARROWS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  };

  function key(event: KeyboardEvent, drawing: Drawing) {
    const arrow = ARROWS[event.key];
    if (arrow) {
      event.preventDefault();
      const by = event.altKey ? step.fine : step.coarse;
      laying.do({ kind: 'MOVE', rightMm: arrow[0] * by, upMm: arrow[1] * by, drawing, snapMm: 0 });
    } else if (event.key === 'Delete' && view.plates.length > laying.chosen.length) {
      laying.do({ kind: 'REMOVE' });
    } else if (event.key.toLowerCase() === 'r' && !event.ctrlKey) {
      laying.do({ kind: 'TURN' });
    }
  }
</script>

<svelte:window bind:innerHeight={height} />

<div bind:clientWidth={room} class="min-w-0">
  <div
    class="flex {side ? 'items-stretch justify-start' : 'flex-col items-center gap-2'}"
    class:touch-none={laying.moving}
  >
    <div class="flex shrink-0 flex-col">
      <h2 class="text-large pl-8">As it will be read</h2>
      <div class="flex flex-1 items-center">
        <PieceView
          {view}
          {scale}
          {trial}
          stock={tint('STOCK')}
          film={tint('FILM')}
          chosen={laying.chosen}
          ahead={laying.ahead}
          onfocus={(k) => laying.choose(k, false)}
          ongrab={(k, e) => grab(k, e, 'PIECE')}
          onkey={(e) => key(e, 'PIECE')}
          onback={() => (laying.chosen = [])}
        />
      </div>
    </div>
    <div class="flex shrink-0 items-center justify-center" style:width={side ? `${HAND}px` : 'auto'}>
      <TurnHand over={view.layout.bed.over} taped={view.layout.method === 'TAPED'} />
    </div>
    <div class="shrink-0">
      <h2 class="text-large pl-8">As you load it, mirrored</h2>
      <PlatformView
        {view}
        {scale}
        film={tint('FILM')}
        chosen={laying.chosen}
        ahead={laying.ahead}
        onfocus={(k) => laying.choose(k, false)}
        ongrab={(k, e) => grab(k, e, 'PLATFORM')}
        onkey={(e) => key(e, 'PLATFORM')}
        onback={() => (laying.chosen = [])}
      />
    </div>
  </div>
</div>
