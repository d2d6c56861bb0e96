import { useState } from 'react';
import { View } from 'react-native';
import type { Sheet as Table } from '@/core/records/sheet/sheet';
import { Button } from '@/ui/parts/Button';
import { Field } from '@/ui/parts/Field';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { USE_NAMES } from '../words/sheet';

/** Lines shown at once. */
const MAX_SHOWN = 25;

export interface LineListProps {
  readonly table: Table;
  readonly onChange: (table: Table) => void;
}

/** The lines of the table one by one, each to be changed or left out. */
export function LineList({ table, onChange }: LineListProps) {
  const f = useFormat();
  const [shown, setShown] = useState(0);
  const [open, setOpen] = useState<number>();
  const { rows, header, left } = table;
  const lines = rows.flatMap((row, i) => (i > header && row.some((cell) => cell.trim()) ? [i] : []));
  const out = new Set(left);
  if (shown === 0)
    return (
      <Button
        title={`Show the lines of the table (${f.number(lines.length)})`}
        onPress={() => setShown(MAX_SHOWN)}
      />
    );
  return (
    <View>
      {lines.slice(0, shown).map((line) => (
        <ListRow
          key={line}
          title={rows[line]!.map((cell) => cell.trim())
            .filter(Boolean)
            .join(' · ')}
          note={`Line ${f.number(line + 1)}${out.has(line) ? ', left out' : ''}`}
          onPress={() => setOpen(line)}
        />
      ))}
      {lines.length > shown ? (
        <Button title="Show more lines" onPress={() => setShown(shown + MAX_SHOWN)} />
      ) : null}
      <Sheet
        title={open === undefined ? '' : `Line ${f.number(open + 1)}`}
        open={open !== undefined}
        onClose={() => setOpen(undefined)}
        closeTitle="Close"
      >
        {open === undefined ? null : (
          <OneLine
            key={open}
            table={table}
            line={open}
            onSave={(cells) => {
              onChange({ ...table, rows: rows.map((row, i) => (i === open ? cells : row)) });
              setOpen(undefined);
            }}
            onLeave={() => {
              onChange({ ...table, left: out.has(open) ? left.filter((i) => i !== open) : [...left, open] });
              setOpen(undefined);
            }}
          />
        )}
      </Sheet>
    </View>
  );
}

interface OneLineProps {
  readonly table: Table;
  readonly line: number;
  readonly onSave: (cells: readonly string[]) => void;
  readonly onLeave: () => void;
}

function OneLine({ table: { rows, header, uses, left }, line, onSave, onLeave }: OneLineProps) {
  const [cells, setCells] = useState<readonly string[]>(() => uses.map((_, i) => rows[line]![i] ?? ''));
  return (
    <View style={{ gap: SPACE.m }}>
      {uses.map((use, i) => (
        <Field
          key={i}
          label={rows[header]?.[i]?.trim() || USE_NAMES[use]}
          value={cells[i]!}
          onChange={(text) => setCells(cells.map((cell, j) => (i === j ? text : cell)))}
          autoCapitalize="none"
        />
      ))}
      <Button variant="main" title="Save" onPress={() => onSave(cells)} />
      <Button
        title={left.includes(line) ? 'Import this line too' : 'Leave this line out'}
        onPress={onLeave}
      />
    </View>
  );
}
