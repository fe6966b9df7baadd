<script lang="ts" generics="T extends string">
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
      <label
        class="has-focus-visible:outline-verdigris cursor-pointer rounded-[3px] border px-3 py-1.5 has-focus-visible:outline-3 has-focus-visible:outline-offset-2 {option ===
        value
          ? 'border-verdigris bg-verdigris-wash text-verdigris font-bold'
          : 'border-rule-strong text-ink'}"
      >
        <input
          class="sr-only"
          type="radio"
          {name}
          value={option}
          checked={option === value}
          onchange={() => onchoose(option)}
        />{word}
      </label>
    {/each}
  </div>
</fieldset>
