<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { editing } from '../../state/editing.svelte';
</script>

<Modal open={editing.conflict} permanent title="This set-up was changed in another tab" size="sm">
  <p class="text-ink">Nothing is lost yet: choose which one goes on. Undo brings the other back.</p>
  <div class="flex gap-2">
    <button class="press press-strong" onclick={() => editing.keepMine()}>Keep this page's</button>
    <button class="press" onclick={() => editing.takeTheirs()}>Take the other tab's</button>
  </div>
</Modal>
