import { useMemo } from 'react';
import { DataSheetGrid } from 'react-datasheet-grid';
import type { Operation } from 'react-datasheet-grid/dist/types';
import type { CellFault } from '@/core/records/planDraft';
import type { Sheet } from '@/core/records/sheet/sheet';
import { Text } from '@/ui/parts/Text';
import { TOUCH } from '@/ui/theme';
import { useKeys } from '../shell/useKeys';
import { USE_NAMES } from '../words/sheet';
import { GRID_HEIGHT, GridFrame, textOf, type Line } from './gridLook';

export interface SheetGridProps {
  readonly sheet: Sheet;
  readonly faults: readonly CellFault[];
  readonly onChange: (sheet: Sheet) => void;
  readonly onUndo?: () => void;
}

/** Of a long list so many lines tell how wide its columns are. */
const MEASURED = 200;

/** The lines below the names as a grid, for a wide screen: typed over, pasted in blocks, undone. */
export function SheetGrid({ sheet, faults, onChange, onUndo }: SheetGridProps) {
  const { rows, header, uses, left } = sheet;
  const first = header + 1;
  const lines = useMemo(
    () => rows.slice(first).map((row): Line => Object.fromEntries(uses.map((_, i) => [i, row[i] ?? '']))),
    [rows, first, uses],
  );
  const columns = useMemo(
    () =>
      uses.map((use, i) =>
        textOf(String(i), {
          name: rows[header]?.[i]?.trim() || USE_NAMES[use],
          from: header + 2,
          texts: rows.slice(0, MEASURED).map((row) => row[i] ?? ''),
        }),
      ),
    [rows, header, uses],
  );
  const wrong = new Set(faults.map(({ line, column }) => `${line} ${uses.indexOf(column)}`));
  const out = new Set(left);
  useKeys(onUndo ? { '$mod+z': onUndo } : {});
  return (
    <GridFrame>
      <DataSheetGrid<Line>
        value={lines}
        columns={columns}
        height={GRID_HEIGHT}
        rowHeight={TOUCH.least}
        gutterColumn={{ component: ({ rowIndex }) => <>{rowIndex + first + 1}</> }}
        addRowsComponent={false}
        createRow={() => Object.fromEntries(uses.map((_, i) => [i, '']))}
        rowClassName={({ rowIndex }) => (out.has(rowIndex + first) ? 'sheet-out' : undefined)}
        cellClassName={({ rowIndex, columnId }) =>
          wrong.has(`${rowIndex + first} ${columnId}`) ? 'sheet-wrong' : undefined
        }
        onChange={(next, operations) =>
          onChange({
            ...sheet,
            rows: [...rows.slice(0, first), ...next.map((line) => uses.map((_, i) => line[i] ?? ''))],
            left: operations.reduce((lines, each) => shifted(lines, each, first), left),
          })
        }
      />
      <Text variant="small" tone="soft">
        Type over a cell, or paste a block from a spreadsheet. Ctrl Z takes the last change back.
      </Text>
    </GridFrame>
  );
}

/** The lines that were left out, after others above them came or went. */
function shifted(
  left: readonly number[],
  { type, fromRowIndex, toRowIndex }: Operation,
  first: number,
): number[] {
  const [from, to] = [fromRowIndex + first, toRowIndex + first];
  const by = to - from;
  if (type === 'CREATE') return left.map((line) => (line >= from ? line + by : line));
  if (type === 'DELETE')
    return left.filter((line) => line < from || line >= to).map((line) => (line >= to ? line - by : line));
  return [...left];
}
