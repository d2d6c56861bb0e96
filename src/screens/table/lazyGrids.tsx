import { lazy, Suspense } from 'react';
import type { PlanGridProps } from './PlanGrid';
import type { SheetGridProps } from './SheetGrid';

/** Grids for wide screens are a chunk of their own: no phone needs them. */
const loadGrids = () => import('./grids');
const LoadedSheetGrid = lazy(async () => ({ default: (await loadGrids()).SheetGrid }));
const LoadedPlanGrid = lazy(async () => ({ default: (await loadGrids()).PlanGrid }));

export const LazySheetGrid = (props: SheetGridProps) => (
  <Suspense fallback={null}>
    <LoadedSheetGrid {...props} />
  </Suspense>
);

export const LazyPlanGrid = (props: PlanGridProps) => (
  <Suspense fallback={null}>
    <LoadedPlanGrid {...props} />
  </Suspense>
);
