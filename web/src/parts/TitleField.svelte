<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';

  /** The name of what the page shows, changed where it stands. */
  let { label, value, onchange }: { label: string; value: string; onchange: (name: string) => void } =
    $props();
</script>

<Input
  class="font-title hover:border-rule-strong! text-title! -ml-2 w-full max-w-[24ch] border-transparent! bg-transparent! px-2 py-0 font-bold focus:ring-0"
  aria-label={label}
  {value}
  onchange={(e: Event) => onchange((e.currentTarget as HTMLInputElement).value)}
/>
