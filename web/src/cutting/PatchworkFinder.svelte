<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import Asked from '../asking/Asked.svelte';
  import { Question } from '../asking/question.svelte';
  import { api, asked, type Plate, type Schemas } from '../api/client';
  import QuantityField from '../parts/QuantityField.svelte';
  import { kit } from '../state/kit.svelte';
  import Button from '../parts/Button.svelte';

  /** Scraps over a stamped area: what they cover, and where gaps stay. */
  let { stamp }: { stamp?: Plate } = $props();
  const clip = $props.id();
  let chosenWidthMm = $state(60);
  let chosenHeightMm = $state(40);
  const widthMm = $derived(stamp?.widthMm ?? chosenWidthMm);
  const heightMm = $derived(stamp?.heightMm ?? chosenHeightMm);
  const scale = $derived(Math.min(230 / widthMm, 150 / heightMm));
  const colour = (filmId: string) => kit.all.films.find((k) => k.item.id === filmId)?.item.colour ?? '#bbb';

  const asking = new Question<Schemas['PatchworkView']>();
  const work = $derived(asking.answer);

  function lay() {
    const body = { plateId: stamp?.id ?? '', widthMm, heightMm, leftoverIds: [] };
    void asking.ask((signal) => asked(api.POST('/api/layouts/patchwork', { body, signal })));
  }
</script>

<Fold
  open={stamp !== undefined}
  class="border-rule mt-4 border-t pt-3"
  titleClass="text-verdigris font-bold"
  title="Patchwork of scraps for a stamp"
>
  <div class="mt-2 grid grid-cols-2 gap-2 {stamp ? 'hidden' : ''}">
    <QuantityField
      kind="LENGTH"
      label="Stamped width"
      name="stampWidth"
      value={widthMm}
      onvalue={(v) => (chosenWidthMm = v)}
    />
    <QuantityField
      kind="LENGTH"
      label="Stamped height"
      name="stampHeight"
      value={heightMm}
      onvalue={(v) => (chosenHeightMm = v)}
    />
  </div>
  <Button class="mt-2" onclick={lay}>Lay scraps</Button>
  <Asked question={asking} />
  {#if work}
    <svg
      class="mt-3"
      width={widthMm * scale + 2}
      height={heightMm * scale + 2}
      role="img"
      aria-label="Scraps cover {Math.round(work.coverage * 100)} % of the stamp"
    >
      <clipPath id={clip}>
        {#if stamp}<path d={work.area} clip-rule="evenodd" />{:else}<rect
            width={widthMm}
            height={heightMm}
          />{/if}
      </clipPath>
      <g transform="translate(1 {heightMm * scale + 1}) scale({scale} {-scale})" clip-path="url(#{clip})">
        {#each work.scraps as scrap, i (i)}
          <path
            d={scrap.path}
            fill={colour(scrap.filmId)}
            fill-rule="evenodd"
            stroke="var(--paper)"
            stroke-width="0.5"
          />
        {/each}
        {#if work.gaps}
          <path
            d={work.gaps}
            fill="var(--paper)"
            stroke="var(--ochre)"
            stroke-width="2"
            vector-effect="non-scaling-stroke"
          />
        {/if}
      </g>
    </svg>
    <p>
      {work.scraps.length === 1 ? 'One scrap covers' : `${work.scraps.length} scraps cover`}
      {Math.round(work.coverage * 100)} %{work.gaps && Math.round(work.coverage * 100) < 100
        ? '; the outlined part stays bare'
        : ''}.
    </p>
    <ol class="text-soft text-small list-decimal pl-5">
      {#each work.scraps as scrap, i (i)}<li>{scrap.name}</li>{/each}
    </ol>
  {/if}
</Fold>
