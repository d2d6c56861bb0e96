import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';

/** Gives its children the width there is. It is measured before the first picture, so that nothing blinks. */
export function WithWidth({ children }: { readonly children: (width: number) => ReactNode }) {
  const place = useRef<View>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    setWidth((place.current as unknown as HTMLElement).offsetWidth);
  }, []);
  return (
    <View ref={place} onLayout={(event) => setWidth(Math.floor(event.nativeEvent.layout.width))}>
      {width > 0 ? children(width) : null}
    </View>
  );
}
