import type { Component } from 'svelte';
import { wrap } from 'svelte-spa-router/wrap';

// The router hands each place its own parameters.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
type PlaceComponent = Component<any>;

interface Place {
  name: string;
  home: string;
  paths: string[];
  /** Fetches what the place is made of, when it is first opened. */
  open: () => Promise<{ default: PlaceComponent }>;
}

/** The places in the order people work; digits 1–9 go to them. A place that is not built yet is not here. */
export const places: Place[] = [
  { name: 'Bench', home: '/bench', paths: ['/', '/bench'], open: () => import('./bench/Bench.svelte') },
  { name: 'Job', home: '/job', paths: ['/job', '/job/:id'], open: () => import('./job/Job.svelte') },
  {
    name: 'Layout',
    home: '/layout',
    paths: ['/layout', '/layout/:id'],
    open: () => import('./layout/Layout.svelte'),
  },
  {
    name: 'Stack',
    home: '/stack',
    paths: ['/stack', '/stack/:id'],
    open: () => import('./stack/Stack.svelte'),
  },
  { name: 'Run', home: '/run', paths: ['/run', '/run/:id'], open: () => import('./run/Run.svelte') },
  {
    name: 'Pulls',
    home: '/pulls',
    paths: ['/pulls', '/pulls/:id'],
    open: () => import('./pulls/Pulls.svelte'),
  },
  {
    name: 'Card',
    home: '/card',
    paths: ['/card', '/card/:id'],
    open: () => import('./card/Card.svelte'),
  },
  { name: 'Kit', home: '/kit', paths: ['/kit', '/kit/:shelf'], open: () => import('./kit/Kit.svelte') },
  { name: 'Drills', home: '/drills', paths: ['/drills'], open: () => import('./drills/Drills.svelte') },
];

/** The place an address belongs to. */
export function placeAt(location: string): Place | undefined {
  return places.find(({ home, paths }) => paths.includes(location) || location.startsWith(`${home}/`));
}

/** What the router shows where; anything else is nowhere. */
export const routes = {
  '/pulls/read': wrap({ asyncComponent: () => import('./pulls/ReadPull.svelte') }),
  '/kit/begin': wrap({ asyncComponent: () => import('./kit/Begin.svelte') }),
  ...Object.fromEntries(
    places.flatMap((place) => {
      const component = wrap({ asyncComponent: place.open });
      return place.paths.map((path) => [path, component]);
    }),
  ),
  '*': wrap({ asyncComponent: () => import('../parts/Nowhere.svelte') }),
};
