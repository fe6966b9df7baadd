<script lang="ts">
  import { token, Trouble, trouble, type Schemas } from '../api/client';
  import { preferences } from '../state/preferences.svelte';

  /** Takes the outline of a plate or die from an SVG file. */
  let { onread }: { onread: (read: Schemas['ReadOutline']) => void } = $props();
  let said = $state('');
  let wrong = $state('');

  async function take(file: File | undefined) {
    if (!file) return;
    [said, wrong] = ['', ''];
    const body = new FormData();
    body.append('svg', file);
    const headers = { 'X-XSRF-TOKEN': token() };
    const response = await fetch('/api/artworks', { method: 'POST', body, headers });
    const answer = await response.json();
    if (!response.ok) {
      const refused: Trouble = trouble(response.status, answer);
      const field = refused.fields[0];
      wrong = field ? `The file ${field.message}. Accepted: ${field.accepted}.` : refused.message;
      return;
    }
    const read = answer as Schemas['ReadOutline'];
    said = `Read: ${preferences.length(read.widthMm)} × ${preferences.length(read.heightMm)}${
      read.skipped.length > 0 ? `; passed over: ${read.skipped.join(', ')}` : ''
    }.`;
    onread(read);
  }
</script>

<div class="col-span-full">
  <label class="label block"
    >Outline from an SVG file, as it will be read
    <input
      type="file"
      accept=".svg,image/svg+xml"
      class="block w-full"
      onchange={(e) => take(e.currentTarget.files?.[0])}
    /></label
  >
  {#if said}<p role="status">{said}</p>{/if}
  {#if wrong}<p role="alert" class="text-ochre text-fine mt-1">{wrong}</p>{/if}
</div>
