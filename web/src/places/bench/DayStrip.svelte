<script lang="ts">
  import { scaleTime } from 'd3-scale';
  import type { Schemas } from '../../api/client';
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import { clock } from '../../parts/format';

  /** The hours around now: pulls that were made, and what the run that is on still has before it, counting down. */
  let { bench }: { bench: Schemas['BenchView'] } = $props();

  const HANDS_S = 20;
  const HOUR = 3_600_000;
  let width = $state(1100);
  let ticking = $state(Date.now());
  let loadedAt = Date.now();

  $effect(() => {
    void bench;
    loadedAt = Date.now();
  });
  $effect(() => {
    const timer = setInterval(() => (ticking = Date.now()), 500);
    return () => clearInterval(timer);
  });

  const runs = $derived(bench.runs.filter((r) => r.status === 'OPEN'));
  // A bench that is worked by hand keeps the time of the wall.
  const speed = $derived(Math.max(1, ...runs.map((r) => r.speed)));
  const now = $derived(new Date(new Date(bench.now).getTime() + (ticking - loadedAt) * speed));
  const x = $derived(
    scaleTime()
      .domain([new Date(now.getTime() - 3 * HOUR), new Date(now.getTime() + HOUR)])
      .range([0, width]),
  );
  const pulls = $derived(bench.latest.filter((p) => new Date(p.loggedAt) > (x.domain()[0] ?? now)));
  const LABEL_PX = 130;

  /** A title is shown where it meets no other; otherwise its number is. */
  function roomy(pull: Schemas['PullView']) {
    const at = x(new Date(pull.loggedAt));
    const free = pulls.every((p) => p === pull || Math.abs(x(new Date(p.loggedAt)) - at) > LABEL_PX);
    return free && at > LABEL_PX / 2 && at < width - LABEL_PX / 2;
  }
  const ahead = $derived(
    runs.flatMap((run, lane) => {
      let at = new Date(bench.now).getTime() - run.elapsedSeconds * 1000;
      return run.steps.slice(run.step).map((step) => {
        const from = at;
        at += (step.seconds || HANDS_S) * 1000;
        return { step, lane, from: new Date(from), to: new Date(at) };
      });
    }),
  );
  const drying = $derived(
    bench.dryings
      .filter((d) => d.state === 'WET' || d.state === 'SETTING')
      .map((d) => ({ name: d.name, at: new Date(d.soundAt) }))
      .sort((a, b) => a.at.getTime() - b.at.getTime()),
  );
  const due = $derived(ahead.find((a) => a.step.seconds > 0 && a.to > now));
</script>

<section class="mt-6" aria-label="Today">
  <div bind:clientWidth={width} class="border-rule bg-paper overflow-hidden border-y">
    <svg
      {width}
      height="96"
      role="img"
      aria-label="The last three hours and the next: {pulls.length} pulls made"
    >
      {#each x.ticks(Math.max(2, Math.floor(width / 130))) as tick (tick.getTime())}
        <line x1={x(tick)} x2={x(tick)} y1="0" y2="66" stroke="var(--rule)" />
        <text x={x(tick) + 5} y="86" font-size="13" fill="var(--soft)"
          >{tick.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}</text
        >
      {/each}
      <line x1="0" x2={width} y1="66" y2="66" stroke="var(--rule-strong)" />
      {#each ahead as a (`${a.lane} ${a.from.getTime()} ${a.step.say}`)}
        {@const hot = a.step.kind === 'SOAK' || a.step.kind === 'HEAT_UP' || a.step.kind === 'HOLD'}
        <rect
          x={x(a.from)}
          y={runs.length > 1 ? 44 + 11 * a.lane : 46}
          width={Math.max(2, x(a.to) - x(a.from) - 1)}
          height={runs.length > 1 ? 10 : 20}
          fill={hot ? 'var(--ember)' : 'var(--steel)'}
        />
      {/each}
      {#each drying.filter((d) => d.at < (x.domain()[1] ?? now)) as d (d.name + d.at.getTime())}
        <rect
          x={x(now)}
          y="54"
          width={Math.max(2, x(d.at) - x(now))}
          height="12"
          fill="var(--steel)"
          opacity="0.6"
        />
        <text x={x(d.at)} y="48" text-anchor="end" font-size="13" fill="var(--ink)">{d.name} sound</text>
      {/each}
      <line x1={x(now)} x2={x(now)} y1="0" y2="96" stroke="var(--ink)" stroke-width="2" />
      <text x={x(now) + 6} y="16" font-size="14" font-weight="700" fill="var(--ink)">now</text>
      {#each pulls as pull (pull.id)}
        <g transform="translate({x(new Date(pull.loggedAt)) - 10} 38)">
          <OutcomeMark outcome={pull.outcome} size={20} />
          {#if roomy(pull)}<text x="10" y="-8" text-anchor="middle" font-size="13" fill="var(--ink)"
              >{pull.title}</text
            >{:else}<text x="10" y="-8" text-anchor="middle" font-size="12" fill="var(--soft)"
              >{pull.number}</text
            >{/if}
        </g>
      {/each}
    </svg>
  </div>
  {#if due}
    <p class="mt-2" aria-live="off">
      <span class="figure text-ember text-large">{clock((due.to.getTime() - now.getTime()) / 1000)}</span>
      until {due.step.kind === 'COOL' ? 'it can be peeled' : `the ${due.step.kind.toLowerCase()} is over`}
    </p>
  {:else if drying[0]}
    <p class="mt-2" aria-live="off">
      <span class="figure text-large">{clock((drying[0].at.getTime() - now.getTime()) / 1000)}</span>
      until {drying[0].name} is dry through
    </p>
  {:else}
    <p class="text-soft mt-2">Nothing is hot, drying or cooling.</p>
  {/if}
</section>
