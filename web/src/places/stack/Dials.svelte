<script lang="ts">
  import Pick from '../../parts/Pick.svelte';
  import type { PlatformHeat } from '../../api/client';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import { routes } from '../../state/routes.svelte';
  import Dial from './Dial.svelte';
  import GelDials from './GelDials.svelte';

  const draft = $derived(editing.draft);
  const levels = $derived(draft ? (kit.heater(draft)?.levels ?? []) : []);
  const route = $derived(routes.of(draft?.route));
  const onPlatform = $derived(route?.heated ?? true);
  const hot = $derived(levels.length > 0);
  const machines = $derived([
    ...kit.inUse('presses').map((p) => ({ id: p.id, name: p.name })),
    ...kit.inUse('rollers').map((r) => ({ id: r.id, name: r.name })),
  ]);
  // A press cannot take the place of rollers, nor rollers of a press: that would be another route.
  const pressed = $derived(draft ? kit.press(draft.machineId) !== undefined : true);
  const fitting = $derived(machines.filter((m) => (kit.press(m.id) !== undefined) === pressed));
  const designs = $derived(kit.inUse('plates').filter((p) => route?.tools.includes(p.kind)));
  const words = $derived(vocabulary.now);
  const paces = $derived(words.paces.map((p) => p.pace));
  const heatings = $derived(words.heatings.map((h) => h.heating));
  // What lies on a plate is asked for beside it.
  const media = $derived(words.media.map((m) => m.medium).filter((m) => m !== 'ON_PLATE'));
  const seconds = $derived(draft?.onPlatform?.soakSeconds ?? draft?.hotRollers?.onSeconds ?? 0);
  const level = $derived(draft ? kit.level(draft) : 0);
  const soakStep = $derived(!onPlatform ? 60 : seconds >= 60 ? 15 : 5);
  const peelIndex = $derived(
    words.peels.findIndex(
      (p) => p.peel.cooling === draft?.peel.cooling && p.peel.seconds === draft.peel.seconds,
    ),
  );

  /** Changes what heats, whichever it is. */
  function heat(part: { seconds?: number; level?: number; heating?: PlatformHeat['heating'] }) {
    if (draft?.onPlatform) {
      const { soakSeconds, level, heating } = draft.onPlatform;
      const onPlatform = {
        ...draft.onPlatform,
        soakSeconds: part.seconds ?? soakSeconds,
        level: part.level ?? level,
        heating: part.heating ?? heating,
      };
      editing.part({ onPlatform });
    } else if (draft?.hotRollers) {
      const { setting, onSeconds } = draft.hotRollers;
      editing.part({
        hotRollers: { setting: part.level ?? setting, onSeconds: part.seconds ?? onSeconds },
      });
    }
  }

  /** Another machine has its own settings, and its own time to warm up. */
  function through(machineId: string) {
    const onSeconds = kit.rollers(machineId)?.warmUpSeconds;
    const hotRollers = onSeconds === undefined ? undefined : { setting: 0, onSeconds };
    editing.part({ machineId, hotRollers });
  }

  function turn<T>(list: T[], now: T, by: number): T {
    return list[(list.indexOf(now) + by + list.length) % list.length] as T;
  }
</script>

{#if draft}
  <div
    class="border-rule bg-paper [&>*]:border-rule grid grid-cols-2 border sm:grid-cols-3 xl:grid-cols-4 [&>*]:border-r [&>*]:border-b [&>*]:border-dashed"
  >
    {#if hot}
      <Dial
        label={onPlatform ? 'Soak' : 'Warmed up'}
        less="shorter"
        more="longer"
        onless={() => heat({ seconds: Math.max(0, seconds - soakStep) })}
        onmore={() => heat({ seconds: Math.min(words.limits.heatSeconds, seconds + soakStep) })}
      >
        <QuantityField
          kind="DURATION"
          label={onPlatform ? 'Soak' : 'Warmed up'}
          name="soakSeconds"
          hideLabel
          value={seconds}
          class="[&_input]:font-title [&_input]:text-heading! w-[104px] [&_input]:border-transparent! [&_input]:py-0! [&_input]:font-bold"
          onvalue={(seconds) => heat({ seconds })}
        />
      </Dial>
      {#if draft.onPlatform}
        {@const heating = draft.onPlatform.heating}
        <Dial
          label="Cover"
          value={words.heatings.find((h) => h.heating === heating)?.label}
          onmore={() => heat({ heating: turn(heatings, heating, 1) })}
        />
      {/if}
      <Dial
        label={onPlatform ? 'Heat' : 'Setting'}
        value={levels[level]?.name ?? ''}
        unit={preferences.temperature(levels[level]?.celsius ?? 0)}
        onmore={() => heat({ level: (level + 1) % levels.length })}
      />
    {/if}
    {#if draft.gel}<GelDials gel={draft.gel} />{/if}
    <Dial
      label="Pace"
      value={words.paces.find((p) => p.pace === draft.pace)?.label}
      onmore={() => editing.part({ pace: turn(paces, draft.pace, 1) })}
    />
    <Dial
      label="Passes"
      term="pass"
      value={draft.passes === 1 ? 'one' : draft.passes === 2 ? 'there, back' : String(draft.passes)}
      less="fewer"
      more="more"
      onless={() => editing.part({ passes: Math.max(1, draft.passes - 1) })}
      onmore={() => editing.part({ passes: Math.min(words.limits.passes, draft.passes + 1) })}
    />
    {#if draft.passes > 1 && (route?.mechanism === 'CUT' || route?.mechanism === 'CUT_AND_EMBOSS')}
      <Dial
        label="Between passes"
        value={draft.turned ? 'turned a quarter' : 'as it lies'}
        onmore={() => editing.part({ turned: !draft.turned })}
      />
    {/if}
    {#if hot}
      <Dial
        label="Peel"
        value={vocabulary.peel(draft.peel)}
        onmore={() => editing.part({ peel: turn(words.peels, words.peels[peelIndex]!, 1).peel })}
      />
    {/if}
    {#if onPlatform}
      <Dial
        label="Ink below"
        value={words.media.find((m) => m.medium === draft.medium)?.label}
        onmore={() => editing.part({ medium: turn(media, draft.medium, 1) })}
      />
    {/if}
    {#if route?.inkable}
      <Dial
        label="Plate"
        value={draft.medium === 'ON_PLATE' ? 'inked' : 'bare, blind'}
        onmore={() => editing.part({ medium: draft.medium === 'ON_PLATE' ? 'NONE' : 'ON_PLATE' })}
      />
    {/if}
    {#if route && !route.toolInStack}
      <div class="px-3 py-2">
        <Pick
          id="design-choice"
          label={route.toolWord}
          items={designs}
          value={draft.designId}
          onchoose={(designId) => editing.part({ designId })}
        />
      </div>
    {/if}
    <div class="px-3 py-2">
      <Pick
        id="press-choice"
        label={kit.press(draft.machineId) ? 'Press' : 'Machine'}
        items={fitting}
        value={draft.machineId}
        onchoose={through}
      />
    </div>
  </div>
{/if}
