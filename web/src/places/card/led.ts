/** How far the hands have been led, kept while the page is closed. */
export interface Led {
  at: number;
  card: number;
  /** When the weight on the card before may come off. */
  until?: number;
}

const key = (jobId: string) => `glanzen-led-${jobId}`;

/** Where the hands stopped; nothing where they did not begin, or where nothing can be kept. */
export function ledSoFar(jobId: string): Led | undefined {
  try {
    const led = JSON.parse(localStorage.getItem(key(jobId)) ?? 'null') as Led | null;
    return led && Number.isInteger(led.at) && Number.isInteger(led.card) ? led : undefined;
  } catch {
    return undefined;
  }
}

export function keepLed(jobId: string, led: Led | undefined) {
  try {
    if (led) localStorage.setItem(key(jobId), JSON.stringify(led));
    else localStorage.removeItem(key(jobId));
  } catch {
    // A browser that keeps nothing leads all the same.
  }
}
