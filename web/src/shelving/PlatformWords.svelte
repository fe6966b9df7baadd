<script lang="ts">
  import { api, asked, refusal, type Schemas } from '../api/client';
  import NumberField from '../parts/NumberField.svelte';
  import Pick from '../parts/Pick.svelte';
  import { clock } from '../parts/format';
  import { kit } from '../state/kit.svelte';
  import Button from '../parts/Button.svelte';

  /** A platform measured with a clock: from cold to ready, and from a cold plate to ready again. */
  interface Props {
    id: string | undefined;
    size: { widthMm: number; heightMm: number; celsius: number };
    onfigures: (figures: Schemas['Figures']) => void;
  }
  let { id, size, onfigures }: Props = $props();
  let coldSeconds = $state<number>();
  let againSeconds = $state<number>();
  let plateId = $state('');
  let told = $state<number>();
  let wrong = $state('');
  let since = $state<number>();
  let passed = $state(0);

  $effect(() => {
    if (!id) return;
    const params = { path: { heaterId: id } };
    asked(api.GET('/api/runs/told/{heaterId}', { params })).then(
      (answer) => (told = answer.coldSeconds),
      () => {},
    );
  });
  $effect(() => {
    if (since === undefined) return;
    const from = since;
    const timer = setInterval(() => (passed = (Date.now() - from) / 1000), 250);
    return () => clearInterval(timer);
  });

  async function reckon() {
    wrong = '';
    if (coldSeconds === undefined) return;
    const body = { ...size, coldSeconds, plateId, againSeconds };
    try {
      onfigures(await asked(api.POST('/api/kit/figures/platform', { body })));
    } catch (trouble) {
      wrong = refusal(trouble, 'The time');
    }
  }

  /** The clock runs from switching on, or from laying the plate, to the light. */
  function stop(into: 'cold' | 'again') {
    const seconds = Math.round((Date.now() - (since ?? Date.now())) / 1000);
    since = undefined;
    if (into === 'cold') coldSeconds = seconds;
    else againSeconds = seconds;
    void reckon();
  }
</script>

<fieldset class="border-rule col-span-full border-y py-3">
  <legend class="label px-1">Time how fast it heats</legend>
  <div class="grid gap-4 sm:grid-cols-2">
    <NumberField
      label="From cold to its ready light"
      unit="s"
      name="coldSeconds"
      min={20}
      max={1800}
      value={coldSeconds}
      onvalue={(s) => {
        coldSeconds = s;
        void reckon();
      }}
    />
    <Pick
      label="Then a cold plate on it"
      name="coldPlate"
      none="not tried"
      value={plateId}
      items={kit.inUse('plates')}
      onchoose={(plate) => {
        plateId = plate;
        void reckon();
      }}
    />
    {#if plateId}
      <NumberField
        label="From laying it until the light is back"
        unit="s"
        name="againSeconds"
        min={0}
        max={1800}
        value={againSeconds}
        onvalue={(s) => {
          againSeconds = s;
          void reckon();
        }}
      />
    {/if}
  </div>
  <div class="mt-2 flex flex-wrap items-center gap-2">
    {#if since === undefined}
      <Button onclick={() => (since = Date.now())}>Start the clock</Button>
    {:else}
      <span class="figure text-heading" role="timer">{clock(passed)}</span>
      <Button onclick={() => stop('cold')}>Ready light, from cold</Button>
      {#if plateId}<Button onclick={() => stop('again')}>Light is back</Button>{/if}
    {/if}
    {#if told !== undefined && coldSeconds === undefined}
      <Button
        kind="quiet"
        onclick={() => {
          coldSeconds = Math.round(told ?? 0);
          void reckon();
        }}>Take {clock(told)}, as it was in your runs</Button
      >
    {/if}
  </div>
  {#if wrong}<p role="alert" class="text-ochre text-fine mt-1">{wrong}</p>{/if}
</fieldset>
