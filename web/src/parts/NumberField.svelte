<script lang="ts">
  import { onMount } from 'svelte';
  import { plainNumber } from './format';
  import { formReadings } from './readings';

  /**
   * A plain number, taken when the field is left or its form is kept. What is no number, or not in its range, stays as it
   * was typed and is said to be none; it never becomes another.
   */
  interface Props {
    label: string;
    name: string;
    value: number | undefined;
    onvalue: (value: number) => void;
    /** Given if it may be left empty. */
    onclear?: () => void;
    unit?: string;
    min?: number;
    max?: number;
    whole?: boolean;
    hideLabel?: boolean;
    error?: string;
    class?: string;
  }
  let {
    label,
    name,
    value,
    onvalue,
    onclear,
    unit = '',
    min = -Infinity,
    max = Infinity,
    whole = false,
    hideLabel = false,
    error = '',
    class: extra = 'w-full',
  }: Props = $props();

  let typed = $state<string>();
  let unread = $state('');
  const id = $props.id();
  const named = $derived(unit ? `${label}, ${unit}` : label);
  const wrong = $derived(unread || error);
  const accepted = $derived.by(() => {
    const kind = whole ? 'a whole number' : 'a number such as 12 or 0.5';
    if (Number.isFinite(max)) return `${kind}, ${min} to ${max}`;
    return Number.isFinite(min) ? `${kind}, ${min} or more` : kind;
  });

  /** Takes what stands there; false if it cannot be read. */
  function take(): boolean {
    if (typed === undefined) return true;
    const text = unit ? typed.replace(unit, '') : typed;
    if (text.trim() === '' && onclear) onclear();
    else {
      const number = plainNumber(text);
      if (number === undefined || (whole && !Number.isInteger(number)) || number < min || number > max) {
        unread = `cannot be read so. Accepted: ${accepted}`;
        return false;
      }
      onvalue(number);
    }
    typed = undefined;
    unread = '';
    return true;
  }

  const form = formReadings();
  onMount(() => form?.add(() => Promise.resolve(take())));
</script>

<div>
  {#if !hideLabel}<label for={id} class="label block">{named}</label>{/if}
  <input
    {id}
    {name}
    class="{extra} px-2 py-1.5"
    inputmode="decimal"
    aria-label={hideLabel ? named : undefined}
    value={typed ?? (value === undefined ? '' : String(value))}
    aria-invalid={wrong ? 'true' : undefined}
    aria-describedby={wrong ? `${id}-wrong` : undefined}
    oninput={(e) => (typed = e.currentTarget.value)}
    onchange={take}
  />
  {#if wrong}<p id="{id}-wrong" role="alert" class="text-ochre mt-1 text-[14px]">{wrong}.</p>{/if}
</div>
