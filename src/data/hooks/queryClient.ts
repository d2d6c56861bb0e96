import { MutationCache, QueryClient } from '@tanstack/react-query';
import { errorText } from '../device/errorText';
import type { Trouble } from '../trouble';

/**
 * Query defaults for a store in the browser: nothing waits for a network, nothing is read again by itself, and
 * an entry is written once. Mutations have no scope, since one that waits for another's disk write would not
 * show: the journal folds each tap at once, and records of one tab need no order on disk. A mutation that fails is told
 * to the grower, whichever screen began it.
 */
export const newQueryClient = (trouble: Trouble): QueryClient =>
  new QueryClient({
    mutationCache: new MutationCache({
      onError: (error, _variables, _context, { meta }) =>
        trouble.note({
          what: meta?.['what'] === 'record' ? 'notRecorded' : 'failed',
          detail: errorText(error),
        }),
    }),
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
