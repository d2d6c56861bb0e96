import { memo, startTransition, useEffect, useMemo, useState, type ReactNode } from 'react';

export interface GraduallyProps<T> {
  readonly items: readonly T[];
  /** So many are there at once. */
  readonly first?: number;
  /** How one is drawn, with a key. */
  readonly children: (item: T) => ReactNode;
}

const FIRST = 12;
/** Drawn at a time: on a slow phone no longer than it takes to notice. */
const SLICE = 8;
/** Between two slices, so that a tap comes first, ms. */
const REST_MS = 30;

/** A slice as it is drawn. */
interface Slice<T> {
  readonly items: readonly T[];
  readonly children: (item: T) => ReactNode;
}

/**
 * A list of any length: what is seen first at once, the rest slice by slice, so that the page answers meanwhile. Where it
 * changes, what is far down follows in the same way.
 */
export function Gradually<T>({ items, first = FIRST, children }: GraduallyProps<T>) {
  const [rest, setRest] = useState<readonly Slice<T>[]>([]);
  const slices = useMemo(() => slicesOf(items.slice(first)), [items, first]);
  useEffect(() => {
    if (slices.length === 0) return;
    let at = 0;
    let timer = setTimeout(next, 0);
    function next(): void {
      const i = at;
      const slice = slices[i];
      if (!slice) return;
      at += 1;
      startTransition(() => setRest((before) => before.toSpliced(i, 1, { items: slice, children })));
      timer = setTimeout(next, REST_MS);
    }
    return () => clearTimeout(timer);
  }, [slices, children]);
  return (
    <>
      {items.slice(0, first).map(children)}
      {rest.slice(0, slices.length).map((slice, i) => (
        <OneSlice key={i} slice={slice as Slice<unknown>} />
      ))}
    </>
  );
}

function slicesOf<T>(items: readonly T[]): readonly (readonly T[])[] {
  return Array.from({ length: Math.ceil(items.length / SLICE) }, (_, i) =>
    items.slice(i * SLICE, (i + 1) * SLICE),
  );
}

const OneSlice = memo(function OneSlice({ slice: { items, children } }: { readonly slice: Slice<unknown> }) {
  return items.map(children);
});
