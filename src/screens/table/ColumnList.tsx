import { useState } from 'react';
import { View } from 'react-native';
import { COLUMN_USES, type ColumnUse } from '@/core/records/planColumns';
import type { Sheet as Table } from '@/core/records/sheet/sheet';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { USE_NAMES } from '../words/sheet';

/** Lines shown of each column. */
const SAMPLE = 3;

export interface ColumnListProps {
  readonly table: Table;
  readonly onAssign: (column: number, use: ColumnUse) => void;
}

/** The columns with their first cells and what each is read as, to be changed on a tap. */
export function ColumnList({ table, onAssign }: ColumnListProps) {
  const [open, setOpen] = useState<number>();
  const { rows, header, uses } = table;
  const nameOf = (column: number): string => rows[header]?.[column]?.trim() || `Column ${column + 1}`;
  const sample = (column: number): string =>
    rows
      .slice(header + 1)
      .map((row) => row[column]?.trim() ?? '')
      .filter(Boolean)
      .slice(0, SAMPLE)
      .join(' · ');
  return (
    <View>
      <Text variant="heading" level={2}>
        Columns
      </Text>
      {uses.map((use, column) => (
        <ListRow
          key={`${column} ${nameOf(column)}`}
          title={`${nameOf(column)}: ${USE_NAMES[use].toLowerCase()}`}
          note={sample(column)}
          onPress={() => setOpen(column)}
        />
      ))}
      <Sheet
        title={open === undefined ? '' : nameOf(open)}
        open={open !== undefined}
        onClose={() => setOpen(undefined)}
        closeTitle="Close"
      >
        <Choice<ColumnUse>
          label="This column holds"
          options={COLUMN_USES.map((value) => ({ value, title: USE_NAMES[value] }))}
          value={open === undefined ? undefined : uses[open]}
          onChange={(use) => {
            onAssign(open!, use);
            setOpen(undefined);
          }}
        />
      </Sheet>
    </View>
  );
}
