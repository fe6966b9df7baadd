<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';

  let { open = $bindable(false) }: { open: boolean } = $props();
  const keys = [
    ['1 – 9', 'go to a place; in Drills, an answer'],
    ['N', 'new set-up'],
    ['Up, Down', 'choose a layer on the Stack'],
    ['Alt + Up, Down', 'move the chosen layer'],
    ['F', 'turn the chosen layer over'],
    ['Delete', 'remove the chosen layer or plate'],
    ['Arrows', 'nudge the chosen plate on the Layout; with Alt finer'],
    ['R', 'turn the chosen plate a quarter on the Layout'],
    ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo on Layout and Stack'],
    ['Space', 'next step in a run'],
    ['L', 'log the pull'],
    ['S', 'log a pull of a batch like the last'],
    ['Enter, Backspace, S', 'next, undo and “I am sure” in Drills'],
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
