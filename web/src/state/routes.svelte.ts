import { api, asked, type Draft, type RouteView } from '../api/client';

/** The routes there are, as the server knows them; loaded once. */
class Routes {
  all = $state<RouteView[]>([]);

  async load() {
    this.all = await asked(api.GET('/api/routes'));
  }

  of(route: Draft['route'] | undefined): RouteView | undefined {
    return this.all.find((r) => r.route === route);
  }

  /** The routes of a group. */
  within(group: RouteView['group']): RouteView[] {
    return this.all.filter((r) => r.group === group);
  }
}

export const routes = new Routes();
