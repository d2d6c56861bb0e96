import { QueryClient } from '@tanstack/react-query';

/**
 * Query defaults for a store in the browser: nothing waits for a network, nothing is read again by itself, and
 * an entry is written once. Mutations have no scope, since one that waits for another's disk write would not
 * show: the journal folds each tap at once, and records of one tab need no order on disk.
 */
export const newQueryClient = (): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: {
        networkMode: 'always',
        staleTime: Infinity,
        retry: false,
        refetchOnWindowFocus: false,
        refetchOnReconnect: false,
        structuralSharing: false,
        gcTime: 60_000,
      },
      mutations: { networkMode: 'always', retry: false },
    },
  });
