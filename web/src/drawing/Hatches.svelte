<!-- The hatches of all materials, once on the page; drawings refer to them by id. -->
<script lang="ts">
</script>

<svg width="0" height="0" class="absolute" aria-hidden="true"
  ><defs>
    <pattern
      id="hatch-metal"
      width="9"
      height="9"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <line y2="9" stroke="var(--hatch)" stroke-width="1.6" />
    </pattern>
    <pattern
      id="hatch-brass"
      width="7"
      height="7"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(-45)"
    >
      <line y2="7" stroke="var(--hatch)" stroke-width="1.6" />
    </pattern>
    <pattern
      id="hatch-clear"
      width="24"
      height="10"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(60)"
    >
      <line y2="10" stroke="var(--hatch)" stroke-width="1" />
    </pattern>
    <pattern id="hatch-laminate" width="10" height="6" patternUnits="userSpaceOnUse">
      <path d="M0 3h10" stroke="var(--hatch)" stroke-width="1.2" />
    </pattern>
    <pattern id="hatch-card" width="6" height="6" patternUnits="userSpaceOnUse">
      <circle cx="2" cy="2" r="0.9" fill="var(--hatch)" />
      <circle cx="5" cy="5" r="0.7" fill="var(--hatch)" />
    </pattern>
    <pattern id="hatch-rubber" width="8" height="8" patternUnits="userSpaceOnUse">
      <path d="M0 4q2-3 4 0t4 0" fill="none" stroke="var(--hatch)" stroke-width="1.2" />
    </pattern>
    <linearGradient id="sheen" x1="0" x2="1" y1="0" y2="0.12" spreadMethod="reflect">
      <stop offset="0" stop-color="#fff" stop-opacity="0" />
      <stop offset="0.12" stop-color="#fff" stop-opacity="0.55" />
      <stop offset="0.22" stop-color="#000" stop-opacity="0.12" />
      <stop offset="0.38" stop-color="#fff" stop-opacity="0.45" />
      <stop offset="0.55" stop-color="#000" stop-opacity="0.16" />
      <stop offset="0.75" stop-color="#fff" stop-opacity="0.5" />
      <stop offset="1" stop-color="#000" stop-opacity="0.05" />
    </linearGradient>
  </defs></svg
>
