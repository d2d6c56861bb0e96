import { Gradually } from '../parts/Gradually';

export interface ChartTableProps {
  /** What the chart shows. */
  readonly label: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/**
 * The numbers of a chart as a table, for screen readers: it takes no room on the screen. It is a table of the page itself:
 * a browser looks through every `View` when it is asked what lies under a finger, and a season has thousands of cells.
 */
export function ChartTable({ label, head, rows }: ChartTableProps) {
  return (
    <div style={UNSEEN}>
      <table aria-label={label}>
        <thead>
          <tr>
            {head.map((cell) => (
              <th key={cell} scope="col">
                {cell}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <Gradually items={rows}>
            {(row) => (
              <tr key={row.join('|')}>
                {row.map((cell, i) => (
                  <td key={head[i]}>{cell}</td>
                ))}
              </tr>
            )}
          </Gradually>
        </tbody>
      </table>
    </div>
  );
}

const UNSEEN = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  opacity: 0,
  whiteSpace: 'nowrap',
} as const;
