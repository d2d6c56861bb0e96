import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { Fact } from '@/core/journal/entry';
import { cropOf } from '@/core/crops/catalogue';
import {
  cellKey,
  cellText,
  EDITED_COLUMNS,
  planChanges,
  standingEdits,
  typeOver,
  type EditedColumn,
  type PlanEdits,
  type TypedCell,
} from '@/core/records/planEdits';
import { planLines, type PlanLine } from '@/core/records/planLines';
import { dayAt } from '@/core/time/calendar';
import { newId } from '@/data/clock';
import { useDraft } from '@/data/hooks/useDraft';
import { useStore, useZone } from '@/data/hooks/useGarden';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { useSince } from '../forms/useSince';
import { EDIT_TITLES, sayEditFault, sayUnlike } from '../words/planEdits';
import { LazyPlanGrid } from './lazyGrids';

/** The parts of a page on which the plan that stands is typed over. */
export interface PlanEditing {
  readonly grid: ReactNode;
  readonly told: ReactNode;
  /** To save, once something was typed. */
  readonly foot: ReactNode;
}

const NOTHING: PlanEdits = {};

type GridColumn = keyof typeof EDIT_TITLES;

const isEdited = (column: string): column is EditedColumn =>
  (EDITED_COLUMNS as readonly string[]).includes(column);

const COLUMNS = (Object.entries(EDIT_TITLES) as [GridColumn, string][]).map(([id, title]) => ({
  id,
  title,
  isTyped: isEdited(id),
}));

const textIn = (line: PlanLine, column: GridColumn, edits: PlanEdits): string =>
  isEdited(column)
    ? cellText(line, column, edits)
    : column === 'kind'
      ? cropOf(line.variety.crop).species
      : line.cells[column];

/** Changes that can be undone. */
const MAX_UNDONE = 50;
/** Faults that are told at once. */
const MAX_TOLD = 8;

/** Types over the plan that stands; what was typed outlives a reload. Nothing where no plant stands. */
export function usePlanEditing(): PlanEditing | undefined {
  const f = useFormat();
  const record = useRecord();
  const since = useSince();
  const { journal, clock } = useStore();
  const today = dayAt(clock.now(), useZone());
  const lines = useView('plan-lines', [], ({ store }) => planLines(store.journal));
  const [held, setHeld, drop] = useDraft('plan-edits', NOTHING);
  const [before, setBefore] = useState<readonly PlanEdits[]>([]);
  const [unlike, setUnlike] = useState<readonly TypedCell[]>([]);
  const edits = useMemo(() => standingEdits(lines ?? [], held ?? NOTHING), [lines, held]);
  const rows = useMemo(
    () =>
      (lines ?? []).map((line) => Object.fromEntries(COLUMNS.map(({ id }) => [id, textIn(line, id, edits)]))),
    [lines, edits],
  );
  const changes = useMemo(
    () => planChanges(journal, lines ?? [], edits, { order: undefined, today, newId }),
    [journal, lines, edits, today],
  );
  if (!lines || lines.length === 0 || !held) return undefined;
  const { described, facts, faults } = changes;
  const many = Object.keys(edits).length;
  const wrong = new Set(faults.map(({ line, column }) => cellKey(lines[line]!, column)));
  const lookOf = (row: number, column: string): 'wrong' | 'new' | undefined => {
    const line = lines[row];
    if (!line || !isEdited(column)) return undefined;
    const key = cellKey(line, column);
    return wrong.has(key) ? 'wrong' : edits[key] === undefined ? undefined : 'new';
  };
  const change = (next: PlanEdits): void => {
    setBefore([...before, edits].slice(-MAX_UNDONE));
    setHeld(next);
  };
  const undo = (): void => {
    setUnlike([]);
    setHeld(before.at(-1)!);
    setBefore(before.slice(0, -1));
  };
  const save = (): void => {
    const again = described.map((each) =>
      each.kind === 'bed.laid'
        ? since.say(each.kind, each.body, each.id, each.matters)
        : since.say(each.kind, each.body, each.id, each.matters),
    );
    const told = again.filter((fact): fact is Fact => fact !== undefined);
    if (told.length < again.length) return;
    setBefore([]);
    setUnlike([]);
    record([...told, ...facts], whenSaved(drop));
  };
  return {
    grid: (
      <LazyPlanGrid
        columns={COLUMNS}
        rows={rows}
        lookOf={lookOf}
        onTyped={(typedRows) => {
          const cells = typedRows.flatMap(([line, row]) =>
            EDITED_COLUMNS.map((column) => ({ line, column, text: row[column] ?? '' })),
          );
          const typed = typeOver(lines, edits, cells);
          setUnlike(typed.unlike);
          change(typed.edits);
        }}
        {...(before.length > 0 && { onUndo: undo })}
      />
    ),
    told: (
      <View style={{ gap: SPACE.s }}>
        <Text variant="heading" level={2}>
          The plan as it stands
        </Text>
        <Text>
          {many === 0
            ? `${f.count(lines.length, 'line', 'lines')}: type over what has changed.`
            : `${f.count(many, 'cell', 'cells')} typed over, not saved yet.`}
        </Text>
        {faults.slice(0, MAX_TOLD).map((fault) => (
          <Text key={`${fault.line} ${fault.column}`} tone="rust" live>
            {sayEditFault(fault, f)}
          </Text>
        ))}
        {faults.length > MAX_TOLD ? (
          <Text tone="rust">{`And ${f.number(faults.length - MAX_TOLD)} more, in red.`}</Text>
        ) : null}
        {unlike.length > 0 ? (
          <Text tone="rust" live>
            {sayUnlike(unlike[0]!.line, unlike[0]!.column, f)}
          </Text>
        ) : null}
        {since.question}
        {many > 0 || before.length > 0 ? (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            {before.length > 0 ? <Button title="Undo" label="Undo the last change" onPress={undo} /> : null}
            {many > 0 ? <Button title="Leave the plan as it is" onPress={() => change(NOTHING)} /> : null}
          </View>
        ) : null}
      </View>
    ),
    foot:
      many > 0 && faults.length === 0 ? (
        <Button
          variant="main"
          size="big"
          title={`Save ${f.count(many, 'change', 'changes')}`}
          onPress={save}
        />
      ) : undefined,
  };
}
