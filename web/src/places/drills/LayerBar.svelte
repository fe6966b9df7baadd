<script lang="ts">
  /** A layer from the side, as thick as the others of its stack allow it to be seen. */
  let { thicknessMm }: { thicknessMm: number } = $props();
  const PX_PER_MM = 6;
</script>

<span class="bg-rule-strong w-10 shrink-0" style="height: {Math.max(2, PX_PER_MM * thicknessMm)}px"></span>
