<script lang="ts" generics="T extends string | number">
  import type { Snippet } from 'svelte';

  /** One of several, of which one holds; the whole line can be pressed. `hidden`: only the line shows which. */
  interface Props {
    name: string;
    value: T;
    chosen: T | undefined;
    onchoose: (value: T) => void;
    hidden?: boolean;
    class?: string;
    children: Snippet;
  }
  let { name, value, chosen, onchoose, hidden = false, class: extra = '', children }: Props = $props();
</script>

<label class="has-focus-visible:outline-verdigris cursor-pointer has-focus-visible:outline-3 {extra}">
  <input
    class={hidden ? 'sr-only' : ''}
    type="radio"
    {name}
    {value}
    checked={value === chosen}
    onchange={() => onchoose(value)}
  />{@render children()}
</label>
