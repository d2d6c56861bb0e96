import { useMemo } from 'react';
import { DataSheetGrid } from 'react-datasheet-grid';
import { Text } from '@/ui/parts/Text';
import { TOUCH } from '@/ui/theme';
import { useKeys } from '../shell/useKeys';
import { GRID_HEIGHT, GridFrame, textOf, type Line } from './gridLook';

type GridRow = Readonly<Record<string, string>>;

/** All it shows is given to it: what it shared with other screens would be in the scripts of every page. */
export interface PlanGridProps {
  readonly columns: readonly { readonly id: string; readonly title: string; readonly isTyped: boolean }[];
  readonly rows: readonly GridRow[];
  readonly lookOf: (row: number, column: string) => 'wrong' | 'new' | undefined;
  /** Whole rows, by their index, as they read after something was typed or pasted. */
  readonly onTyped: (rows: readonly (readonly [index: number, row: GridRow])[]) => void;
  readonly onUndo?: () => void;
}

/** The plan that stands as a grid, for a wide screen: typed over and pasted in blocks. Lines come and go elsewhere. */
export function PlanGrid({ columns, rows, lookOf, onTyped, onUndo }: PlanGridProps) {
  const value = useMemo(() => rows.map((row): Line => ({ ...row })), [rows]);
  const shown = useMemo(
    () =>
      columns.map(({ id, title, isTyped }) => ({
        ...textOf(id, { name: title, from: 1, texts: [title, ...rows.map((row) => row[id] ?? '')] }),
        disabled: !isTyped,
      })),
    [columns, rows],
  );
  useKeys(onUndo ? { '$mod+z': onUndo } : {});
  return (
    <GridFrame>
      <DataSheetGrid<Line>
        value={value}
        columns={shown}
        height={GRID_HEIGHT}
        rowHeight={TOUCH.least}
        gutterColumn={{ component: ({ rowIndex }) => <>{rowIndex + 1}</> }}
        lockRows
        disableContextMenu
        cellClassName={({ rowIndex, columnId }) => {
          const look = lookOf(rowIndex, columnId ?? '');
          return look && `sheet-${look}`;
        }}
        onChange={(next, operations) =>
          onTyped(
            operations.flatMap(({ fromRowIndex, toRowIndex }) =>
              next.slice(fromRowIndex, toRowIndex).map((row, i) => [fromRowIndex + i, textsOf(row)] as const),
            ),
          )
        }
      />
      <Text variant="small" tone="soft">
        Type over a cell, or paste a block from a spreadsheet. What is of a variety or a bed changes in each
        of its lines. Ctrl Z takes the last change back.
      </Text>
    </GridFrame>
  );
}

const textsOf = (row: Line): GridRow =>
  Object.fromEntries(Object.entries(row).map(([column, text]) => [column, text ?? '']));
