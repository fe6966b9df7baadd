<script lang="ts">
  import type { Snippet } from 'svelte';
  import Modal from 'flowbite-svelte/Modal.svelte';
  import Button from './Button.svelte';

  /** A form in a window of its own. What was filled in is not thrown away unasked: not by Escape, its cross, or a click beside it. */
  interface Props {
    open?: boolean;
    title: string;
    size?: 'sm' | 'md' | 'lg';
    onclose?: () => void;
    children: Snippet;
  }
  let { open = $bindable(true), title, size = 'md', onclose, children }: Props = $props();
  let filled = false;
  let asking = $state(false);

  function cancelled(event: Event) {
    if (!filled || asking) return;
    event.preventDefault();
    asking = true;
  }

  function discard() {
    filled = asking = false;
    open = false;
  }

  /** Whatever is typed or chosen in it comes by here. */
  function watch(form: HTMLElement) {
    const mark = () => (filled = true);
    form.addEventListener('input', mark);
    form.addEventListener('change', mark);
  }
</script>

<Modal bind:open {title} {size} {onclose} oncancel={cancelled}>
  {#if asking}
    <div
      role="alertdialog"
      aria-label="Discard what you entered?"
      class="border-ochre-line bg-ochre-wash text-ink flex flex-wrap items-center gap-3 border-l-4 px-4 py-3"
    >
      <p class="min-w-0 flex-1">What you entered is not saved.</p>
      <Button kind="strong" autofocus onclick={() => (asking = false)}>Keep editing</Button>
      <Button onclick={discard}>Discard</Button>
    </div>
  {/if}
  <div use:watch class="space-y-4">{@render children()}</div>
</Modal>
