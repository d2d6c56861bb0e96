import { createContext } from 'react';

/** What scrolls the page that something stands on. */
export const Scrolling = createContext<() => HTMLElement | null>(() => null);
