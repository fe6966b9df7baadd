<script lang="ts">
  import { api, asked, type Schemas } from '../../api/client';
  import { time } from '../../drawing/lanes';
  import Button from '../../parts/Button.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import { tell } from '../../state/messages.svelte';

  /** When this job will be done, in the hours one is usually at the bench, and by when what is missing must be there. */
  let { id }: { id: string } = $props();

  let found = $state<Schemas['Outlook']>();
  let looking = $state(false);
  $effect(() => {
    void id;
    found = undefined;
  });

  const moment = (at: string) =>
    `${new Date(at).toLocaleDateString([], { weekday: 'long', day: 'numeric', month: 'short' })}, ${time(new Date(at))}`;

  async function look() {
    looking = true;
    try {
      found = await asked(api.GET('/api/evenings/outlook', { params: { query: { jobId: id } } }));
    } catch (trouble) {
      tell(trouble);
    } finally {
      looking = false;
    }
  }
</script>

<section class="mb-4" aria-live="polite" aria-label="When it will be done">
  {#if found?.doneAt}
    <p><span class="figure text-large font-bold">Done by {moment(found.doneAt)}</span></p>
    <p class="text-soft">
      {found.planned
        ? 'As your evening is planned.'
        : 'In the hours of your last plan, beside what is planned.'}
    </p>
    {#if found.missing.length > 0 && found.beginsAt}
      <p class="text-ochre">What is missing must be there before {moment(found.beginsAt)}.</p>
    {/if}
  {:else if found && !found.hoursKnown}
    <p>
      Plan an evening on the <a class="text-verdigris underline" href="#/bench">Bench</a> first; it tells your hours.
    </p>
  {:else if found}
    <p>
      It does not fit into your hours of the next eight weeks{found.missing.length > 0
        ? `: ${preferences.said(found.missing.join('; '))}`
        : ''}.
    </p>
  {:else}
    <Button kind="quiet" onclick={look} why={looking ? 'It is being planned.' : ''}
      >When will it be done?</Button
    >
  {/if}
</section>
