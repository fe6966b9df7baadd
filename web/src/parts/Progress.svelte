<script lang="ts">
  /**
   * How far something is, from 0 to 1; nothing while that is not known. The browser's own bar, since the library's tells
   * a screen reader nothing.
   */
  let { label, gone, class: extra = '' }: { label: string; gone?: number; class?: string } = $props();
</script>

<progress class={extra} max="1" value={gone} aria-label={label}></progress>
