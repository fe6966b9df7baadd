<script lang="ts">
</script>

<div class="mx-auto max-w-[60ch] px-6 py-14">
  <h1 class="text-display">No run is on</h1>
  <p class="text-lead mt-3">
    Open a set-up on the Stack and choose “Run it”. Glanzen then leads through the pull one instruction at a
    time, with its timers, and waits wherever you leave it.
  </p>
  <div class="mt-6 flex gap-3">
    <a class="press press-strong" href="#/stack">Open stack</a>
    <a class="press" href="#/bench">Go to Bench</a>
  </div>
</div>
