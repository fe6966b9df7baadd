<script lang="ts">
  import { api, asked, type RouteView, type Schemas } from '../../api/client';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { outcomeWords } from '../../logging/words';
  import Choice from '../../parts/Choice.svelte';
  import Tick from '../../parts/Tick.svelte';
  import type { Which, Why } from './reading.svelte';
  import WhySo from './WhySo.svelte';

  /** What no picture can tell of a cut or a relief is asked: how it came out, what else is seen, and then why. */
  interface Props {
    which: Which;
    route: RouteView;
    onnext: (next: Why['best'], ticked: Schemas['Ticked'], why: Why) => void;
  }
  let { which, route, onnext }: Props = $props();
  const words = $derived(outcomeWords(route));
  const known = new Question<Schemas['FaultView'][]>();
  const asking = new Question<Why>();
  $effect(() => known.follow((signal) => asked(api.GET('/api/pulls/faults', { signal }))));
  let ticked = $state<Schemas['Ticked']>({ outcome: 'UNDER', amount: 'A_LITTLE', faults: [] });
  let answers = $state<Record<string, boolean>>({});

  $effect(() => {
    const body = { ...which, ticked: $state.snapshot(ticked), answers: $state.snapshot(answers) };
    return asking.follow((signal) => asked(api.POST('/api/readings/why', { body, signal })));
  });

  function tick(fault: Schemas['FaultView']['fault']) {
    ticked.faults = ticked.faults.includes(fault)
      ? ticked.faults.filter((f) => f !== fault)
      : [...ticked.faults, fault];
    answers = {};
  }
</script>

<div class="grid gap-x-10 lg:grid-cols-2">
  <div>
    <p class="mb-4">
      Hold it against the light, or bend it a little: a picture cannot tell how a {route.label} came out. Say what
      you see.
    </p>
    <Choice
      label="How did it come out?"
      value={ticked.outcome}
      options={[
        ['CLEAN', words.CLEAN],
        ['UNDER', words.UNDER],
        ['OVER', words.OVER],
        ['BOTH', 'both'],
      ]}
      onchoose={(outcome) => (ticked.outcome = outcome)}
    />
    {#if ticked.outcome !== 'CLEAN'}
      <div class="mt-3">
        <Choice
          label="How far off?"
          value={ticked.amount}
          options={[
            ['A_LITTLE', 'a little'],
            ['A_LOT', 'a lot'],
          ]}
          onchoose={(amount) => (ticked.amount = amount)}
        />
      </div>
    {/if}
    <p class="label mt-4">What else do you see?</p>
    <Asked question={known}>
      {#snippet children(list)}
        <ul class="mt-1 grid gap-1">
          {#each list.filter((f) => f.routes.includes(route.route)) as fault (fault.fault)}
            <li>
              <Tick checked={ticked.faults.includes(fault.fault)} ontick={() => tick(fault.fault)}
                >{fault.label}</Tick
              >
            </li>
          {/each}
        </ul>
      {/snippet}
    </Asked>
  </div>
  <!-- What is thought of something else that was ticked before is not acted on. -->
  <div class={asking.loading ? 'opacity-50' : ''} inert={asking.loading}>
    <Asked question={asking} waiting="Thinking it over…">
      {#snippet children(why)}
        <WhySo
          {why}
          onanswer={(question, yes) => (answers = { ...answers, [question]: yes })}
          onnext={(next) => onnext(next, $state.snapshot(ticked), why)}
        />
      {/snippet}
    </Asked>
  </div>
</div>
