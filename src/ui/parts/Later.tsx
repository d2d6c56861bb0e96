import { useDeferredValue, type ReactNode } from 'react';

/** What is long and not tapped first: it is drawn in slices after the rest of the page, which answers meanwhile. */
export function Later({ children }: { readonly children: () => ReactNode }) {
  return useDeferredValue(true, false) ? children() : null;
}
