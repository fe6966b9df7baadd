<script lang="ts" generics="T extends { id: string; name: string; thicknessMm: number }">
  import ItemDrawing from '../drawing/ItemDrawing.svelte';
  import type { LayerKind } from '../drawing/materials';
  import Radio from '../parts/Radio.svelte';

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
      <Radio
        {name}
        value={item.id}
        {chosen}
        onchoose={(id) => (chosen = id)}
        hidden
        class="border-rule flex items-center gap-3 border-b px-2 py-1.5 has-focus-visible:-outline-offset-3 {item.id ===
        chosen
          ? 'bg-verdigris-wash font-bold'
          : ''}"
      >
        <ItemDrawing {kind} {item} box={52} />
        {item.name}
      </Radio>
    {/each}
  </div>
</fieldset>
