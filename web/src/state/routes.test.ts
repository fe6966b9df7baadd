import { describe, expect, it } from 'vitest';
import type { RouteView } from '../api/client';
import { ROUTE_GROUPS } from './routes.svelte';

const route = (more: Partial<RouteView>) =>
  ({ heated: false, machines: ['CRANK_PRESS'], mechanism: 'TRANSFER', ...more }) as RouteView;
const groups = (r: RouteView) => ROUTE_GROUPS.filter((g) => g.belongs(r)).map((g) => g.short);

describe('groups of routes', () => {
  it('put every kind of route into one group only', () => {
    expect(groups(route({ heated: true }))).toEqual(['platform']);
    expect(groups(route({ machines: ['LAMINATOR', 'HEATED_PRESS'] }))).toEqual(['hot rollers']);
    expect(groups(route({ machines: ['CRANK_PRESS', 'MOTOR_PRESS'] }))).toEqual(['cold gel']);
    expect(groups(route({ mechanism: 'CUT' }))).toEqual(['cut']);
    expect(groups(route({ mechanism: 'EMBOSS' }))).toEqual(['emboss']);
    expect(groups(route({ mechanism: 'CUT_AND_EMBOSS' }))).toEqual(['emboss']);
  });
});
