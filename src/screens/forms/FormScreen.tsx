import { lazy, Suspense } from 'react';
import { Words } from '@/ui/parts/Words';
import { Page } from '../shell/Page';

const SCREENS = {
  bed: lazy(async () => ({ default: (await import('./forms')).bed })),
  plants: lazy(async () => ({ default: (await import('./forms')).plants })),
  start: lazy(async () => ({ default: (await import('./forms')).start })),
  variety: lazy(async () => ({ default: (await import('./forms')).variety })),
  weather: lazy(async () => ({ default: (await import('./forms')).weather })),
};

/** A screen with a form. */
export function FormScreen({ form }: { readonly form: keyof typeof SCREENS }) {
  const Screen = SCREENS[form];
  return (
    <Suspense
      fallback={
        <Page title="One moment">
          <Words tone="soft">Fetching the form…</Words>
        </Page>
      }
    >
      <Screen />
    </Suspense>
  );
}
