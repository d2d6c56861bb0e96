import { View } from 'react-native';
import { Gradually } from '../parts/Gradually';
import { Text } from '../parts/Text';

export interface ChartTableProps {
  /** What the chart shows. */
  readonly label: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** The numbers of a chart as a table, for screen readers: it takes no room on the screen. */
export function ChartTable({ label, head, rows }: ChartTableProps) {
  return (
    <View role="table" aria-label={label} style={UNSEEN}>
      <View role="row">
        {head.map((cell) => (
          <View key={cell} role="columnheader">
            <Text>{cell}</Text>
          </View>
        ))}
      </View>
      <Gradually items={rows}>
        {(row) => (
          <View key={row.join('|')} role="row">
            {row.map((cell, i) => (
              <View key={head[i]} role="cell">
                <Text>{cell}</Text>
              </View>
            ))}
          </View>
        )}
      </Gradually>
    </View>
  );
}

const UNSEEN = { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 } as const;
