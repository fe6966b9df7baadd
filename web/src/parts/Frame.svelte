<script lang="ts">
  import type { Snippet } from 'svelte';
  import { push, router } from 'svelte-spa-router';
  import { placeAt, places } from '../places';
  import { editing } from '../state/editing.svelte';
  import { planning } from '../state/planning.svelte';
  import Help from './Help.svelte';
  import { api } from '../api/client';
  import Preferences from './Preferences.svelte';
  import Button from './Button.svelte';

  let { children }: { children: Snippet } = $props();
  let helpOpen = $state(false);
  let helpWord = $state('');
  let searchOpen = $state(false);
  /** Fetched when it is first asked for. */
  let searchWanted = $state(false);

  /** A damaged database was set aside at the start. */
  let setAside = $state('');
  void api.GET('/api/backups').then(({ data }) => (setAside = data?.setAside ?? ''));

  const here = $derived(placeAt(router.location));
  const unsaved = $derived(editing.unsaved || planning.unsaved);
  const trail = $derived(
    here?.home === '/stack' || here?.home === '/layout' ? (editing.saved?.name ?? '') : '',
  );

  function search() {
    searchWanted = true;
    searchOpen = true;
  }

  function help(word = '') {
    helpWord = word;
    helpOpen = true;
  }

  function typing(target: EventTarget | null) {
    return target instanceof HTMLElement && target.closest('input, select, textarea, dialog') !== null;
  }

  function key(event: KeyboardEvent) {
    if (event.key === 'k' && (event.ctrlKey || event.metaKey) && !searchWanted) {
      event.preventDefault();
      search();
    }
    if (typing(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
    const place = places[Number(event.key) - 1];
    // In Drills digits are answers.
    if (place && !document.querySelector('[data-digits]')) push(place.home);
    else if (event.key === '?') help();
    else if (event.key.toLowerCase() === 'n') push('/bench?new');
  }
</script>

<svelte:window onkeydown={key} />

<a
  href="#main"
  class="press press-strong absolute -top-20 left-2 z-50 focus:top-2"
  onclick={(e) => {
    e.preventDefault();
    document.getElementById('main')?.focus();
  }}>Skip to main content</a
>
<div
  class="grid min-h-screen grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr_auto] md:grid-cols-[5.75rem_1fr] md:grid-rows-[3.25rem_1fr]"
>
  <header
    class="border-rule flex flex-wrap items-center gap-x-3 border-b px-4 py-2 md:col-span-2 print:hidden"
    aria-label="Glanzen"
  >
    <a href="#/bench" class="font-title text-ink text-heading font-bold">Glanzen</a>
    {#if trail}<span class="text-soft min-w-0 flex-1 basis-0 truncate">{trail}</span>{/if}
    {#if unsaved}<span role="status" class="text-ochre min-w-0 leading-tight font-bold"
        >Not saved yet; still trying</span
      >{/if}
    <div class="ml-auto flex shrink-0 items-center gap-1">
      <Button kind="quiet" class="text-soft font-normal" title="Search (Ctrl + K)" onclick={search}
        >Search</Button
      >
      <Preferences />
      <Button kind="quiet" aria-label="Help" title="Help (?)" onclick={() => help()}>?</Button>
    </div>
  </header>
  <nav
    aria-label="Places"
    class="border-rule bg-blotter order-last flex border-t max-md:sticky max-md:bottom-0 max-md:z-10 md:order-none md:flex-col md:border-t-0 md:border-r md:pt-3 print:hidden"
  >
    {#each places as place, i (place.name)}
      {@const current = place === here}
      <a
        href="#{place.home}"
        aria-current={current ? 'page' : undefined}
        class="max-md:text-fine flex min-w-0 flex-1 items-center justify-center gap-2 py-3 md:flex-none md:justify-start md:pl-3 {current
          ? 'border-verdigris bg-paper text-ink font-bold max-md:border-t-4 md:border-l-4 md:pl-2'
          : 'text-soft hover:text-ink'}"
      >
        <span class="text-tiny max-md:hidden" aria-hidden="true">{i + 1}</span>{place.name}
      </a>
    {/each}
  </nav>
  <main id="main" tabindex="-1" class="min-w-0 outline-none">
    {#if setAside}
      <p class="border-ochre-line bg-ochre-wash m-4 border-l-4 px-3 py-2" role="alert">
        {setAside} Your backups are in the preferences, at the top right.
      </p>
    {/if}
    {@render children()}
  </main>
</div>
<Help bind:open={helpOpen} word={helpWord} />
{#if searchWanted}
  {#await import('./Search.svelte') then { default: Search }}
    <Search bind:open={searchOpen} onword={help} />
  {/await}
{/if}
