<script lang="ts">
  import Flowbite from 'flowbite-svelte/Button.svelte';
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  /** Something to press: the one way of Glanzen, in five looks. */
  interface Props extends Omit<HTMLButtonAttributes, 'class' | 'color'> {
    /** strong: what one came for; quiet: beside it; link: within a sentence; row: a whole line of a list. */
    kind?: 'plain' | 'strong' | 'quiet' | 'link' | 'row';
    /** Why it cannot be pressed now, as a sentence; empty when it can. It keeps its focus, so that the reason is heard. */
    why?: string;
    class?: string;
    children: Snippet;
  }
  let { kind = 'plain', why = '', class: extra = '', onclick, id, children, ...rest }: Props = $props();
  const own = $props.id();
  const LOOKS = {
    plain: 'press font-semibold',
    strong: 'press press-strong font-semibold',
    quiet: 'press press-quiet font-semibold',
    link: 'text-verdigris inline text-left font-normal underline',
    row: 'block items-stretch justify-start text-left font-normal',
  };
  // The looks are ours, so none of the library's colours and sizes is asked for.
  const NONE = 'none' as never;
  const press = $derived(why ? (event: Event) => event.preventDefault() : onclick);
</script>

<Flowbite
  color={NONE}
  size={NONE}
  {...rest as object}
  id={id ?? `press-${own}`}
  class="{LOOKS[kind]} {extra}"
  aria-disabled={why ? true : undefined}
  aria-describedby={why ? `why-${own}` : undefined}
  onclick={press as never}
>
  {@render children()}
</Flowbite>
{#if why}
  <span id="why-{own}" class="sr-only">{why}</span>
  {#await import('flowbite-svelte/Tooltip.svelte') then { default: Tooltip }}
    <Tooltip
      triggeredBy="#{id ?? `press-${own}`}"
      arrow={false}
      class="bg-ink text-paper text-fine z-50 max-w-72 rounded-[3px] px-2 py-1 font-normal">{why}</Tooltip
    >
  {/await}
{/if}
