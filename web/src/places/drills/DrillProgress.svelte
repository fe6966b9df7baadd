<script lang="ts">
  import type { Schemas } from '../../api/client';

  /** Skill by skill: seen, right, sure, and what would be right tomorrow; and how guesses met what came. */
  let { progress }: { progress: Schemas['DrillProgress'] } = $props();
  const SIDE = 150;
  const WIDE = 200;
  /** How often it was right, and how often where one was sure. */
  function tried(skill: Schemas['DrillProgress']['skills'][number]) {
    if (skill.seen === 0) return 'not tried yet';
    const right = `${skill.right} of ${skill.seen} right`;
    const sure = skill.sure > 0 ? `; ${skill.sureRight} of ${skill.sure} when you were sure` : '';
    return `${right}${sure}. Tomorrow about ${percent(skill.tomorrow)} would be right.`;
  }
  const percent = (share: number) => `${Math.round(100 * share)} %`;
</script>

<h2 class="text-heading">Your progress</h2>
<p class="text-soft">
  {progress.met} of {progress.topics} topics tried, {progress.due} due now. Nothing here reaches your logbook, your
  stock or what is learned of your rig.
</p>
<ul class="mt-3">
  {#each progress.skills as skill (skill.skill)}
    <li class="border-rule border-t py-2">
      {skill.skill}
      <span class="text-soft block">{tried(skill)}</span>
    </li>
  {/each}
</ul>
{#if progress.calibration.length > 0}
  <h3 class="label mt-4 font-sans font-normal">Your guesses of twenty and what came out</h3>
  <svg
    viewBox="-26 -6 {SIDE + 40} {SIDE + 30}"
    class="mt-1 w-full max-w-[240px]"
    role="img"
    aria-label={progress.calibration
      .map((c) => `said ${percent(c.said)}, came ${percent(c.came)}, ${c.guesses} guesses`)
      .join('; ')}
  >
    <rect width={SIDE} height={SIDE} fill="none" stroke="var(--rule-strong)" />
    <line x1="0" y1={SIDE} x2={SIDE} y2="0" stroke="var(--rule-strong)" stroke-dasharray="3 3" />
    {#each progress.calibration as c (c.said)}
      <circle
        cx={c.said * SIDE}
        cy={(1 - c.came) * SIDE}
        r={3 + Math.min(6, Math.sqrt(c.guesses))}
        fill="var(--verdigris)"
      />
    {/each}
    <text x={SIDE / 2} y={SIDE + 16} text-anchor="middle" font-size="10" fill="var(--ink)">you said</text>
    <text
      x="-8"
      y={SIDE / 2}
      text-anchor="middle"
      font-size="10"
      fill="var(--ink)"
      transform="rotate(-90 -8 {SIDE / 2})">came</text
    >
  </svg>
  {#if progress.brier !== undefined}
    <p class="text-soft">
      Brier score {progress.brier.toFixed(2)} over all guesses{progress.brierLately !== undefined
        ? `, ${progress.brierLately.toFixed(2)} over the last ten`
        : ''}; less is better.
    </p>
  {/if}
  {#if progress.overTime.length > 1}
    {@const most = Math.max(0.3, ...progress.overTime.map((t) => t.brier))}
    {@const last = progress.overTime.length - 1}
    <h3 class="label mt-4 font-sans font-normal">Score of the last ten guesses, guess by guess</h3>
    <svg
      viewBox="-26 -8 {WIDE + 34} {SIDE / 2 + 30}"
      class="mt-1 w-full max-w-[300px]"
      role="img"
      aria-label="From {progress.overTime[0]?.brier.toFixed(2)} after {progress.overTime[0]
        ?.guesses} guesses to {progress.overTime[last]?.brier.toFixed(2)} after {progress.overTime[last]
        ?.guesses}"
    >
      <rect width={WIDE} height={SIDE / 2} fill="none" stroke="var(--rule-strong)" />
      {#each [0, most] as level (level)}
        <text
          x="-4"
          y={(1 - level / most) * (SIDE / 2) + 4}
          text-anchor="end"
          font-size="10"
          fill="var(--ink)">{level.toFixed(1)}</text
        >
      {/each}
      <polyline
        points={progress.overTime
          .map((t, n) => `${(n / last) * WIDE},${(1 - t.brier / most) * (SIDE / 2)}`)
          .join(' ')}
        fill="none"
        stroke="var(--verdigris)"
        stroke-width="2"
      />
      <text x={WIDE / 2} y={SIDE / 2 + 16} text-anchor="middle" font-size="10" fill="var(--ink)"
        >{progress.overTime[0]?.guesses} to {progress.overTime[last]?.guesses} guesses; lower is better</text
      >
    </svg>
  {/if}
{/if}
