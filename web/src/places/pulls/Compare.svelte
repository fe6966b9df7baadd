<script lang="ts">
  import Table from 'flowbite-svelte/Table.svelte';
  import Asked from '../../asking/Asked.svelte';
  import { Question } from '../../asking/question.svelte';
  import { api, asked, type PullView, type Schemas } from '../../api/client';
  import OutcomeMark from '../../drawing/OutcomeMark.svelte';
  import { outcomeWords } from '../../logging/words';
  import { routes } from '../../state/routes.svelte';
  import { preferences } from '../../state/preferences.svelte';
  import Laid from './Laid.svelte';
  import { pictureOf, seenStraight } from './pictures';
  import Button from '../../parts/Button.svelte';

  /** Two pulls beside each other, with only what differs. */
  let { left, right, onclose }: { left: PullView; right: PullView; onclose: () => void } = $props();
  const asking = new Question<Schemas['Comparison']>();
  // Both were read off their pictures, and show the same design.
  const registered = $derived([left, right].every(seenStraight) && left.plate === right.plate);
  $effect(() => {
    const params = { query: { left: left.id, right: right.id } };
    return asking.follow((signal) => asked(api.GET('/api/pulls/compare', { params, signal })));
  });
</script>

<section class="border-rule bg-paper my-4 border p-4" aria-label="Two pulls compared" data-changing>
  <div class="mb-2 flex justify-between">
    <h2 class="text-large">What changed</h2>
    <Button kind="quiet" onclick={onclose}>Close</Button>
  </div>
  <div
    class="grid gap-4 {registered ? 'md:grid-cols-[minmax(0,420px)_1fr]' : 'md:grid-cols-[220px_1fr_220px]'}"
  >
    {#if registered}<Laid {left} {right} />{/if}
    {#each registered ? [] : [left, right] as pull, i (pull.id)}
      <figure class={i === 1 ? 'md:order-3' : ''}>
        <img
          src={pictureOf(pull, 300, 200)}
          alt="Pull {pull.number}"
          width="300"
          height="200"
          class="border-rule h-auto w-full border"
        />
        <figcaption class="mt-1 flex items-center gap-2">
          <OutcomeMark outcome={pull.outcome} size={16} />no. {pull.number}, {outcomeWords(
            routes.of(pull.route),
          )[pull.outcome]}
        </figcaption>
      </figure>
    {/each}
    <div class={registered ? '' : 'md:order-2'}>
      <Asked question={asking}>
        {#snippet children(comparison)}
          <Table border={false} class="text-ink w-full bg-transparent text-left text-(length:--text-body)">
            <thead
              ><tr class="label"
                ><th class="font-normal">&nbsp;</th><th class="font-normal">no. {left.number}</th><th
                  class="font-normal">no. {right.number}</th
                ></tr
              ></thead
            >
            <tbody>
              {#each comparison.differences as d, at (at)}
                <tr class="border-rule border-t align-top">
                  <th scope="row" class="text-soft py-1 pr-3 font-normal">{d.what}</th>
                  <td class="py-1 pr-3">{preferences.said(d.before)}</td>
                  <td class="py-1 font-bold">{preferences.said(d.after)}</td>
                </tr>
              {:else}
                <tr
                  ><td colspan="3" class="py-2"
                    >The set-ups are the same. What differs is luck, or something not written down.</td
                  ></tr
                >
              {/each}
            </tbody>
          </Table>
        {/snippet}
      </Asked>
    </div>
  </div>
</section>
