/** Work in the background waits at most this long for a moment in which nothing else is to be done. */
const LONGEST_WAIT_MS = 1_000;

/** Resolves when the page has nothing better to do. */
export const idle = (): Promise<void> =>
  new Promise((resolve) => {
    if (typeof requestIdleCallback === 'function') {
      requestIdleCallback(() => resolve(), { timeout: LONGEST_WAIT_MS });
    } else setTimeout(resolve, 0);
  });
