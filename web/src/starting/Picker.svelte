<script lang="ts" generics="T extends { id: string; name: string; thicknessMm: number }">
  import ItemDrawing from '../drawing/ItemDrawing.svelte';
  import type { LayerKind } from '../drawing/materials';

  /** Choose one thing off a shelf by its look. */
  interface Props {
    label: string;
    items: T[];
    chosen: string;
    kind: LayerKind;
  }
  let { label, items, chosen = $bindable(), kind }: Props = $props();
  const name = $props.id();
</script>

<fieldset>
  <legend class="label mb-1 first-letter:uppercase">{label}</legend>
  <div class="border-rule max-h-[300px] overflow-y-auto border" tabindex="-1">
    {#each items as item (item.id)}
      <label
        class="border-rule has-focus-visible:outline-verdigris flex cursor-pointer items-center gap-3 border-b px-2 py-1.5 has-focus-visible:outline-3 has-focus-visible:-outline-offset-3 {item.id ===
        chosen
          ? 'bg-verdigris-wash font-bold'
          : ''}"
      >
        <input class="sr-only" type="radio" {name} value={item.id} bind:group={chosen} />
        <ItemDrawing {kind} {item} box={52} />
        {item.name}
      </label>
    {/each}
  </div>
</fieldset>
