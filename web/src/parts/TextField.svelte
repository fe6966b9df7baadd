<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import type { HTMLInputAttributes } from 'svelte/elements';

  /** A line of text with its label, and what is wrong with it below. */
  interface Props extends Pick<
    HTMLInputAttributes,
    'name' | 'type' | 'inputmode' | 'onchange' | 'placeholder' | 'required' | 'autofocus' | 'autocomplete'
  > {
    onblur?: () => void;
    onkeydown?: (event: KeyboardEvent) => void;
    label: string;
    value: string;
    oninput?: (text: string) => void;
    wrong?: string;
    /** What happens with it just now. */
    hint?: string;
    hideLabel?: boolean;
    class?: string;
    id?: string;
  }
  let {
    label,
    value = $bindable(),
    oninput,
    wrong = '',
    hint = '',
    hideLabel = false,
    class: extra = '',
    type = 'text',
    id: known,
    ...rest
  }: Props = $props();
  const own = $props.id();
  const id = $derived(known ?? own);
</script>

<div class={extra}>
  {#if !hideLabel}<label for={id} class="label block">{label}</label>{/if}
  <Input
    {id}
    {type}
    {value}
    {...rest}
    aria-label={hideLabel ? label : undefined}
    aria-invalid={wrong ? 'true' : undefined}
    aria-describedby={wrong ? `${id}-wrong` : undefined}
    class="w-full min-w-0 rounded-[3px] text-(length:--text-body) focus:ring-0 {type === 'color'
      ? 'h-10 p-1'
      : 'px-2 py-1.5'}"
    oninput={(e: Event) => {
      value = (e.currentTarget as HTMLInputElement).value;
      oninput?.(value);
    }}
  />
  {#if hint}<p role="status" class="text-soft text-fine mt-1">{hint}</p>{/if}
  {#if wrong}
    <p id="{id}-wrong" role="alert" class="text-ochre text-fine mt-1">{wrong}</p>
  {/if}
</div>
