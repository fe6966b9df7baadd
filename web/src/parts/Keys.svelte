<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';

  let { open = $bindable(false) }: { open: boolean } = $props();
  const keys = [
    ['1 – 5', 'go to a place'],
    ['N', 'new set-up'],
    ['Up, Down', 'choose a layer on the Stack'],
    ['Alt + Up, Down', 'move the chosen layer'],
    ['F', 'turn the chosen layer over'],
    ['Delete', 'take the chosen layer out'],
    ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo on the Stack'],
    ['Space', 'next step in a run'],
    ['L', 'log the pull'],
    ['?', 'this list'],
  ];
</script>

<Modal bind:open title="Keys" size="sm">
  <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
    {#each keys as [key, does] (key)}
      <dt class="font-bold">{key}</dt>
      <dd>{does}</dd>
    {/each}
  </dl>
</Modal>
