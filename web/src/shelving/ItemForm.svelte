<script lang="ts">
  import FormDialog from '../parts/FormDialog.svelte';
  import { Trouble, type Schemas } from '../api/client';
  import { kit, type Shelf } from '../state/kit.svelte';
  import { tell } from '../state/messages.svelte';
  import { outlines } from '../state/outlines.svelte';
  import CaliperFromWeight from './CaliperFromWeight.svelte';
  import FieldInput from './FieldInput.svelte';
  import Levels from './Levels.svelte';
  import Fold from '../parts/Fold.svelte';
  import PlatformWords from './PlatformWords.svelte';
  import PressWords from './PressWords.svelte';
  import TenOnRuler from './TenOnRuler.svelte';
  import SvgOutline from './SvgOutline.svelte';
  import { one } from '../parts/format';
  import { readings } from '../parts/readings';
  import { vocabulary } from '../state/vocabulary.svelte';
  import { path, read, written, type Field, type Item } from './fields';
  import { put } from './shelves';
  import Button from '../parts/Button.svelte';

  interface Props {
    shelf: Shelf;
    id: string | undefined;
    onclose: () => void;
    /** It stands on its shelf now. */
    onkept?: (id: string) => void;
  }
  let { shelf, id, onclose, onkept }: Props = $props();

  // The form is made anew for each thing, so what it starts from may be read once.
  // svelte-ignore state_referenced_locally
  const kept = kit.all[shelf].find((k) => k.item.id === id);
  let item = $state<Item>(structuredClone($state.snapshot(kept?.item ?? fresh()) as Item));
  let wrong = $state<Schemas['Problem'][]>([]);
  let general = $state('');
  const form = $derived(vocabulary.form(shelf));
  const known = $derived(form.fields.map(path));
  const curious = $derived(form.fields.filter((f) => f.curious));
  const size = $derived({
    widthMm: Number(item.widthMm),
    heightMm: Number(item.heightMm),
    celsius: (item.levels as { celsius: number }[] | undefined)?.[0]?.celsius ?? 0,
  });
  let opened = $state(false);
  const reading = readings();

  /** What a new thing starts from; its name, its words and what it is of are for the person to give. */
  function fresh(): Item {
    const start = { ...$state.snapshot(vocabulary.now.starts[shelf]) } as Item;
    const open = {
      name: '',
      ...(shelf === 'leftovers' ? { filmId: '' } : shelf === 'offcuts' ? { stockId: '' } : {}),
    };
    return shelf === 'plates'
      ? { ...start, ...open, motif: { ...(start.motif as Item), text: '' } }
      : { ...start, ...open };
  }

  function error(field: Field) {
    const found = wrong.find((w) => w.field === path(field));
    return found ? `${found.message}. Accepted: ${found.accepted}` : '';
  }

  async function save() {
    [wrong, general] = [[], ''];
    if (!(await reading.settled())) {
      general = "One of the entries can't be read. Nothing was saved.";
      return;
    }
    try {
      const now = await put(shelf, $state.snapshot(item), id, kept?.version);
      if (id) outlines.forget(id);
      await kit.changed();
      tell(`${item.name} is on the shelf.`);
      onclose();
      onkept?.(now.item.id);
    } catch (problem) {
      if (!(problem instanceof Trouble)) return tell(problem);
      wrong = problem.fields;
      // What is wrong has to be seen.
      opened ||= curious.some((f) => wrong.some((w) => w.field === path(f)));
      const homeless = problem.fields.filter((f) => !known.includes(f.field));
      if (problem.fields.length === 0 || homeless.length > 0) general = problem.message;
    }
  }
</script>

{#snippet asked(field: Field)}
  <FieldInput
    {field}
    name={path(field)}
    value={read(item, field)}
    error={error(field)}
    onvalue={(value) => (item = written(item, field, value))}
  />
{/snippet}

<FormDialog title={id ? String(kept?.item.name) : `Add ${one(form.one)}`} size="md" {onclose}>
  <form
    class="text-ink grid gap-4 sm:grid-cols-2"
    onsubmit={(e) => {
      e.preventDefault();
      save();
    }}
  >
    {#each form.fields.filter((f) => !f.curious) as field (path(field))}
      {@render asked(field)}
    {/each}
    {#if shelf === 'presses'}
      <PressWords
        onfigures={(figures) =>
          (item = { ...item, ...figures, openingMm: figures.openingMm ?? item.openingMm })}
      />
    {/if}
    {#if shelf === 'platforms'}
      <Levels
        levels={item.levels as { name: string; celsius: number }[]}
        onlevels={(levels) => (item.levels = levels)}
      />
    {/if}
    {#if shelf === 'platforms'}
      <PlatformWords {id} {size} onfigures={(figures) => (item = { ...item, ...figures })} />
    {/if}
    {#if shelf === 'rollers'}
      <Levels
        levels={item.settings as { name: string; celsius: number }[]}
        onlevels={(settings) => (item.settings = settings)}
      />
    {/if}
    {#if shelf === 'plates'}
      <SvgOutline
        onread={(drawn) => {
          const { kind, material, thicknessMm, motif, widthMm, heightMm } = drawn.plate;
          Object.assign(item, { motif, widthMm, heightMm });
          if (drawn.hairline) Object.assign(item, { kind, material, thicknessMm });
        }}
      />
    {/if}
    {#if shelf === 'boards' || shelf === 'stocks'}
      <TenOnRuler onthickness={(mm) => (item.thicknessMm = mm)} />
    {/if}
    {#if shelf === 'stocks' && item.kind === 'CARD'}
      <CaliperFromWeight gsm={Number(item.gsm)} onthickness={(mm) => (item.thicknessMm = mm)} />
    {/if}
    {#if curious.length > 0}
      <div class="col-span-full">
        <Fold title="Technical figures" bind:open={opened}>
          <div class="mt-2 grid gap-4 sm:grid-cols-2">
            {#each curious as field (path(field))}
              {@render asked(field)}
            {/each}
          </div>
        </Fold>
      </div>
    {/if}
    {#if general}<p role="alert" class="border-ochre-line bg-ochre-wash col-span-full border-l-4 px-3 py-2">
        {general}
      </p>{/if}
    <div class="col-span-full flex gap-2">
      <Button type="submit" kind="strong">Save</Button>
      <Button kind="quiet" onclick={onclose}>Cancel</Button>
    </div>
  </form>
</FormDialog>
