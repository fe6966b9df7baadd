<script lang="ts">
  import { token, Trouble, trouble, type Schemas } from '../api/client';
  import { preferences } from '../state/preferences.svelte';
  import FileField from '../parts/FileField.svelte';
  import Radio from '../parts/Radio.svelte';

  /** Takes the outline of a plate or die from an SVG file, and shows what was read before it is kept. */
  let { onread }: { onread: (read: Schemas['ReadOutline']) => void } = $props();
  let file: File | undefined;
  let dpi = $state(96);
  let read = $state.raw<Schemas['ReadOutline']>();
  let wrong = $state('');

  async function take(chosen: File | undefined) {
    file = chosen;
    [read, wrong] = [undefined, ''];
    if (!file) return;
    const body = new FormData();
    body.append('svg', file);
    const headers = { 'X-XSRF-TOKEN': token() };
    const response = await fetch(`/api/artworks?dpi=${dpi}`, { method: 'POST', body, headers });
    const answer = await response.json();
    if (!response.ok) {
      const refused: Trouble = trouble(response.status, answer);
      const field = refused.fields[0];
      wrong = field ? `The file ${field.message}. Accepted: ${field.accepted}.` : refused.message;
      return;
    }
    read = answer as Schemas['ReadOutline'];
    onread(read);
  }
</script>

<div class="col-span-full">
  <FileField
    label="Outline from an SVG file, as it will be read"
    accept=".svg,image/svg+xml"
    class="block"
    keeps
    onfiles={(files) => take(files[0])}
  />
  {#if read}
    <div class="mt-2 flex flex-wrap items-start gap-4" role="status">
      <svg
        class="border-rule bg-paper border"
        width="180"
        height="130"
        viewBox="{-read.widthMm * 0.05} {-read.heightMm * 1.05} {read.widthMm * 1.1} {read.heightMm * 1.1}"
        role="img"
        aria-label="What was read"
      >
        <path d={read.path} transform="scale(1 -1)" fill="var(--ink)" fill-rule="evenodd" />
      </svg>
      <div class="min-w-0 flex-1">
        <p>
          Read: {preferences.length(read.widthMm)} × {preferences.length(read.heightMm)}{read.hairline
            ? ', drawn in hairlines: taken as the line of a blade'
            : ''}.
        </p>
        {#if read.sizes.length > 0}
          <fieldset class="mt-1">
            <legend class="label">The file does not say how large it is. Which is it?</legend>
            {#each read.sizes as size (size.dpi)}
              <Radio
                name="dpi"
                value={size.dpi}
                chosen={dpi}
                onchoose={(chosen) => {
                  dpi = chosen;
                  void take(file);
                }}
                class="flex items-center gap-2"
              >
                {preferences.length(size.widthMm)} × {preferences.length(size.heightMm)}, {size.dpi} units an inch
              </Radio>
            {/each}
          </fieldset>
        {/if}
        {#if read.skipped.length > 0}<p class="text-soft">Passed over: {read.skipped.join(', ')}.</p>{/if}
      </div>
    </div>
  {/if}
  {#if wrong}<p role="alert" class="text-ochre text-fine mt-1">{wrong}</p>{/if}
</div>
