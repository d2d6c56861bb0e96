import { lazy, Suspense } from 'react';
import { Words } from '@/ui/parts/Words';
import type * as Late from '../late';
import { Page } from './Page';

type LateName = keyof typeof Late;

const late = (name: LateName) => lazy(async () => ({ default: (await import('../late'))[name] }));

const SCREENS: Readonly<Record<LateName, ReturnType<typeof late>>> = {
  barrier: late('barrier'),
  bed: late('bed'),
  calendar: late('calendar'),
  crossing: late('crossing'),
  describe: late('describe'),
  garden: late('garden'),
  outside: late('outside'),
  plants: late('plants'),
  start: late('start'),
  surroundings: late('surroundings'),
  table: late('table'),
  variety: late('variety'),
  weather: late('weather'),
};

/** A screen that is fetched when it is first opened. */
export function LateScreen({ screen }: { readonly screen: LateName }) {
  const Screen = SCREENS[screen];
  return (
    <Suspense
      fallback={
        <Page title="One moment">
          <Words tone="soft">Fetching the screen…</Words>
        </Page>
      }
    >
      <Screen />
    </Suspense>
  );
}
