<script lang="ts">
  /** Said over an answer that is older than what was asked, so that nothing moves while one waits. */
</script>

<div class="relative h-0">
  <p
    role="status"
    class="bg-paper border-rule text-soft text-fine pointer-events-none absolute top-0 right-0 z-10 border px-2"
  >
    Calculating…
  </p>
</div>
