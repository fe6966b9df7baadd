<script lang="ts" generics="T extends string">
  import Radio from './Radio.svelte';

  interface Props {
    label: string;
    value: T;
    options: [T, string][];
    onchoose: (value: T) => void;
  }
  let { label, value, options, onchoose }: Props = $props();
  const name = $props.id();
</script>

<fieldset>
  <legend class="label mb-1">{label}</legend>
  <div class="flex flex-wrap gap-1">
    {#each options as [option, word] (option)}
      <Radio
        {name}
        value={option}
        chosen={value}
        {onchoose}
        hidden
        class="rounded-[3px] border px-3 py-1.5 has-focus-visible:outline-offset-2 {option === value
          ? 'border-verdigris bg-verdigris-wash text-verdigris font-bold'
          : 'border-rule-strong text-ink'}">{word}</Radio
      >
    {/each}
  </div>
</fieldset>
