<script lang="ts" generics="T">
  import type { Snippet } from 'svelte';
  import type { Question } from './question.svelte';
  import Old from './Old.svelte';
  import Button from '../parts/Button.svelte';

  /** What a question comes to: waiting, trouble with another try, or its answer; without children trouble alone. */
  interface Props {
    question: Question<T>;
    waiting?: string;
    children?: Snippet<[T]>;
  }
  let { question, waiting = 'Loading…', children }: Props = $props();
  const away = $derived(
    question.trouble !== undefined && (question.trouble.status < 400 || question.trouble.status >= 500),
  );
</script>

{#if question.trouble}
  <p
    role="alert"
    class="border-ochre-line bg-ochre-wash my-2 flex flex-wrap items-center gap-3 border-l-4 px-4 py-2"
  >
    <span class="min-w-0 flex-1">{question.trouble.message}</span>
    <!-- What was asked wrongly is not right the second time. -->
    {#if away}<Button onclick={() => question.retry()}>Try again</Button>{/if}
  </p>
{/if}
{#if question.slow && question.answer !== undefined}
  <Old />
{/if}
{#if !children}
  <!-- The answer is drawn elsewhere. -->
{:else if question.answer !== undefined}
  {@render children(question.answer)}
{:else if question.loading}
  <p class="text-soft py-2">{waiting}</p>
{/if}
