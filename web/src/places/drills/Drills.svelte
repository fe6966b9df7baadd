<script lang="ts">
  import { preferences } from '../../state/preferences.svelte';
  import Tick from '../../parts/Tick.svelte';
  import { answering, KEYS } from './answering.svelte';
  import DrillProgress from './DrillProgress.svelte';
  import DrillQuestion from './DrillQuestion.svelte';
  import Graded from './Graded.svelte';
  import Button from '../../parts/Button.svelte';
  import Note from '../../parts/Note.svelte';

  /** A case, large, and one question under it. */
  const drill = $derived(answering.drill);
  const last = $derived(answering.at === (drill?.questions.length ?? 1) - 1);

  $effect(() => {
    if (!answering.drill) void answering.next();
  });

  function key(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (event.ctrlKey || event.metaKey || event.altKey || target.closest('dialog')) return;
    const typing = target.closest('input, select, textarea') !== null;
    if (event.key === 'Enter' && !target.closest('button, a')) {
      event.preventDefault();
      void answering.on();
    } else if (!typing && event.key === 'Backspace') answering.back();
    else if (!typing && event.key.toLowerCase() === 's') answering.sure = !answering.sure;
    else if (!typing) {
      const option = answering.question?.options[KEYS.indexOf(event.key.toLowerCase())];
      if (option) answering.choose(option.key);
    }
  }
</script>

<svelte:head><title>Drills · Glanzen</title></svelte:head>
<svelte:window onkeydown={key} />

<div class="grid min-h-full grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_18.75rem]" data-digits>
  <section class="min-w-0 px-4 py-4 md:px-6" aria-label="Drill">
    <h1 class="sr-only">Drills</h1>
    {#if drill}
      <Note name="drills.case" />
      <p class="text-soft">{drill.skill}</p>
      {#if answering.question && !answering.grade}
        <h2 class="text-display leading-tight">{answering.question.asks}</h2>
      {/if}
      <div class="mt-3 grid gap-x-6 gap-y-3 xl:grid-cols-[auto_minmax(0,1fr)]">
        {#if drill.pictures > 0}
          <img
            class="border-rule w-full max-w-[620px] border object-contain {answering.grade
              ? 'max-h-[26vh]'
              : 'max-h-[48vh]'}"
            src="/api/drills/{drill.seed}/pictures/0?width=760&height=480"
            alt="What lies in front of you"
          />
        {/if}
        <div class="min-w-0">
          <p class={drill.pictures > 0 ? '' : 'text-heading'}>{preferences.said(drill.says)}</p>
          {#if drill.hidden}<p class="text-soft mt-2">How it was set up is hidden this time.</p>{/if}
          <ul class="text-soft mt-2">
            {#each drill.setUp as line, i (i)}<li>{preferences.said(line)}</li>{/each}
          </ul>
        </div>
      </div>
      {#if answering.grade}
        <Graded {drill} grade={answering.grade} answers={answering.answers} />
      {:else if answering.question}
        <DrillQuestion seed={drill.seed} question={answering.question} />
        <Note name="drills.sure" />
        <div class="mt-3 flex flex-wrap items-center gap-4">
          <Button
            kind="strong"
            why={answering.ready ? '' : 'Choose an answer first.'}
            disabled={answering.busy}
            onclick={() => answering.on()}>{last ? 'Answer (Enter)' : 'Next question (Enter)'}</Button
          >
          {#if last}<Tick checked={answering.sure} ontick={(sure) => (answering.sure = sure)}
              >I am sure (S)</Tick
            >{/if}
        </div>
      {/if}
      {#if answering.wrong}<p class="text-ochre mt-2" role="alert">{answering.wrong}</p>{/if}
    {:else}
      <p class="text-soft">Loading…</p>
    {/if}
  </section>
  <aside class="border-rule bg-paper px-5 py-5 lg:border-l" aria-label="Your progress">
    <Note name="drills.progress" />
    {#if answering.progress}<DrillProgress progress={answering.progress} />{/if}
  </aside>
</div>
