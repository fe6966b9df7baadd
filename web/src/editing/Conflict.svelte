<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import Button from '../parts/Button.svelte';

  /** Two pages changed one thing: which goes on? */
  interface Props {
    what: string;
    drafts: { conflict: boolean; keepMine: () => Promise<void>; takeTheirs: () => Promise<void> };
  }
  let { what, drafts }: Props = $props();
</script>

<Modal open={drafts.conflict} permanent title="This {what} was changed in another tab" size="sm">
  <p class="text-ink">Nothing is lost yet: choose which one to keep. Undo brings the other back.</p>
  <div class="flex gap-2">
    <Button kind="strong" onclick={() => drafts.keepMine()}>Keep this page's</Button>
    <Button onclick={() => drafts.takeTheirs()}>Use the other tab's</Button>
  </div>
</Modal>
