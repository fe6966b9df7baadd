<script lang="ts">
  import type { CardView } from '../../api/client';
  import { clock } from '../../parts/format';
  import { preferences } from '../../state/preferences.svelte';
  import { typing } from '../../editing/undo';
  import { keepLed, ledSoFar } from './led';
  import Button from '../../parts/Button.svelte';

  /** The hands are led: one step at a time, card after card; Space goes on. */
  interface Props {
    steps: CardView['steps'];
    cards: number;
    jobId: string;
    onstep: (key: string) => void;
    onend: () => void;
  }
  let { steps, cards, jobId, onstep, onend }: Props = $props();

  // Another job makes this anew.
  // svelte-ignore state_referenced_locally
  const before = ledSoFar(jobId);
  // svelte-ignore state_referenced_locally
  let at = $state(Math.max(0, Math.min(before?.at ?? 0, steps.length - 1)));
  // svelte-ignore state_referenced_locally
  let card = $state(Math.max(1, Math.min(before?.card ?? 1, cards)));
  /** When the weight on the card before may come off. */
  let until = $state(before?.until);
  let now = $state(Date.now());
  const step = $derived(steps[at]);
  const left = $derived(until === undefined ? 0 : Math.max(0, (until - now) / 1000));

  $effect(() => {
    const ticking = setInterval(() => (now = Date.now()), 1000);
    return () => clearInterval(ticking);
  });
  $effect(() => onstep(step?.key ?? ''));
  $effect(() => keepLed(jobId, { at, card, until }));

  function finished() {
    keepLed(jobId, undefined);
    onend();
  }

  function on() {
    if (step && step.waitMinutes > 0) until = Date.now() + 60_000 * step.waitMinutes;
    if (at + 1 < steps.length) at += 1;
    else if (card < cards) [at, card] = [0, card + 1];
    else finished();
  }

  function back() {
    if (at > 0) at -= 1;
    else if (card > 1) [at, card] = [steps.length - 1, card - 1];
  }

  function keys(event: KeyboardEvent) {
    if (typing(event) || event.ctrlKey || event.metaKey || event.altKey) return;
    const button = event.target instanceof Element && event.target.closest('button, a, [role=button]');
    if (event.key === ' ' && !button) {
      event.preventDefault();
      on();
    } else if (event.key === 'Backspace') {
      event.preventDefault();
      back();
    } else if (event.key === 'Escape') onend();
  }
</script>

<svelte:window onkeydown={keys} />

{#if step}
  <section
    class="border-verdigris bg-verdigris-wash border-l-4 px-4 py-4"
    aria-live="polite"
    aria-label="This step"
  >
    <p class="text-soft">Card {card} of {cards} · step {at + 1} of {steps.length}</p>
    <h2 class="text-title mt-1">{step.title}</h2>
    <p class="text-lead mt-1">{preferences.said(step.detail)}</p>
    {#if left > 0}
      <p class="mt-2">
        <strong>Under its weight for {clock(left)} more.</strong> Meanwhile go on with what does not rest on it.
      </p>
    {/if}
    <div class="mt-3 flex gap-2">
      <Button kind="strong" onclick={on}>Done, next</Button>
      <Button kind="quiet" why={at === 0 && card === 1 ? 'This is the first step.' : ''} onclick={back}
        >Back</Button
      >
      <Button kind="quiet" onclick={onend}>Stop</Button>
    </div>
  </section>
{/if}
