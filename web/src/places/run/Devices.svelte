<script lang="ts">
  import type { RunView } from '../../api/client';
  import { temperatureFigure } from '../../parts/format';
  import { kit } from '../../state/kit.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import { running } from '../../state/running.svelte';
  import Button from '../../parts/Button.svelte';

  let { run }: { run: RunView } = $props();
  const SPEEDS = [1, 5, 20, 60];
  const step = $derived(run.steps[run.step]);
  const heater = $derived(run.platform);
  const rollers = $derived(kit.rollers(run.draft.machineId));
  const name = $derived(kit.heater(run.draft)?.name);
  const press = $derived(kit.machine(run.draft.machineId));
  const PRESS = {
    IDLE: 'open, nothing in it',
    FEEDING: 'pressing',
    THROUGH: 'through',
    STALLED: "won't take the stack",
  };

  /** The lights of what heats. Only what heats is ember. */
  const lights = $derived.by(() => {
    if (!heater) return [];
    const off = heater.switchedItselfOff ? 'switched itself off' : 'switched off';
    const power = { word: heater.on ? 'switched on' : off, lit: heater.on, colour: 'var(--ember)' };
    const ready = {
      word: heater.ready ? 'ready light' : 'not ready',
      lit: heater.ready,
      colour: 'var(--ember)',
    };
    const docked = {
      word: heater.docked ? 'in its dock' : 'out of its dock',
      lit: heater.docked,
      colour: 'var(--steel)',
    };
    const seen = run.simulated ? [power, ready] : [power];
    return rollers ? seen : [...seen, docked];
  });
</script>

<aside class="border-rule px-4 py-5 max-xl:col-span-full max-xl:border-t xl:border-l" aria-label="Devices">
  <div class="grid gap-x-8 gap-y-5 sm:grid-cols-3 xl:grid-cols-1">
    {#if heater}<section>
        <h2 class="label font-sans font-normal">{name}{run.simulated ? ' (simulated)' : ', by hand'}</h2>
        {#if heater.celsius !== undefined}<p
            class="figure text-banner leading-tight {heater.celsius > vocabulary.now.limits.burnsC
              ? 'text-ember'
              : ''}"
          >
            {temperatureFigure(heater.celsius, preferences.now)}<span class="text-soft text-large ml-1"
              >°{preferences.now.temperature}</span
            >
          </p>{/if}
        {#each lights as light, at (at)}
          <p class="flex items-center gap-2">
            <svg width="18" height="18" aria-hidden="true">
              <circle
                cx="9"
                cy="9"
                r="7"
                fill={light.lit ? light.colour : 'none'}
                stroke={light.lit ? light.colour : 'var(--rule-strong)'}
                stroke-width="2"
              />
            </svg>{light.word}
          </p>
        {/each}
      </section>{/if}
    {#if run.simulated}<section>
        <h2 class="label font-sans font-normal">{rollers ? 'Its feed' : `${press?.name} (simulated)`}</h2>
        <p>{PRESS[run.press.state]}</p>
        <svg width="200" height="52" role="img" aria-label="{Math.round(run.press.share * 100)} % through">
          <rect x={8 + 108 * run.press.share} y="21" width="76" height="10" fill="var(--brass)" />
          <circle cx="100" cy="11" r="10" fill="var(--steel)" />
          <circle cx="100" cy="41" r="10" fill="var(--steel)" />
        </svg>
      </section>
      <section>
        <h2 class="label font-sans font-normal">Bench time, for trying things out</h2>
        <div class="flex gap-1" role="group" aria-label="Speed of bench time">
          {#each SPEEDS as speed (speed)}
            <Button
              class="min-h-8 px-2.5 {run.speed === speed ? 'press-strong' : ''}"
              aria-pressed={run.speed === speed}
              onclick={() => running.speed(speed)}>{speed}×</Button
            >
          {/each}
        </div>
      </section>{:else}
      <p class="text-soft">
        Glanzen does not see your machines: it asks, you answer with Space, and the clock is the one on the
        wall.
      </p>
    {/if}
    {#if step && step.cautions.length > 0}
      <section class="border-ember bg-ember-wash border-l-4 px-3 py-2">
        {#each step.cautions as caution, at (at)}<p class="text-small">{caution}</p>{/each}
      </section>
    {/if}
    {#if step && step.meanwhile.length > 0}
      <section>
        <h2 class="label font-sans font-normal">Meanwhile</h2>
        {#each step.meanwhile as thing, at (at)}<p>{thing}.</p>{/each}
      </section>
    {/if}
  </div>
</aside>
