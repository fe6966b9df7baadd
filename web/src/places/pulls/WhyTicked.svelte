<script lang="ts">
  import { api, asked, type PullView } from '../../api/client';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import type { Why } from './reading.svelte';
  import WhySo from './WhySo.svelte';

  /** Why a logged pull came out so, from what was ticked: without a picture the same works. */
  let { pull, onnext }: { pull: PullView; onnext: (next: Why['best'], why: Why) => void } = $props();
  const asking = new Question<Why>();
  let answers = $state<Record<string, boolean>>({});

  $effect(() => {
    const body = {
      pullId: pull.id,
      ticked: { outcome: pull.outcome, amount: pull.amount, faults: pull.faults },
      answers,
    };
    return asking.follow((signal) => asked(api.POST('/api/readings/why', { body, signal })));
  });
</script>

<div class={asking.loading ? 'opacity-50' : ''} inert={asking.loading}>
  <Asked question={asking} waiting="Thinking it over…">
    {#snippet children(why)}
      <WhySo
        {why}
        onanswer={(question, yes) => (answers = { ...answers, [question]: yes })}
        onnext={(next) => onnext(next, why)}
      />
    {/snippet}
  </Asked>
</div>
