<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity';
  import { tick } from 'svelte';
  import Router, { replace } from 'svelte-spa-router';
  import Hatches from './drawing/Hatches.svelte';
  import Frame from './parts/Frame.svelte';
  import Messages from './parts/Messages.svelte';
  import { arrive } from './parts/arrive';
  import { routes } from './places';
  import { kit } from './state/kit.svelte';
  import { preferences } from './state/preferences.svelte';
  import { routes as crafts } from './state/routes.svelte';
  import { tell } from './state/messages.svelte';
  import { vocabulary } from './state/vocabulary.svelte';

  const ready = Promise.all([preferences.load(), kit.load(), crafts.load(), vocabulary.load()]).catch(
    (trouble) => {
      tell(trouble);
      throw trouble;
    },
  );
  let leave = () => {};
  let location: string | undefined;

  const systemDark = new MediaQuery('(prefers-color-scheme: dark)');

  $effect(() => {
    const { theme, textSize } = preferences.now;
    document.documentElement.dataset.text = textSize;
    const dark = theme === 'SYSTEM' ? systemDark.current : theme === 'DARK';
    document.documentElement.dataset.theme = dark ? 'dark' : 'light';
  });

  async function arrived(at: string) {
    const first = location === undefined;
    if (at === location) return;
    location = at;
    // A workshop with nothing in it begins, however one comes to its Bench.
    if (kit.empty && ['', '/', '/bench'].includes(at)) return replace('/kit/begin');
    leave();
    await tick();
    const main = document.getElementById('main');
    if (!first && main) leave = arrive(main);
  }
</script>

<Hatches />
<Frame>
  {#await ready}
    <p class="text-soft p-8">Loading…</p>
  {:then}
    <Router {routes} onRouteLoaded={({ location }) => void arrived(location)} />
  {:catch}
    <p class="p-8">Glanzen does not answer. Start it again, then reload this page.</p>
  {/await}
</Frame>
<Messages />
