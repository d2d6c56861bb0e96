import { observeElementRect, useVirtualizer } from '@tanstack/react-virtual';
import { useContext, useDeferredValue, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { Scrolling } from './scrolling';
import { usePrinting } from './usePrinting';

export interface LongListProps<T> {
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  /** About how high a row is, px; each is measured when it is drawn. */
  readonly rowHeight: number;
  readonly children: (item: T) => ReactNode;
}

/** Rows that are drawn before and after those one sees, a moment after these. */
const OVERSCAN = 8;
/** Before anything is laid out so much of the page is taken to be seen, px. */
const SCREENFUL = 800;

const stay = (): void => undefined;

/** A list of any length, of which only what is near to what one sees is drawn; all of it where it is printed. */
export function LongList<T>(props: LongListProps<T>) {
  return usePrinting() ? <AllRows {...props} /> : <RowsInView {...props} />;
}

function AllRows<T>({ items, keyOf, children }: LongListProps<T>) {
  return (
    <div role="list">
      {items.map((item) => (
        <div key={keyOf(item)} role="listitem">
          {children(item)}
        </div>
      ))}
    </div>
  );
}

function RowsInView<T>({ items, keyOf, rowHeight, children }: LongListProps<T>) {
  const scroller = useContext(Scrolling);
  const list = useRef<HTMLDivElement>(null);
  const above = useHeightAbove(list, scroller);
  // eslint-disable-next-line react-hooks/incompatible-library -- no compiler memoizes what it returns
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: scroller,
    estimateSize: () => rowHeight,
    getItemKey: (i) => keyOf(items[i]!),
    overscan: useDeferredValue(OVERSCAN, 1),
    // Before it is known where it begins, all of it may be far below what one sees.
    enabled: above !== undefined,
    scrollMargin: above ?? 0,
    // The page stays where it is: what a page's own `scrollTo` is told to begin with would take it to its top.
    initialOffset: () => scroller()?.scrollTop ?? 0,
    scrollToFn: stay,
    // As it is told once it is laid out; until then as it was last, since to ask would lay out the whole page.
    measureElement: (row, entry, { measurementsCache }) =>
      entry?.borderBoxSize[0]?.blockSize ??
      measurementsCache[Number(row.getAttribute('data-index'))]?.size ??
      rowHeight,
    observeElementRect: (of, tell) =>
      observeElementRect(of, ({ width, height }) => tell({ width, height: height || SCREENFUL })),
  });
  // A row that is a little higher or lower than it was taken to be moves nothing under the finger.
  rows.shouldAdjustScrollPositionOnItemSizeChange = () => false;
  return (
    <div
      ref={list}
      role="list"
      style={{
        position: 'relative',
        height: above === undefined ? items.length * rowHeight : rows.getTotalSize(),
        overflowAnchor: 'none',
      }}
    >
      {rows.getVirtualItems().map(({ key, index, start }) => (
        <div
          key={key}
          ref={rows.measureElement}
          data-index={index}
          role="listitem"
          aria-setsize={items.length}
          aria-posinset={index + 1}
          style={{ position: 'absolute', left: 0, right: 0, top: start - (above ?? 0) }}
        >
          {children(items[index]!)}
        </div>
      ))}
    </div>
  );
}

/** How far down its page something begins, px, once it is laid out; what stands above it may grow and shrink. */
function useHeightAbove(
  list: { readonly current: HTMLElement | null },
  scroller: () => HTMLElement | null,
): number | undefined {
  const [above, setAbove] = useState<number>();
  useLayoutEffect(() => {
    let gone = false;
    let watched: ResizeObserver | undefined;
    const begin = (page: HTMLElement | null): void => {
      if (gone || !page) return;
      const measure = (): void => {
        if (!list.current) return;
        const top = list.current.getBoundingClientRect().top - page.getBoundingClientRect().top;
        setAbove(Math.round(top + page.scrollTop));
      };
      // A world without layout has none. Else it is told once the page is laid out: to ask before would do that twice.
      if (typeof ResizeObserver === 'undefined') return measure();
      watched = new ResizeObserver(measure);
      watched.observe(page.firstElementChild ?? page);
    };
    const page = scroller();
    if (page) begin(page);
    // Drawn in one go with its page, it is there before what scrolls it.
    else queueMicrotask(() => begin(scroller()));
    return () => {
      gone = true;
      watched?.disconnect();
    };
  }, [list, scroller]);
  return above;
}
