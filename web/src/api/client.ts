import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Draft = Schemas['Draft'];
export type PlatformHeat = Schemas['PlatformHeat'];
export type DraftLayer = Schemas['DraftLayer'];
export type SetUpReport = Schemas['SetUpReport'];
export type Expected = Schemas['Expected'];
export type Proposal = Schemas['ProposalView'];
export type Advice = Schemas['AdviceView'];
export type SavedSetUp = Schemas['SavedSetUp'];
export type KitView = Schemas['KitView'];
export type RouteView = Schemas['RouteView'];
export type HeatedRollers = Schemas['HeatedRollers'];
export type Preferences = Schemas['Preferences'];
export type RunView = Schemas['RunView'];
export type PullView = Schemas['PullView'];
export type LayoutDraft = Schemas['LayoutDraft'];
export type LayoutView = Schemas['LayoutView'];
export type LayoutStep = Schemas['LayoutStep'];
export type PlateView = Schemas['PlateView'];
export type Measure = Schemas['Measure'];
export type CardPlan = Schemas['CardPlan'];
export type CardView = Schemas['CardView'];
export type Mounted = Schemas['Mounted'];
export type Job = Schemas['Job'];
export type JobPiece = Schemas['JobPiece'];
export type Operation = Schemas['Operation'];
export type SavedJob = Schemas['SavedJob'];
export type Leftover = Schemas['Leftover'];
export type Board = Schemas['Board'];
export type Plate = Schemas['Plate'];
export type Stock = Schemas['Stock'];
export type Film = Schemas['Film'];
export type Press = Schemas['Press'];
export type Platform = Schemas['Platform'];

/** What went wrong, as the server says it; or that the server could not be reached. */
export class Trouble extends Error {
  readonly status: number;
  readonly fields: Schemas['Problem'][];

  constructor(status: number, detail: string, fields: Schemas['Problem'][] = []) {
    super(detail);
    this.status = status;
    this.fields = fields;
  }
}

export function token(): string {
  return /XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '';
}

const guard: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token());
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: '' });
api.use(guard);

/** The data of an answer, or a Trouble. */
export async function asked<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await call.catch((cause: unknown) => {
    if (cause instanceof DOMException && cause.name === 'AbortError') throw cause;
    throw new Trouble(0, 'Glanzen does not answer. Is it still running?');
  });
  if (error !== undefined || !response.ok) throw trouble(response.status, error);
  return data as T;
}

let said = (text: string) => text;

/** How quantities in what the server says are put: in the person's units. */
export function sayAs(how: (text: string) => string) {
  said = how;
}

export function trouble(status: number, body: unknown): Trouble {
  const problem = body as { detail?: string; errors?: Schemas['Problem'][] } | undefined;
  const fields = (problem?.errors ?? []).map((f) => ({
    ...f,
    message: said(f.message),
    accepted: said(f.accepted),
  }));
  return new Trouble(status, said(problem?.detail ?? 'Something went wrong.'), fields);
}

/** What a field is called by people: the last of its path, without how it is counted or kept. */
function called(path: string): string {
  const words = (path.split('.').at(-1) ?? path)
    .replace(/\[\d+\]/g, '')
    .replace(/(Ids?|Mm|Seconds)$/, '')
    .replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** What was refused, where, and what would be accepted; or what went wrong. */
export function refusal(cause: unknown, where?: string): string {
  const field = cause instanceof Trouble ? cause.fields[0] : undefined;
  if (!field) return (cause as Error).message;
  return `${where ?? called(field.field)} ${field.message}. Accepted: ${field.accepted}.`.trim();
}
