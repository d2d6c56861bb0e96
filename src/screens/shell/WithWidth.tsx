import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { PAGE_WIDTH, SPACE } from '@/ui/theme';
import { isLow, isWide } from './useWide';

export interface WithWidthProps {
  /**
   * Does it span the page's column? On a phone its width is then known without measuring, which would make the
   * browser lay out the page once more before its first picture.
   */
  readonly ofColumn?: boolean;
  readonly children: (width: number) => ReactNode;
}

/** Gives its children the width there is. It is known before the first picture, so that nothing blinks. */
export function WithWidth({ ofColumn = false, children }: WithWidthProps) {
  const place = useRef<View>(null);
  const [width, setWidth] = useState(() => (ofColumn ? columnWidth() : 0));
  const known = width > 0;
  useLayoutEffect(() => {
    if (!known) setWidth((place.current as unknown as HTMLElement).offsetWidth);
  }, [known]);
  return (
    <View ref={place} onLayout={(event) => setWidth(Math.floor(event.nativeEvent.layout.width))}>
      {known ? children(width) : null}
    </View>
  );
}

/** Of the one column there is on a phone; 0, not known, where there may be two. */
const columnWidth = (): number =>
  isWide() || isLow() ? 0 : Math.min(document.documentElement.clientWidth, PAGE_WIDTH) - 2 * SPACE.l;
