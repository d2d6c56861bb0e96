import { useEffect, useMemo, useRef, type CSSProperties } from 'react';
import { DataSheetGrid, keyColumn, textColumn, type Column } from 'react-datasheet-grid';
import type { CellComponent, Operation } from 'react-datasheet-grid/dist/types';
import type { CellFault } from '@/core/records/planDraft';
import type { Sheet } from '@/core/records/sheet/sheet';
import { Text } from '@/ui/parts/Text';
import { FACE, TOUCH, usePalette } from '@/ui/theme';
import { useKeys } from '../shell/useKeys';
import { USE_NAMES } from '../words/sheet';

export interface SheetGridProps {
  readonly sheet: Sheet;
  readonly faults: readonly CellFault[];
  readonly onChange: (sheet: Sheet) => void;
  readonly onUndo?: () => void;
}

/** A line as the grid holds it: a cell a column, by its index. */
type Line = Record<string, string | null>;

/** The grid's own cell for text; what it is called is ours. */
const TextCell = keyColumn<Line, string>('0', textColumn).component!;
type TextCellProps = Parameters<typeof TextCell>[0];

interface NamedColumn {
  readonly name: string;
  /** Number of the line that the grid's first row is. */
  readonly from: number;
  readonly own: TextCellProps['columnData'];
}

const UNSEEN = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  clipPath: 'inset(50%)',
} as const;

/** A cell with its column and line as its name, for who does not see where it stands. */
const NamedCell: CellComponent<Line, NamedColumn> = ({ columnData, ...rest }) => (
  <label style={{ display: 'contents' }}>
    <span style={UNSEEN}>{`${columnData.name}, line ${columnData.from + rest.rowIndex}`}</span>
    <TextCell {...rest} columnData={columnData.own} />
  </label>
);

const HEIGHT = 560;
const WIDEST = 40;

/** The lines below the names as a grid, for a wide screen: typed over, pasted in blocks, undone. */
export function SheetGrid({ sheet, faults, onChange, onUndo }: SheetGridProps) {
  const palette = usePalette();
  const { rows, header, uses, left } = sheet;
  const first = header + 1;
  const lines = useMemo(
    () => rows.slice(first).map((row): Line => Object.fromEntries(uses.map((_, i) => [i, row[i] ?? '']))),
    [rows, first, uses],
  );
  const columns = useMemo(
    () =>
      uses.map((use, i): Partial<Column<Line, NamedColumn, string>> => {
        const longest = Math.max(...rows.slice(0, 200).map((row) => row[i]?.length ?? 0), 6);
        const name = rows[header]?.[i]?.trim() || USE_NAMES[use];
        const own = keyColumn<Line, string>(String(i), textColumn);
        return {
          ...own,
          component: NamedCell,
          columnData: { name, from: header + 2, own: own.columnData! },
          id: String(i),
          title: name,
          minWidth: 8 * Math.min(WIDEST, longest) + 24,
        };
      }),
    [rows, header, uses],
  );
  const wrong = new Set(faults.map(({ line, column }) => `${line} ${uses.indexOf(column)}`));
  const out = new Set(left);
  useKeys(onUndo ? { '$mod+z': onUndo } : {});
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // What scrolls can be scrolled by the keyboard too.
    const grid = box.current?.querySelector<HTMLElement>('.dsg-container');
    if (grid) grid.tabIndex = 0;
  });
  const style = {
    '--dsg-border-color': palette.line,
    '--dsg-cell-background-color': palette.paper,
    '--dsg-header-text-color': palette.soft,
    '--dsg-header-active-text-color': palette.ink,
    '--dsg-selection-border-color': palette.leaf,
    '--dsg-selection-background-color': 'transparent',
    fontFamily: FACE.text,
    fontSize: 15,
    color: palette.ink,
  } as CSSProperties;
  return (
    <div ref={box} style={style}>
      <link rel="stylesheet" href="/packages/grid.css" precedence="grid" />
      <style>{`.dsg-container{background:${palette.paper};color:${palette.ink}}.dsg-input{color:${palette.ink};font:inherit}.sheet-wrong{box-shadow:inset 0 0 0 2px ${palette.rust}}.sheet-out{opacity:.45;text-decoration:line-through}`}</style>
      <DataSheetGrid<Line>
        value={lines}
        columns={columns}
        height={HEIGHT}
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
    </div>
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
