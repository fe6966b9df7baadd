<script lang="ts">
  import TextField from './TextField.svelte';
  import { onMount } from 'svelte';
  import { api, asked, refusal } from '../api/client';
  import { again, away } from '../asking/again';
  import { preferences } from '../state/preferences.svelte';
  import { duration } from './format';
  import { formReadings } from './readings';

  const PATIENCE_MS = 1000;

  type Kind = 'LENGTH' | 'TEMPERATURE' | 'WEIGHT' | 'DURATION';
  interface Props {
    kind: Kind;
    label: string;
    name: string;
    value: number | undefined;
    onvalue: (value: number) => void;
    /** Given if it may be left empty. */
    onclear?: () => void;
    error?: string;
    hideLabel?: boolean;
    class?: string;
  }
  let {
    kind,
    label,
    name,
    value,
    onvalue,
    onclear,
    error = '',
    hideLabel = false,
    class: extra = '',
  }: Props = $props();

  let typed = $state<string>();
  let unread = $state('');
  /** The server takes its time. */
  let waiting = $state(false);
  let stop = () => {};
  let reading: { text: string; done: Promise<boolean> } | undefined;
  const printed = $derived(value === undefined ? '' : print(value));
  const wrong = $derived(unread || error);

  function print(v: number): string {
    if (kind === 'LENGTH') return preferences.length(v);
    if (kind === 'TEMPERATURE') return preferences.temperature(v);
    return kind === 'WEIGHT' ? preferences.weight(v) : duration(v);
  }

  /**
   * Reading fractions and units is the server's work: one reader for everyone. Answers whether what stands there was read;
   * whoever keeps the form waits for that.
   */
  function read(): Promise<boolean> {
    const text = typed;
    if (text === undefined || text === printed) {
      typed = undefined;
      unread = '';
      return Promise.resolve(true);
    }
    if (text.trim() === '' && onclear) {
      onclear();
      typed = undefined;
      unread = '';
      return Promise.resolve(true);
    }
    if (reading?.text !== text) reading = { text, done: meant(text) };
    return reading.done;
  }

  async function meant(text: string): Promise<boolean> {
    stop();
    const patience = setTimeout(() => (waiting = true), PATIENCE_MS);
    try {
      const meant = await asked(api.POST('/api/quantities', { body: { kind, field: name, text } }));
      if (typed === text) typed = undefined;
      unread = '';
      onvalue(meant.value);
      return true;
    } catch (trouble) {
      unread = refusal(trouble, '');
      // What nobody could read yet stays as it was typed, and is read once somebody answers.
      if (away(trouble)) stop = again(() => void read());
      return false;
    } finally {
      clearTimeout(patience);
      waiting = false;
      reading = undefined;
    }
  }

  const form = formReadings();
  onMount(() => {
    const leave = form?.add(read);
    return () => {
      stop();
      leave?.();
    };
  });
</script>

<TextField
  {label}
  {name}
  {hideLabel}
  {wrong}
  hint={waiting ? 'Calculating…' : ''}
  class={extra}
  value={typed ?? printed}
  oninput={(text) => (typed = text)}
  onblur={read}
  onkeydown={(e) => {
    if (e.key === 'Enter') {
      e.preventDefault();
      read();
    }
  }}
/>
