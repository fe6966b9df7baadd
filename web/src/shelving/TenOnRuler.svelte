<script lang="ts">
  import QuantityField from '../parts/QuantityField.svelte';

  /** For those without a caliper: ten of them against a ruler. */
  let { onthickness }: { onthickness: (mm: number) => void } = $props();
  const TEN = 10;
</script>

<div class="col-span-full sm:col-span-1">
  <QuantityField
    kind="LENGTH"
    label="No caliper? Thickness of ten sheets"
    name="ten"
    value={undefined}
    onvalue={(mm) => onthickness(Math.round((1000 * mm) / TEN) / 1000)}
    onclear={() => {}}
  />
</div>
