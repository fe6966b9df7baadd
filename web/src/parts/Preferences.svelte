<script lang="ts">
  import Modal from 'flowbite-svelte/Modal.svelte';
  import { preferences } from '../state/preferences.svelte';
  import Choice from './Choice.svelte';
  import Fold from './Fold.svelte';
  import NumberField from './NumberField.svelte';
  import QuantityField from './QuantityField.svelte';
  import TextField from './TextField.svelte';
  import Backups from './Backups.svelte';
  import Workshop from './Workshop.svelte';
  import Button from './Button.svelte';

  const THUMB = [
    ['gelWaste', 'Gel used per gel that remains', ''],
    ['tapeCm', 'Tape per plate', 'cm'],
    ['pullsAParchment', 'Pulls per sheet of parchment', ''],
    ['inkMlPerCm2', 'Ink per cm² of stamp', 'ml'],
  ] as const;
  let open = $state(false);
  const now = $derived(preferences.now);
  const weights = { GSM: 'g/m²', LB_COVER: 'lb cover', LB_TEXT: 'lb text', LB_INDEX: 'lb index' };
  const summary = $derived(
    `${now.length === 'MM' ? 'mm' : 'in'} · °${now.temperature} · ${weights[now.weight]}`,
  );
</script>

<Button kind="quiet" class="text-soft font-normal" title={summary} onclick={() => (open = true)}
  >Preferences</Button
>

<Modal bind:open title="Preferences" size="sm">
  <div class="text-ink grid gap-4">
    <Choice
      label="Lengths"
      value={now.length}
      options={[
        ['MM', 'millimetres'],
        ['IN', 'inches'],
      ]}
      onchoose={(length) => preferences.change({ length })}
    />
    <Choice
      label="Temperatures"
      value={now.temperature}
      options={[
        ['C', '°C'],
        ['F', '°F'],
      ]}
      onchoose={(temperature) => preferences.change({ temperature })}
    />
    <Choice
      label="Paper weights"
      value={now.weight}
      options={Object.entries(weights) as [typeof now.weight, string][]}
      onchoose={(weight) => preferences.change({ weight })}
    />
    <Choice
      label="Theme"
      value={now.theme}
      options={[
        ['SYSTEM', 'as your system'],
        ['LIGHT', 'light'],
        ['DARK', 'dark'],
      ]}
      onchoose={(theme) => preferences.change({ theme })}
    />
    <Choice
      label="Size of text"
      value={now.textSize}
      options={[
        ['NORMAL', 'normal'],
        ['LARGE', 'large'],
        ['LARGEST', 'largest'],
      ]}
      onchoose={(textSize) => preferences.change({ textSize })}
    />
    <Choice
      label="Sound"
      value={now.sound}
      options={[
        ['OFF', 'off'],
        ['SOFT', 'soft'],
        ['FULL', 'full'],
      ]}
      onchoose={(sound) => preferences.change({ sound })}
    />
    <Choice
      label="Rather too little or too much foil?"
      value={now.bias}
      options={[
        ['BY_CONTRAST', 'depends on the colours'],
        ['OVER', 'rather too much: it rubs off'],
        ['EVEN', 'either'],
        ['UNDER', 'rather too little: clean edges'],
      ]}
      onchoose={(bias) => preferences.change({ bias })}
    />
    <QuantityField
      kind="TEMPERATURE"
      label="Room temperature"
      name="roomC"
      value={now.roomC}
      onvalue={(roomC) => preferences.change({ roomC })}
    />
    <TextField
      label="Currency"
      name="money"
      value={now.money ?? ''}
      onchange={(e) => preferences.change({ money: e.currentTarget.value })}
    />
    <Fold title="Rules of thumb for supplies">
      <div class="mt-2 grid grid-cols-2 gap-2">
        {#each THUMB as [name, label, unit] (name)}
          <NumberField
            {label}
            {name}
            {unit}
            value={now.thumb[name]}
            onvalue={(v) => preferences.change({ thumb: { ...now.thumb, [name]: v } })}
          />
        {/each}
      </div>
    </Fold>
    <Workshop />
    <Backups />
  </div>
</Modal>
