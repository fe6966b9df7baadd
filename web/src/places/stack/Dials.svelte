<script lang="ts">
  import type { Draft } from '../../api/client';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Dial from './Dial.svelte';

  const draft = $derived(editing.draft);
  const levels = $derived(draft ? (kit.platform(draft.platformId)?.levels ?? []) : []);
  const HEATINGS: Draft['heating'][] = ['ALONE', 'COVERED', 'TOGETHER'];
  const PACES: Draft['pace'][] = ['SLOW', 'STEADY', 'BRISK'];
  const PEELS: { name: string; peel: Draft['peel'] }[] = [
    { name: 'warm, at once', peel: { cooling: 'IN_AIR', seconds: 5 } },
    { name: 'cold, on the mat', peel: { cooling: 'ON_MAT', seconds: 30 } },
    { name: 'cold, in air', peel: { cooling: 'IN_AIR', seconds: 90 } },
    { name: 'in the stack', peel: { cooling: 'IN_STACK', seconds: 120 } },
  ];
  const COVERS = { ALONE: 'plate open', COVERED: 'spacer over it', TOGETHER: 'whole stack' };
  const MEDIA = { NONE: 'none', DRY: 'dry', WET: 'wet' };
  const soakStep = $derived(draft && draft.soakSeconds >= 60 ? 15 : 5);
  const peelIndex = $derived(
    PEELS.findIndex((p) => p.peel.cooling === draft?.peel.cooling && p.peel.seconds === draft.peel.seconds),
  );

  function turn<T>(list: T[], now: T, by: number): T {
    return list[(list.indexOf(now) + by + list.length) % list.length] as T;
  }
</script>

{#if draft}
  <div
    class="border-rule bg-paper [&>*]:border-rule grid grid-cols-2 border sm:grid-cols-3 xl:grid-cols-4 [&>*]:border-r [&>*]:border-b [&>*]:border-dashed"
  >
    <Dial
      label="Soak"
      less="shorter"
      more="longer"
      onless={() => editing.part({ soakSeconds: Math.max(0, draft.soakSeconds - soakStep) })}
      onmore={() => editing.part({ soakSeconds: Math.min(1800, draft.soakSeconds + soakStep) })}
    >
      <QuantityField
        kind="DURATION"
        label="Soak"
        name="soakSeconds"
        hideLabel
        value={draft.soakSeconds}
        class="[&_input]:font-title w-[104px] [&_input]:border-transparent! [&_input]:py-0! [&_input]:text-[22px]! [&_input]:font-bold"
        onvalue={(soakSeconds) => editing.part({ soakSeconds })}
      />
    </Dial>
    <Dial
      label="Cover"
      value={COVERS[draft.heating]}
      onmore={() => editing.part({ heating: turn(HEATINGS, draft.heating, 1) })}
    />
    <Dial
      label="Heat"
      value={levels[draft.level]?.name ?? ''}
      unit={preferences.temperature(levels[draft.level]?.celsius ?? 0)}
      onmore={() => editing.part({ level: (draft.level + 1) % levels.length })}
    />
    <Dial
      label="Pace"
      value={draft.pace.toLowerCase()}
      onmore={() => editing.part({ pace: turn(PACES, draft.pace, 1) })}
    />
    <Dial
      label="Passes"
      value={draft.passes === 1 ? 'one' : draft.passes === 2 ? 'there, back' : String(draft.passes)}
      less="fewer"
      more="more"
      onless={() => editing.part({ passes: Math.max(1, draft.passes - 1) })}
      onmore={() => editing.part({ passes: Math.min(6, draft.passes + 1) })}
    />
    <Dial
      label="Peel"
      value={PEELS[peelIndex]?.name ?? `after ${draft.peel.seconds} s`}
      onmore={() => editing.part({ peel: (PEELS[(peelIndex + 1) % PEELS.length] ?? PEELS[0]!).peel })}
    />
    <Dial
      label="Ink below"
      value={MEDIA[draft.medium]}
      onmore={() =>
        editing.part({ medium: turn(['NONE', 'DRY', 'WET'] as const, draft.medium, 1) as Draft['medium'] })}
    />
    <div class="px-3 py-2">
      <label class="label block" for="press-choice">Press</label>
      <select
        id="press-choice"
        class="w-full py-1 pr-8 pl-2"
        value={draft.pressId}
        onchange={(e) => editing.part({ pressId: e.currentTarget.value })}
      >
        {#each kit.inUse('presses') as p (p.id)}<option value={p.id}>{p.name}</option>{/each}
      </select>
    </div>
  </div>
{/if}
