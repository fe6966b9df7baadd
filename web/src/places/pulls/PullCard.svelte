<script lang="ts">
  import { routes } from '../../state/routes.svelte';
  import { outcomeWords } from '../../logging/words';
  import Tick from '../../parts/Tick.svelte';
  import type { PullView } from '../../api/client';
  import { pictureOf } from './pictures';
  import { percent } from '../../parts/format';
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';

  interface Props {
    pull: PullView;
    /** What was looked for, to be found again. */
    search: string;
    current: boolean;
    picked: boolean;
    /** On the wall of one plate: larger, with how it was pulled and what came of it. */
    large: boolean;
    oncompare: () => void;
  }
  let { pull, search, current, picked, large, oncompare }: Props = $props();
  const when = $derived(new Date(pull.loggedAt).toLocaleDateString([], { day: 'numeric', month: 'short' }));
  const came = $derived(outcomeWords(routes.of(pull.route))[pull.outcome]);
</script>

<li class={current ? 'outline-verdigris outline-3 outline-offset-4' : ''}>
  <a href="#/pulls/{pull.id}{search}" class="block">
    <span class="relative block">
      <img
        src={large ? pictureOf(pull, 450, 300) : pictureOf(pull, 300, 200)}
        alt=""
        loading="lazy"
        width={large ? 450 : 300}
        height={large ? 300 : 200}
        class="border-rule aspect-3/2 h-auto w-full border object-cover"
      />
      {#if !pull.pictured}<span class="bg-paper text-soft text-tiny absolute right-0 bottom-0 px-1.5"
          >Drawing (no photo)</span
        >{/if}
    </span>
    <span class="mt-1 flex items-center gap-2">
      <OutcomeMark outcome={pull.outcome} size={16} />
      <strong class="min-w-0 flex-1 truncate">{pull.title}</strong>
      <span class="sr-only">, {came}</span>
    </span>
    {#if large}
      <span class="block truncate text-(length:--text-fine)"
        >{pull.film ? `${pull.film} on ` : ''}{pull.stock}, {pull.press}</span
      >
      <span class="block truncate text-(length:--text-fine)"
        >{pull.coverage === undefined ? '' : `${percent(pull.coverage)} · `}{pull.read?.causeLabel ??
          (pull.note || came)}</span
      >
    {/if}
    <span class="text-soft block truncate text-(length:--text-fine)"
      >no. {pull.number} · {when}{pull.proven ? ' · proven' : ''}</span
    >
  </a>
  <div class="text-soft mt-0.5">
    <Tick checked={picked} ontick={oncompare} class="text-(length:--text-fine)">compare</Tick>
  </div>
</li>
