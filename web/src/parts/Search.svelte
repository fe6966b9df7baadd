<script lang="ts">
  import CommandPalette from 'flowbite-svelte/CommandPalette.svelte';
  import type { CommandItem } from 'flowbite-svelte';
  import { push } from 'svelte-spa-router';
  import { api, asked } from '../api/client';
  import { places } from '../places';
  import { kit, SHELVES } from '../state/kit.svelte';
  import { tell } from '../state/messages.svelte';
  import { preferences } from '../state/preferences.svelte';
  import { vocabulary } from '../state/vocabulary.svelte';

  /** Finds set-ups, jobs, pulls, things of the kit, words of the craft and actions by a few letters. */
  let { open = $bindable(false), onword }: { open: boolean; onword: (word: string) => void } = $props();
  const PULLS = 50;
  let kept = $state<CommandItem[]>([]);

  const to = (id: string, label: string, description: string, address: string): CommandItem => ({
    id: id.replace(/[^\w-]/g, '-'),
    label,
    description,
    onselect: () => void push(address),
  });

  const ACTIONS: CommandItem[] = [
    to('do-new', 'New set-up', 'Action', '/bench?new'),
    to('do-read', 'Read a picture of a pull', 'Action', '/pulls/read'),
    to('do-begin', 'Add things to the kit from pictures', 'Action', '/kit/begin'),
    ...places.map((place) => to(`go-${place.name}`, place.name, 'Go to', place.home)),
  ];

  const things = $derived(
    SHELVES.flatMap((shelf) =>
      kit.inUse(shelf).map((item) => to(`thing-${shelf}-${item.id}`, item.name, 'Kit', `/kit/${shelf}`)),
    ),
  );
  const words = $derived(
    vocabulary.terms.map((term) => ({
      id: `word-${term.word.replace(/ /g, '-')}`,
      label: term.word,
      description: preferences.said(term.says),
      onselect: () => onword(term.word),
    })),
  );

  async function load() {
    try {
      const [setUps, jobs, pulls] = await Promise.all([
        asked(api.GET('/api/set-ups')),
        asked(api.GET('/api/jobs')),
        asked(api.GET('/api/pulls', { params: { query: { size: PULLS } } })),
      ]);
      kept = [
        ...setUps.map((s) => to(`set-up-${s.id}`, s.name, 'Set-up', `/stack/${s.id}`)),
        ...jobs.map((j) => to(`job-${j.id}`, j.job.name, 'Job', `/job/${j.id}`)),
        ...pulls.pulls.map((p) =>
          to(`pull-${p.id}`, `${p.title}, no. ${p.number}`, 'Pull', `/pulls/${p.id}`),
        ),
      ];
    } catch (trouble) {
      tell(trouble);
    }
  }

  $effect(() => {
    if (open) void load();
  });
</script>

<CommandPalette
  bind:open
  items={[...ACTIONS, ...kept, ...words, ...things]}
  placeholder="Search set-ups, jobs, pulls, things and words"
  emptyMessage="Nothing has these letters in its name."
  aria-label="Search"
  class="bg-paper text-ink mt-16"
  classes={{
    search: 'ps-10!',
    item: 'text-ink aria-selected:bg-verdigris-wash aria-selected:text-ink!',
    itemDescription: 'text-soft',
    footer: 'bg-paper text-soft',
    kbd: 'text-soft',
  }}
/>
