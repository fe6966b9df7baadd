<script lang="ts">
  import Router, { router } from 'svelte-spa-router';
  import Frame from './parts/Frame.svelte';
  import Messages from './parts/Messages.svelte';
  import { places } from './places';
  import { kit } from './state/kit.svelte';
  import { preferences } from './state/preferences.svelte';
  import { routes as crafts } from './state/routes.svelte';
  import { tell } from './state/messages.svelte';

  const routes = Object.fromEntries(places.flatMap((p) => p.paths.map((path) => [path, p.component])));
  const ready = Promise.all([preferences.load(), kit.load(), crafts.load()]).catch((trouble) => {
    tell(trouble);
    throw trouble;
  });

  $effect(() => {
    document.documentElement.dataset.theme = preferences.now.theme.toLowerCase();
  });
  // The page's title names the place, for tabs and screen readers.
  $effect(() => {
    const place = places.find((p) => router.location.startsWith(p.home)) ?? places[0];
    document.title = `${place?.name} · Glanzen`;
  });
</script>

<Frame>
  {#await ready}
    <p class="text-soft p-8">Laying out…</p>
  {:then}
    <Router {routes} />
  {:catch}
    <p class="p-8">Glanzen does not answer. Start it again, then reload this page.</p>
  {/await}
</Frame>
<Messages />
