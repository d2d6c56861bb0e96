import { useEffect, useRef, type CSSProperties, type ReactNode } from 'react';
import { createTextColumn, keyColumn, type Column } from 'react-datasheet-grid';
import type { CellComponent } from 'react-datasheet-grid/dist/types';
import { FACE, usePalette } from '@/ui/theme';

/** A line as a grid holds it: a cell a column. */
export type Line = Record<string, string | null>;

/** A change is a cell that was left, not each letter of it: undo takes back whole cells. */
const WHOLE_CELLS = createTextColumn<string | null>({ continuousUpdates: false });

/** The grid's own cell for text; what it is called is ours. */
const TextCell = keyColumn<Line, string>('0', WHOLE_CELLS).component!;
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

export const GRID_HEIGHT = 560;
const WIDEST = 40;

/** A column of text as wide as what stands in it. */
export function textOf(
  id: string,
  { name, from, texts }: { readonly name: string; readonly from: number; readonly texts: readonly string[] },
): Partial<Column<Line, NamedColumn, string>> {
  const longest = Math.max(...texts.map((text) => text.length), 6);
  const own = keyColumn<Line, string>(id, WHOLE_CELLS);
  return {
    ...own,
    component: NamedCell,
    columnData: { name, from, own: own.columnData! },
    id,
    title: name,
    minWidth: 8 * Math.min(WIDEST, longest) + 24,
  };
}

/** What a grid looks like here; what scrolls in it can be scrolled by the keyboard too. */
export function GridFrame({ children }: { readonly children: ReactNode }) {
  const palette = usePalette();
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const grid = box.current?.querySelector<HTMLElement>('.dsg-container');
    if (grid) grid.tabIndex = 0;
  });
  const style = {
    '--dsg-border-color': palette.line,
    '--dsg-cell-background-color': palette.paper,
    '--dsg-cell-disabled-background-color': palette.paper,
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
      <style>{`.dsg-container{background:${palette.paper};color:${palette.ink}}.dsg-input{color:${palette.ink};font:inherit}.dsg-cell-disabled{opacity:1}.dsg-cell-disabled .dsg-input{color:${palette.soft}}.sheet-wrong{box-shadow:inset 0 0 0 2px ${palette.rust}}.sheet-new{box-shadow:inset 3px 0 0 ${palette.leaf}}.sheet-out{opacity:.45;text-decoration:line-through}`}</style>
      {children}
    </div>
  );
}
