<script lang="ts">
  import Button from '../../parts/Button.svelte';
  import FileField from '../../parts/FileField.svelte';
  /** A picture by file, camera, drop or paste. */
  interface Props {
    first: boolean;
    onfirst: (files: FileList) => void;
    onmore: (files: FileList) => void;
    oncorners: (() => void) | undefined;
    onsimulated: (() => void) | undefined;
  }
  let { first, onfirst, onmore, oncorners, onsimulated }: Props = $props();
  let over = $state(false);

  function drop(event: DragEvent) {
    event.preventDefault();
    over = false;
    if (event.dataTransfer?.files.length) (first ? onfirst : onmore)(event.dataTransfer.files);
  }
</script>

<div
  role="group"
  aria-label="Picture"
  class="mt-4 border border-dashed px-4 py-3 {over
    ? 'border-verdigris bg-verdigris-wash'
    : 'border-rule-strong'}"
  ondragover={(e) => {
    e.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={drop}
>
  <div class="flex flex-wrap items-center gap-x-6 gap-y-2">
    {#if first}
      <FileField label="Picture of the pull" accept="image/*" multiple onfiles={onfirst} />
      <FileField
        label="Take it now"
        kind="plain"
        accept="image/*"
        capture="environment"
        class="sm:hidden"
        onfiles={onfirst}
      />
    {:else}
      <FileField
        label="Add a picture, light from the other side"
        kind="plain"
        accept="image/*"
        onfiles={onmore}
      />
      {#if oncorners}<Button kind="quiet" onclick={oncorners}>Mark it by hand</Button>{/if}
    {/if}
    {#if onsimulated}<Button onclick={onsimulated}>Take it with the simulated camera</Button>{/if}
  </div>
  {#if first}<p class="text-soft text-fine mt-1">
      Or drop it here, or paste it. JPEG, PNG or WebP, up to 20 MB. Nothing is kept until you log it.
    </p>{/if}
</div>
