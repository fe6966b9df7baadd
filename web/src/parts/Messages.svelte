<script lang="ts">
  import Toast from 'flowbite-svelte/Toast.svelte';
  import { messages } from '../state/messages.svelte';
  import Button from './Button.svelte';
</script>

<div
  class="fixed right-4 bottom-4 z-50 flex w-[min(420px,calc(100vw-2rem))] flex-col gap-2"
  aria-live="polite"
>
  {#each messages.list as message (message.id)}
    <Toast
      dismissable
      onclose={() => messages.remove(message.id)}
      class="w-full max-w-none rounded-[3px] border border-l-4 shadow-none {message.bad
        ? 'border-ochre-line bg-ochre-wash'
        : 'border-verdigris bg-paper'} text-ink text-(length:--text-body)"
    >
      {message.text}
      {#if message.action}
        {@const action = message.action}
        <Button
          class="ml-2"
          onclick={() => {
            action.run();
            messages.remove(message.id);
          }}>{action.label}</Button
        >
      {/if}
    </Toast>
  {/each}
</div>
