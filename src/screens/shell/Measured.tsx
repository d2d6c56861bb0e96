import { useState, type ReactNode } from 'react';
import { View } from 'react-native';

/** Gives its children the width there is; draws nothing until that is known. */
export function Measured({ children }: { readonly children: (width: number) => ReactNode }) {
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={(event) => setWidth(Math.floor(event.nativeEvent.layout.width))}>
      {width > 0 ? children(width) : null}
    </View>
  );
}
