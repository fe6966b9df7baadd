<script lang="ts">
  import type { Job, Schemas } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';

  /** What the job takes, dearest first, and what it costs. */
  let { look, job, id }: { look: Schemas['JobLook']; job: Job; id: string } = $props();
  const DEAREST = 3;
  /** Areas are told in the person's units. */
  const told = (value: number, unit: string) =>
    unit === 'cm²'
      ? preferences.area(value)
      : unit === 'cm' && preferences.now.length !== 'MM'
        ? preferences.length(10 * value)
        : `${amount(value)} ${amount(value) === 1 ? unit.replace(/s$/, '') : unit}`;
  const amount = (value: number) => (value >= 100 ? Math.round(value) : Math.round(value * 10) / 10);
  const missing = $derived(look.lines.filter((l) => l.missing));
</script>

<h2 class="text-heading">
  {look.costPerCard > 0 ? `${preferences.money(look.costPerCard)} a card` : 'No prices known'}
</h2>
<p class="text-soft">
  {job.cards} card{job.cards === 1 ? '' : 's'}, {preferences.money(look.costPerCard * job.cards)} in all{look
    .unpriced.length > 0
    ? `; without a price: ${look.unpriced.join(', ')}`
    : ''}.
</p>
{#if missing.length > 0}
  <div class="border-ochre-line bg-ochre-wash mt-3 border-l-4 px-3 py-2">
    <strong>Cannot be finished:</strong>
    {missing
      .map(
        (l) =>
          `${l.name} is short by ${told(l.needed - l.have, l.unit)}${l.instead ? `; instead ${l.instead}` : ''}`,
      )
      .join('; ')}.
  </div>
{/if}
<ul class="mt-3">
  {#each look.lines as line, i (i)}
    <li class="border-rule border-t py-2">
      <div class="flex justify-between gap-3">
        <span class={i < DEAREST && line.cost > 0 ? 'font-bold' : ''}>{line.name}</span>
        <span class="figure whitespace-nowrap">{told(line.needed, line.unit)}</span>
      </div>
      <p class="text-soft text-small">
        {line.what === 'sundry'
          ? 'by rule of thumb; see Preferences'
          : `of ${told(line.have, line.unit)}`}{line.leftoverCm2 >= 1
          ? `, and about ${preferences.area(line.leftoverCm2)} in leftovers: those first`
          : ''}{line.cost > 0 ? `; ${preferences.money(line.cost)}` : ''}{i < DEAREST && line.cheaper
          ? `; ${line.cheaper} would save ${preferences.money(line.saving)}`
          : ''}
      </p>
    </li>
  {:else}
    <li class="border-rule text-soft border-t py-2">Nothing yet.</li>
  {/each}
</ul>
{#if look.offcuts.length > 0}
  <h3 class="label mt-4 font-sans font-normal">From your offcuts</h3>
  {#each look.offcuts as fit, at (at)}
    <p>
      {fit.piece} fits on {fit.offcut.name}, {preferences.lengthFigure(fit.offcut.widthMm)} ×
      {preferences.length(fit.offcut.heightMm)}{fit.offcut.left > 1 ? `, ${fit.offcut.left} of them` : ''}.
    </p>
  {/each}
{/if}
{#if look.machines.length > 0}
  <h3 class="label mt-4 font-sans font-normal">Machines</h3>
  <p>{look.machines.join(', ')}</p>
  <h3 class="label mt-3 font-sans font-normal">Plates and boards</h3>
  <p>{look.tools.join(', ')}</p>
{/if}
{#if id}<a class="press mt-4" href="/api/jobs/{id}/supplies.csv" download>Export CSV</a>{/if}
