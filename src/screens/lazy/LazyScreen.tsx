import { lazy, Suspense, type ReactNode } from 'react';
import { Text } from '@/ui/parts/Text';
import { Page } from '../shell/Page';
import type { LoadedScreenProps } from './lazyScreens';
import type { WorkScreenProps } from './workScreens';

const LoadedScreen = lazy(async () => ({ default: (await import('./lazyScreens')).LoadedScreen }));

/** Loads the screens of the work at the plants before they are asked for. */
export const loadWork = () => import('./workScreens');
const WorkScreen = lazy(async () => ({ default: (await loadWork()).WorkScreen }));

/** A screen that is loaded when it is first opened. */
export function LazyScreen({ screen }: LoadedScreenProps) {
  return (
    <WhileLoading>
      <LoadedScreen screen={screen} />
    </WhileLoading>
  );
}

/** The same for the work at the plants. */
export function LazyWork({ screen }: WorkScreenProps) {
  return (
    <WhileLoading>
      <WorkScreen screen={screen} />
    </WhileLoading>
  );
}

function WhileLoading({ children }: { readonly children: ReactNode }) {
  return (
    <Suspense
      fallback={
        <Page title="One moment">
          <Text tone="soft">Loading…</Text>
        </Page>
      }
    >
      {children}
    </Suspense>
  );
}
