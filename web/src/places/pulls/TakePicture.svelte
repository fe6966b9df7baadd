<script lang="ts">
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

  function chosen(event: Event & { currentTarget: HTMLInputElement }, then: (files: FileList) => void) {
    const files = event.currentTarget.files;
    if (files?.length) then(files);
    event.currentTarget.value = '';
  }

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
      <label class="label"
        >Picture of the pull <input
          type="file"
          accept="image/*"
          multiple
          class="block"
          onchange={(e) => chosen(e, onfirst)}
        /></label
      >
      <label class="press cursor-pointer sm:hidden"
        >Take it now <input
          type="file"
          accept="image/*"
          capture="environment"
          class="sr-only"
          onchange={(e) => chosen(e, onfirst)}
        /></label
      >
    {:else}
      <label class="press focus-within:outline-verdigris cursor-pointer focus-within:outline-3"
        >Add a picture, light from the other side<input
          type="file"
          accept="image/*"
          class="sr-only"
          onchange={(e) => chosen(e, onmore)}
        /></label
      >
      {#if oncorners}<button class="press press-quiet" onclick={oncorners}>Mark it by hand</button>{/if}
    {/if}
    {#if onsimulated}<button class="press" onclick={onsimulated}>Take it with the simulated camera</button
      >{/if}
  </div>
  {#if first}<p class="text-soft text-fine mt-1">
      Or drop it here, or paste it. JPEG, PNG or WebP, up to 20 MB. Nothing is kept until you log it.
    </p>{/if}
</div>
