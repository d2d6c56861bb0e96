import { useMemo } from 'react';
import { DataSheetGrid } from 'react-datasheet-grid';
import { cropOf } from '@/core/crops/catalogue';
import {
  cellKey,
  cellText,
  EDITED_COLUMNS,
  type EditedColumn,
  type EditFault,
  type PlanEdits,
  type TypedCell,
} from '@/core/records/planEdits';
import type { PlanLine } from '@/core/records/planLines';
import { Text } from '@/ui/parts/Text';
import { TOUCH } from '@/ui/theme';
import { useKeys } from '../shell/useKeys';
import { EDIT_TITLES } from '../words/planEdits';
import { GRID_HEIGHT, GridFrame, textOf, type Line } from './gridLook';

export interface PlanGridProps {
  readonly lines: readonly PlanLine[];
  readonly edits: PlanEdits;
  readonly faults: readonly EditFault[];
  /** Whole lines, as they read after something was typed or pasted. */
  readonly onTyped: (cells: readonly TypedCell[]) => void;
  readonly onUndo?: () => void;
}

const COLUMNS = [
  'bed',
  'row',
  'variety',
  'kind',
  'plants',
  'purpose',
  'seed',
  'sown',
  'planted_out',
  'days_to_flower',
  'fruit_wanted',
  'note',
] as const;
type GridColumn = (typeof COLUMNS)[number];

const isEdited = (column: GridColumn): column is EditedColumn =>
  (EDITED_COLUMNS as readonly string[]).includes(column);

const textIn = (line: PlanLine, column: GridColumn, edits: PlanEdits): string =>
  isEdited(column)
    ? cellText(line, column, edits)
    : column === 'kind'
      ? cropOf(line.variety.crop).species
      : line.cells[column];

/** The plan that stands as a grid, for a wide screen: typed over and pasted in blocks. Lines come and go elsewhere. */
export function PlanGrid({ lines, edits, faults, onTyped, onUndo }: PlanGridProps) {
  const value = useMemo(
    () =>
      lines.map((line): Line => Object.fromEntries(COLUMNS.map((each) => [each, textIn(line, each, edits)]))),
    [lines, edits],
  );
  const columns = useMemo(
    () =>
      COLUMNS.map((each) => ({
        ...textOf(each, {
          name: EDIT_TITLES[each],
          from: 1,
          texts: [EDIT_TITLES[each], ...lines.map((line) => textIn(line, each, {}))],
        }),
        disabled: !isEdited(each),
      })),
    [lines],
  );
  const wrong = new Set(faults.map(({ line, column }) => cellKey(lines[line]!, column)));
  useKeys(onUndo ? { '$mod+z': onUndo } : {});
  const lookOf = (line: PlanLine | undefined, column: GridColumn): string | undefined => {
    if (!line || !isEdited(column)) return undefined;
    const key = cellKey(line, column);
    return wrong.has(key) ? 'sheet-wrong' : edits[key] === undefined ? undefined : 'sheet-new';
  };
  return (
    <GridFrame>
      <DataSheetGrid<Line>
        value={value}
        columns={columns}
        height={GRID_HEIGHT}
        rowHeight={TOUCH.least}
        gutterColumn={{ component: ({ rowIndex }) => <>{rowIndex + 1}</> }}
        lockRows
        disableContextMenu
        cellClassName={({ rowIndex, columnId }) => lookOf(lines[rowIndex], columnId as GridColumn)}
        onChange={(next, operations) =>
          onTyped(
            operations.flatMap(({ fromRowIndex, toRowIndex }) =>
              next.slice(fromRowIndex, toRowIndex).flatMap((row, i) =>
                EDITED_COLUMNS.map((column) => ({
                  line: fromRowIndex + i,
                  column,
                  text: row[column] ?? '',
                })),
              ),
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
