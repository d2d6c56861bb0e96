import { lazy, Suspense, type ComponentProps, type ReactNode } from 'react';
import { Text } from '@/ui/parts/Text';
import { Page } from '../shell/Page';
import type { LoadedScreenProps } from './lazyScreens';

/** Loads all screens but Today before one is opened. */
export const loadScreens = () => import('./lazyScreens');

const LoadedScreen = lazy(async () => ({ default: (await loadScreens()).LoadedScreen }));

const LoadedUndone = lazy(async () => ({ default: (await loadScreens()).Undone }));
const LoadedEnd = lazy(async () => ({ default: (await loadScreens()).TodayEnd }));
const LoadedSteps = lazy(async () => ({ default: (await loadScreens()).FirstSteps }));
const LoadedBefore = lazy(async () => ({ default: (await loadScreens()).BeforeFlowers }));
const LoadedWeek = lazy(async () => ({ default: (await loadScreens()).WeekAhead }));

/** A part of a page that may come a moment later. */
const OnceLoaded = ({ children }: { readonly children: ReactNode }) => (
  <Suspense fallback={null}>{children}</Suspense>
);

/** What was undone, in words that are loaded when they are first needed. */
export const LazyUndone = () => (
  <OnceLoaded>
    <LoadedUndone />
  </OnceLoaded>
);

/** What stands at the end of Today comes with the other screens. */
export const LazyTodayEnd = (props: ComponentProps<typeof LoadedEnd>) => (
  <OnceLoaded>
    <LoadedEnd {...props} />
  </OnceLoaded>
);

export const LazyFirstSteps = (props: ComponentProps<typeof LoadedSteps>) => (
  <OnceLoaded>
    <LoadedSteps {...props} />
  </OnceLoaded>
);

export const LazyBeforeFlowers = (props: ComponentProps<typeof LoadedBefore>) => (
  <OnceLoaded>
    <LoadedBefore {...props} />
  </OnceLoaded>
);

export const LazyWeekAhead = () => (
  <OnceLoaded>
    <LoadedWeek />
  </OnceLoaded>
);

/** A screen that is loaded when it is first opened. */
export function LazyScreen({ screen }: LoadedScreenProps) {
  return (
    <Suspense
      fallback={
        <Page title="One moment">
          <Text tone="soft">Loading…</Text>
        </Page>
      }
    >
      <LoadedScreen screen={screen} />
    </Suspense>
  );
}
