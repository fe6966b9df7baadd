import { api, asked } from '../api/client';
import type { Shelf } from '../state/kit.svelte';

type Version = { params: { path: { id: string }; query: { version: number } } };

/** What was kept, as far as every shelf has it. */
interface Kept {
  item: { id: string };
}

/** The same calls on each shelf; a body's shape is checked by the server, which names what it will not take. */
export function put(shelf: Shelf, item: Record<string, unknown>, id?: string, version = 0): Promise<Kept> {
  const body = item as never;
  const at: Version = { params: { path: { id: id ?? '' }, query: { version } } };
  if (id === undefined)
    return asked<Kept>(api.POST(`/api/kit/${shelf}`, { body: { id: '', ...item } as never }));
  return asked<Kept>(api.PUT(`/api/kit/${shelf}/{id}`, { ...at, body }));
}

export function retire(shelf: Shelf, id: string, version: number, retired: boolean): Promise<unknown> {
  return asked(
    api.PUT(`/api/kit/${shelf}/{id}/retired`, { params: { path: { id }, query: { version, retired } } }),
  );
}
