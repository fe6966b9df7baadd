<script lang="ts">
  import { api, asked, type CardView, type Job, type Schemas } from '../../api/client';
  import { Question } from '../../asking/question.svelte';
  import CardFromAbove from '../../drawing/CardFromAbove.svelte';
  import CardSection from '../../drawing/CardSection.svelte';
  import Button from '../../parts/Button.svelte';

  /** The card cut through along a line that is dragged over it. */
  interface Props {
    job: Job;
    view: CardView;
  }
  let { job, view }: Props = $props();

  /** Where it is cut; through its middle until somebody says. */
  let line = $state<Schemas['CutLine']>();
  const asking = new Question<CardView['cut']>();
  const cut = $derived(line ? (asking.answer ?? view.cut) : view.cut);
  const card = $derived(job.card);

  $effect(() => {
    if (!line) return;
    const body = { draft: job, line };
    return asking.follow((signal) => asked(api.POST('/api/cards/cut', { body, signal })));
  });
</script>

{#if card}
  <div>
    <CardFromAbove {view} base={card.base} line={line ?? view.cut.line} online={(to) => (line = to)} />
    <p class="text-soft text-fine">Thicker is darker. Cut through along the line, heights larger:</p>
    <CardSection {view} {cut} envelope={card.envelope ?? undefined} />
    {#if line}
      <Button kind="quiet" onclick={() => (line = undefined)}>Through the middle again</Button>
    {/if}
  </div>
{/if}
