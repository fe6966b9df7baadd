import { api, asked, type Draft, type RouteView } from '../api/client';

const needsRollers = (r: RouteView) => !r.machines.includes('CRANK_PRESS');
const films = (r: RouteView) => r.mechanism === 'TRANSFER' && !r.heated;

/** Routes as they are thought of at the bench: by what they need. */
export const ROUTE_GROUPS: { name: string; short: string; belongs: (r: RouteView) => boolean }[] = [
  { name: 'on a heated platform', short: 'platform', belongs: (r) => r.heated },
  { name: 'through heated rollers', short: 'hot rollers', belongs: (r) => films(r) && needsRollers(r) },
  { name: 'gel, cold in a press', short: 'cold gel', belongs: (r) => films(r) && !needsRollers(r) },
  { name: 'cut', short: 'cut', belongs: (r) => r.mechanism === 'CUT' },
  {
    name: 'emboss',
    short: 'emboss',
    belongs: (r) => r.mechanism === 'EMBOSS' || r.mechanism === 'CUT_AND_EMBOSS',
  },
];

/** The routes there are, as the server knows them; loaded once. */
class Routes {
  all = $state<RouteView[]>([]);

  async load() {
    this.all = await asked(api.GET('/api/routes'));
  }

  of(route: Draft['route'] | undefined): RouteView | undefined {
    return this.all.find((r) => r.route === route);
  }
}

export const routes = new Routes();
