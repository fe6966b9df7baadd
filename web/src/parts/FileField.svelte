<script lang="ts">
  /**
   * A file from outside. Glanzen's own and not the library's, whose field for files cannot be reached by keyboard.
   */
  interface Props {
    label: string;
    accept: string;
    onfiles: (files: FileList) => void;
    /** A button with these words, or a field under its label. */
    kind?: 'field' | 'plain' | 'quiet';
    multiple?: boolean;
    capture?: 'environment';
    /** The name for a screen reader, where the words on the screen are too few. */
    says?: string;
    /** The field goes on showing the file that was chosen; otherwise the same file, mended, can be chosen again. */
    keeps?: boolean;
    class?: string;
  }
  let {
    label,
    accept,
    onfiles,
    kind = 'field',
    multiple = false,
    capture,
    says,
    keeps = false,
    class: extra = '',
  }: Props = $props();
  const LOOKS = { field: 'label', plain: 'press', quiet: 'press press-quiet' };

  function chosen(event: Event & { currentTarget: HTMLInputElement }) {
    const field = event.currentTarget;
    if (field.files?.length) onfiles(field.files);
    if (!keeps) field.value = '';
  }
</script>

<label
  class="has-focus-visible:outline-verdigris cursor-pointer has-focus-visible:outline-3 {LOOKS[kind]} {extra}"
  >{label}<input
    type="file"
    {accept}
    {multiple}
    {capture}
    aria-label={says}
    class={kind === 'field' ? 'block w-full' : 'sr-only'}
    onchange={chosen}
  /></label
>
