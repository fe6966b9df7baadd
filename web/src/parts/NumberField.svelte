<script lang="ts">
  import TextField from './TextField.svelte';
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
    class: extra = '',
  }: Props = $props();

  let typed = $state<string>();
  let unread = $state('');
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
        unread = `can't be read. Accepted: ${accepted}.`;
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

<TextField
  label={unit ? `${label}, ${unit}` : label}
  {name}
  {hideLabel}
  {wrong}
  class={extra}
  inputmode="decimal"
  value={typed ?? (value === undefined ? '' : String(value))}
  oninput={(text) => (typed = text)}
  onchange={take}
/>
