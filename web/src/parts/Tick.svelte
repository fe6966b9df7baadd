<script lang="ts">
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
  import type { Snippet } from 'svelte';

  /** Something that is so or is not. */
  interface Props {
    checked: boolean;
    ontick?: (checked: boolean) => void;
    name?: string;
    class?: string;
    children: Snippet;
  }
  let { checked = $bindable(), ontick, name, class: extra = '', children }: Props = $props();
</script>

<Checkbox
  {name}
  bind:checked
  onchange={(e) => ontick?.((e.currentTarget as HTMLInputElement).checked)}
  class="text-verdigris border-rule-strong bg-paper me-2 mt-1 size-4 shrink-0 rounded-[2px] focus:ring-0"
  classes={{
    div: `flex cursor-pointer items-start gap-0 text-(length:--text-body) font-normal text-inherit ${extra}`,
  }}
>
  {@render children()}
</Checkbox>
