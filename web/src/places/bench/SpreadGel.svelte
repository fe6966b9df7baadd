<script lang="ts">
  import TextField from '../../parts/TextField.svelte';
  import Pick from '../../parts/Pick.svelte';
  import FormDialog from '../../parts/FormDialog.svelte';
  import { api, asked, refusal } from '../../api/client';
  import NumberField from '../../parts/NumberField.svelte';
  import QuantityField from '../../parts/QuantityField.svelte';
  import { readings } from '../../parts/readings';
  import { kit } from '../../state/kit.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Button from '../../parts/Button.svelte';

  let { open = $bindable(false), onchanged }: { open: boolean; onchanged: () => Promise<void> } = $props();
  const reading = readings();
  let name = $state('');
  let stockId = $state('');
  const { usual } = vocabulary.now.gel;
  let coatMm = $state(usual.coatMm);
  let percent = $state(100 * usual.humidity);
  let through = $state('another');
  const stencils = $derived(kit.inUse('plates').filter((p) => p.kind === 'STENCIL'));
  let wrong = $state('');

  async function spread() {
    if (!(await reading.settled())) return;
    try {
      await asked(
        api.POST('/api/dryings', {
          body: {
            name,
            stockId: stockId || undefined,
            coatMm,
            humidity: percent / 100,
            stencilled: through !== '',
            stencilId: stencils.find((p) => p.id === through)?.id,
          },
        }),
      );
      open = false;
      wrong = '';
      await onchanged();
    } catch (trouble) {
      wrong = refusal(trouble);
    }
  }
</script>

<FormDialog bind:open title="Gel spread" size="sm">
  <form
    class="text-ink grid gap-3"
    onsubmit={(e) => {
      e.preventDefault();
      spread();
    }}
  >
    <TextField label="What" value={name} oninput={(text) => (name = text)} />
    <Pick label="On" none="something else" bind:value={stockId} items={kit.inUse('stocks')} />
    <QuantityField
      kind="LENGTH"
      label="Coat thickness (same as the stencil)"
      name="coatMm"
      value={coatMm}
      onvalue={(v) => (coatMm = v)}
    />
    <NumberField
      label="Humidity of the room"
      unit="%"
      name="humidity"
      min={0}
      max={100 * vocabulary.now.limits.humidity}
      value={percent}
      onvalue={(share) => (percent = share)}
    />
    <Pick
      label="Through"
      bind:value={through}
      items={[
        ...stencils,
        { id: 'another', name: 'another stencil' },
        { id: '', name: 'no stencil, freely' },
      ]}
    />
    <p class="text-soft text-small">
      At {preferences.temperature(preferences.now.roomC)}, as your preferences say. Spread generously; what is
      left over goes back in the pot.
    </p>
    {#if wrong}<p role="alert" class="text-ochre">{wrong}</p>{/if}
    <Button type="submit" kind="strong" why={name.trim() ? '' : 'Give the panel a name first.'}
      >Start drying</Button
    >
  </form>
</FormDialog>
