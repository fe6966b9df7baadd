<script lang="ts" generics="T extends string">
  import Select from 'flowbite-svelte/Select.svelte';
  import { tick, type Snippet } from 'svelte';

  /** One out of a list, by its name. */
  interface Props {
    label: string;
    items?: readonly { id: T; name: string }[];
    value?: T;
    /** What stands for none of them. */
    none?: string;
    onchoose?: (value: T) => void;
    /** What is chosen is added elsewhere: the list is ready for the next. */
    adds?: boolean;
    hideLabel?: boolean;
    class?: string;
    id?: string;
    name?: string;
    /** Lists in groups, instead of items. */
    children?: Snippet;
  }
  let {
    label,
    items = [],
    value = $bindable(),
    none,
    onchoose,
    adds = false,
    hideLabel = false,
    class: extra = 'w-full',
    id,
    name,
    children,
  }: Props = $props();

  const own = $props.id();
  const options = $derived([
    ...(none === undefined ? [] : [{ value: '' as T, name: none }]),
    ...items.map((item) => ({ value: item.id, name: item.name })),
  ]);

  function choose(event: Event & { currentTarget: HTMLSelectElement }) {
    const chosen = event.currentTarget.value as T;
    if (adds && chosen === '') return;
    onchoose?.(chosen);
    // Not before the list itself has taken what was chosen.
    if (adds) void tick().then(() => (value = '' as T));
  }
</script>

<div>
  {#if !hideLabel}<label for={id ?? own} class="label block first-letter:uppercase">{label}</label>{/if}
  <Select
    id={id ?? own}
    {name}
    aria-label={hideLabel ? label : undefined}
    placeholder=""
    class="rounded-[3px] {extra}"
    classes={{
      select:
        'bg-paper text-ink border-rule-strong focus:border-verdigris rounded-[3px] py-1.5 pr-8 pl-2 text-(length:--text-body) focus:ring-0',
    }}
    bind:value
    items={options}
    onchange={choose}
  >
    {#if children}{@render children()}{/if}
  </Select>
</div>
