<script lang="ts">
  import AccordionItem from 'flowbite-svelte/AccordionItem.svelte';
  import type { Snippet } from 'svelte';

  /** Something that opens below its title when asked. */
  interface Props {
    title: string;
    open?: boolean;
    class?: string;
    titleClass?: string;
    children: Snippet;
  }
  let {
    title,
    open = $bindable(false),
    class: extra = '',
    titleClass = 'text-verdigris',
    children,
  }: Props = $props();

  // Open at first is part of what the page says; opened by a person is not.
  const shut = !open;
</script>

<div class={extra} data-unfolded={(shut && open) || undefined}>
  <AccordionItem
    headingTag="h3"
    bind:open
    transitionType="none"
    classes={{
      button: `font-sans justify-start gap-2 border-0 bg-transparent p-0 text-(length:--text-body) hover:bg-transparent focus:ring-0 ${titleClass}`,
      content: 'border-0 p-0',
    }}
  >
    {#snippet header()}{title}{/snippet}
    {@render children()}
  </AccordionItem>
</div>
