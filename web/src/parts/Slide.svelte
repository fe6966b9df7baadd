<script lang="ts">
  import Range from 'flowbite-svelte/Range.svelte';

  /** Between two ends, by hand. */
  interface Props {
    label: string;
    value: number;
    max?: number;
    step?: number;
    class?: string;
  }
  let { label, value = $bindable(), max = 1, step = 0.01, class: extra = 'w-full' }: Props = $props();
</script>

<Range
  appearance="auto"
  min="0"
  {max}
  {step}
  bind:value
  aria-label={label}
  class="accent-verdigris border-0 bg-transparent {extra}"
/>
