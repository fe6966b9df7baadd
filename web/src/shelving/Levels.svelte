<script lang="ts">
  import TextField from '../parts/TextField.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import Button from '../parts/Button.svelte';

  /** The heat levels of a dock. */
  interface Level {
    name: string;
    celsius: number;
  }
  let { levels, onlevels }: { levels: Level[]; onlevels: (levels: Level[]) => void } = $props();

  function change(index: number, part: Partial<Level>) {
    onlevels(levels.map((l, i) => (i === index ? { ...l, ...part } : l)));
  }
</script>

<fieldset class="col-span-full">
  <legend class="label">Heat levels, coolest first</legend>
  {#each levels as level, i (i)}
    <div class="mt-1 flex gap-2">
      <TextField
        class="min-w-0 flex-1"
        label="Name of level {i + 1}"
        hideLabel
        name="levels[{i}].name"
        value={level.name}
        oninput={(name) => change(i, { name })}
      />
      <QuantityField
        kind="TEMPERATURE"
        label="Temperature of level {i + 1}"
        hideLabel
        name="levels[{i}].celsius"
        value={level.celsius}
        onvalue={(celsius) => change(i, { celsius })}
      />
      <Button
        kind="quiet"
        why={levels.length === 1 ? 'A platform has at least one level.' : ''}
        onclick={() => onlevels(levels.filter((_, at) => at !== i))}>Remove</Button
      >
    </div>
  {/each}
  <Button class="mt-2" onclick={() => onlevels([...levels, { name: 'high', celsius: 126 }])}
    >Add a level</Button
  >
</fieldset>
