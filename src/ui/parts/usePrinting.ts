import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Tells of the page being put on paper: the browser waits for what is drawn before the call returns. */
export function onPrinting(tell: (printing: boolean) => void): () => void {
  const stop = new AbortController();
  const listen = (event: string, printing: boolean): void =>
    window.addEventListener(event, () => flushSync(() => tell(printing)), { signal: stop.signal });
  listen('beforeprint', true);
  listen('afterprint', false);
  return () => stop.abort();
}

/** Is the page being put on paper? */
export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => onPrinting(setPrinting), []);
  return printing;
}
