import type { Component } from 'svelte';
import Bench from './bench/Bench.svelte';
import Job from './job/Job.svelte';
import Layout from './layout/Layout.svelte';
import Kit from './kit/Kit.svelte';
import Pulls from './pulls/Pulls.svelte';
import Run from './run/Run.svelte';
import Stack from './stack/Stack.svelte';

interface Place {
  name: string;
  home: string;
  paths: string[];
  // The router hands each place its own parameters.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  component: Component<any>;
}

/** The places in the order people work; digits 1–9 go to them. A place that is not built yet is not here. */
export const places: Place[] = [
  { name: 'Bench', home: '/bench', paths: ['/', '/bench'], component: Bench },
  { name: 'Job', home: '/job', paths: ['/job', '/job/:id'], component: Job },
  { name: 'Layout', home: '/layout', paths: ['/layout', '/layout/:id'], component: Layout },
  { name: 'Stack', home: '/stack', paths: ['/stack', '/stack/:id'], component: Stack },
  { name: 'Run', home: '/run', paths: ['/run', '/run/:id'], component: Run },
  { name: 'Pulls', home: '/pulls', paths: ['/pulls', '/pulls/:id'], component: Pulls },
  { name: 'Kit', home: '/kit', paths: ['/kit', '/kit/:shelf'], component: Kit },
];
