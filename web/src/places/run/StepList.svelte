<script lang="ts">
  import type { RunView } from '../../api/client';

  let { run }: { run: RunView } = $props();
  const WORDS: Record<RunView['steps'][number]['kind'], string> = {
    PREPARE: 'Get ready',
    HEAT_UP: 'Heat to ready',
    KEY: 'Ink keys',
    PLACE: 'Plate on',
    SOAK: 'Soak',
    LAY: 'Lay the stack',
    HOLD: 'To the press',
    PASS: 'Pass',
    TURN: 'Quarter turn',
    REDOCK: 'Platform back',
    COOL: 'Cool',
    PEEL: 'Peel',
    LOOK: 'Look and log',
  };
</script>

<aside class="border-rule px-3 py-4 max-md:hidden md:border-r" aria-label="Steps">
  <p class="label px-2">{run.title}</p>
  <ol class="mt-2">
    {#each run.steps as step, i (i)}
      {@const now = i === run.step}
      {@const hot = step.kind === 'SOAK' || step.kind === 'HEAT_UP'}
      <li
        class="flex items-center gap-3 px-2 py-1.5 {now
          ? 'bg-paper font-bold'
          : i > run.step
            ? 'text-soft'
            : ''}"
        aria-current={now ? 'step' : undefined}
      >
        <svg width="12" height="12" aria-hidden="true">
          <circle
            cx="6"
            cy="6"
            r="4.5"
            fill={i < run.step ? 'var(--ink)' : now ? (hot ? 'var(--ember)' : 'var(--verdigris)') : 'none'}
            stroke={i > run.step ? 'var(--rule-strong)' : 'none'}
            stroke-width="1.6"
          />
        </svg>
        {WORDS[step.kind]}
      </li>
    {/each}
  </ol>
</aside>
