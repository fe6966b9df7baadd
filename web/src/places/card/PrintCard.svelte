<script lang="ts">
  import Pick from '../../parts/Pick.svelte';

  /** What is printed to put it together. */
  let { jobId, foam, inside }: { jobId: string; foam: boolean; inside: boolean } = $props();

  let paper = $state<'A4' | 'LETTER'>('A4');
  const papers = $derived([
    ['ASSEMBLY', 'Assembly sheet'],
    ['PLACES', 'Where pieces lie'],
    ...(inside ? [['PLACES_INSIDE', 'Where they lie inside']] : []),
    ...(foam ? [['FOAM', 'Foam to cut']] : []),
  ]);
</script>

<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
  <Pick
    label="Paper"
    class="w-28"
    bind:value={paper}
    items={[
      { id: 'A4', name: 'A4' },
      { id: 'LETTER', name: 'Letter' },
    ]}
  />
  <ul class="flex flex-col gap-1">
    {#each papers as [kind, name] (kind)}
      <li>
        {name}:
        <a class="text-verdigris underline" href="/api/cards/{jobId}/paper.pdf?kind={kind}&paper={paper}"
          >PDF</a
        >,
        <a class="text-verdigris underline" href="/api/cards/{jobId}/paper.svg?kind={kind}">SVG</a>
      </li>
    {/each}
  </ul>
</div>
