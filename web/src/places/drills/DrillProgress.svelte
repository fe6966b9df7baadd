<script lang="ts">
  import type { Schemas } from '../../api/client';

  /** Skill by skill: seen, right, sure, and what would be right tomorrow; and how guesses met what came. */
  let { progress }: { progress: Schemas['DrillProgress'] } = $props();
  const SIDE = 150;
  const WIDE = 200;
  const met = $derived(progress.skills.filter((s) => s.seen > 0));
  const percent = (share: number) => `${Math.round(100 * share)} %`;
</script>

<h2 class="text-heading">Your progress</h2>
<p class="text-soft">
  {progress.met} of {progress.topics} topics tried, {progress.due} due now. Nothing here reaches your logbook, your
  stock or what is learned of your rig.
</p>
{#if met.length > 0}
  <table class="text-small mt-3 w-full">
    <thead>
      <tr class="label text-left">
        <th class="font-normal">skill</th>
        <th class="pr-3 font-normal">right</th>
        <th class="pr-3 font-normal">sure</th>
        <th class="font-normal">tomorrow</th>
      </tr>
    </thead>
    <tbody>
      {#each met as skill (skill.skill)}
        <tr class="border-rule border-t align-top">
          <th class="py-1 pr-2 text-left font-normal">{skill.skill}</th>
          <td class="figure py-1 pr-3 whitespace-nowrap">{skill.right} of {skill.seen}</td>
          <td class="figure py-1 pr-3 whitespace-nowrap"
            >{skill.sure > 0 ? `${skill.sureRight} of ${skill.sure}` : '–'}</td
          >
          <td class="figure py-1">{percent(skill.tomorrow)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
{/if}
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
