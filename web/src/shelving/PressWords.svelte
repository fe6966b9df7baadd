<script lang="ts">
  import { api, asked, refusal, type Schemas } from '../api/client';
  import Pick from '../parts/Pick.svelte';
  import QuantityField from '../parts/QuantityField.svelte';
  import { vocabulary } from '../state/vocabulary.svelte';

  /** A press as its owner would describe it; the figures follow. */
  let { onfigures }: { onfigures: (figures: Schemas['PressFigures']) => void } = $props();
  let feel = $state<Schemas['PressWords']['feel']>('ORDINARY');
  let thickestMm = $state<number>();
  let wrong = $state('');

  async function tell() {
    wrong = '';
    try {
      onfigures(await asked(api.POST('/api/kit/figures/press', { body: { feel, thickestMm } })));
    } catch (trouble) {
      wrong = refusal(trouble, 'The stack');
    }
  }
</script>

<Pick
  label="How heavy it is"
  name="feel"
  value={feel}
  items={vocabulary.now.feels.map((f) => ({ id: f.feel, name: f.label }))}
  onchoose={(chosen) => {
    feel = chosen as typeof feel;
    void tell();
  }}
/>
<QuantityField
  kind="LENGTH"
  label="Thickest stack of boards that just passes, if you know one"
  name="thickest"
  value={thickestMm}
  error={wrong}
  onvalue={(mm) => {
    thickestMm = mm;
    void tell();
  }}
  onclear={() => (thickestMm = undefined)}
/>
