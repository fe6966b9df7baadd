/** What is on a page and not kept yet, written beside it in the browser until it is. */
export interface Backup<T> {
  version: number;
  value: T;
  /** Sent off as the page closed: it may have arrived. */
  sent?: boolean;
}

const key = (kind: string, id: string) => `glanzen.unsaved.${kind}.${id}`;

export function remember<T>(kind: string, id: string, backup: Backup<T>) {
  try {
    localStorage.setItem(key(kind, id), JSON.stringify(backup));
  } catch {
    // A browser that keeps nothing still saves to the server.
  }
}

export function remembered<T>(kind: string, id: string): Backup<T> | undefined {
  try {
    const text = localStorage.getItem(key(kind, id));
    return text ? (JSON.parse(text) as Backup<T>) : undefined;
  } catch {
    return undefined;
  }
}

export function forget(kind: string, id: string) {
  try {
    localStorage.removeItem(key(kind, id));
  } catch {
    // There was nothing then.
  }
}
