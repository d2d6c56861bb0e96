import { lazy, Suspense } from 'react';
import type { SheetGridProps } from './SheetGrid';

const LoadedGrid = lazy(async () => ({ default: (await import('./SheetGrid')).SheetGrid }));

/** The grid for wide screens is a chunk of its own: no phone needs it. */
export const LazySheetGrid = (props: SheetGridProps) => (
  <Suspense fallback={null}>
    <LoadedGrid {...props} />
  </Suspense>
);
