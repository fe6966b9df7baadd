<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { preferences } from '../../state/preferences.svelte';
  import { answering, KEYS } from './answering.svelte';
  import LayerBar from './LayerBar.svelte';
  import Button from '../../parts/Button.svelte';
  import TextField from '../../parts/TextField.svelte';

  /** One question: options by digits, an order or a stack by one after the other, a number by typing it. */
  let { seed, question }: { seed: number; question: Schemas['DrillQuestion'] } = $props();

  const label = (key: string) => preferences.said(question.options.find((o) => o.key === key)?.label ?? '');
  const thick = (key: string) => question.options.find((o) => o.key === key)?.thicknessMm ?? 0;
  const pictured = $derived(question.options.some((o) => o.picture !== undefined));
  const laid = $derived(question.kind === 'STACK' ? [...answering.answer].reverse() : answering.answer);
</script>

{#if question.kind === 'NUMBER'}
  <TextField
    label="Clean of twenty, 0 to 20"
    class="mt-2 max-w-48"
    inputmode="numeric"
    name="guess"
    autocomplete="off"
    autofocus
    value={answering.answer[0] ?? ''}
    oninput={(typed) => answering.say(typed)}
  />
{:else}
  <div class="mt-2 grid gap-x-6 gap-y-2 {question.kind === 'CHOICE' ? '' : 'md:grid-cols-2'}">
    <div class="grid content-start gap-2 {pictured || question.kind === 'CHOICE' ? 'sm:grid-cols-2' : ''}">
      {#each question.options as option, i (option.key)}
        {@const chosen = answering.answer.includes(option.key)}
        <Button
          kind="row"
          class="hover:border-verdigris flex min-h-12 items-center gap-3 rounded-[3px] border px-4 py-2 {chosen
            ? 'border-verdigris bg-verdigris-wash font-bold'
            : 'border-rule-strong bg-paper'}"
          aria-pressed={question.kind === 'STACK' ? undefined : chosen}
          onclick={() => answering.choose(option.key)}
        >
          <kbd class="figure text-soft w-4 shrink-0">{KEYS[i]}</kbd>
          {#if option.picture !== undefined}
            <img
              class="h-24 w-32 shrink-0 object-contain"
              alt=""
              src="/api/drills/{seed}/pictures/{option.picture}?width=256&height=192"
            />
          {/if}
          <span>{preferences.said(option.label)}</span>
        </Button>
      {/each}
    </div>
    {#if question.kind !== 'CHOICE'}
      <div>
        <p class="label">{question.kind === 'STACK' ? 'Your stack, top first' : 'Your order'}</p>
        <ol class="border-rule border-y" aria-live="polite">
          {#each laid as key, i (i)}
            <li class="border-rule flex items-center gap-3 border-t px-2 py-1 first:border-t-0">
              {#if thick(key) > 0}
                <LayerBar thicknessMm={thick(key)} />
              {/if}
              {question.kind === 'ORDER' ? `${i + 1}. ` : ''}{label(key)}
            </li>
          {:else}
            <li class="text-soft px-2 py-1">
              Nothing yet: choose what comes {question.kind === 'STACK' ? 'lowest' : 'first'}.
            </li>
          {/each}
        </ol>
        {#if question.kind === 'STACK' && laid.length > 0}
          <p class="text-soft text-small">
            {preferences.length(laid.reduce((sum, key) => sum + thick(key), 0))} in all
          </p>
        {/if}
        <Button
          kind="quiet"
          class="-ml-2"
          why={laid.length === 0 ? 'Nothing is chosen yet.' : ''}
          onclick={() => answering.back()}>Undo last (Backspace)</Button
        >
      </div>
    {/if}
  </div>
{/if}
