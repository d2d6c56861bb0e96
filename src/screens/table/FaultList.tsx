import { useState } from 'react';
import { View } from 'react-native';
import type { CellFault } from '@/core/records/planDraft';
import { withCells, type Sheet } from '@/core/records/sheet/sheet';
import { groupBy } from '@/core/text/groupBy';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayFault, type FaultGroup } from '../words/sheet';
import { FixSheet } from './FixSheet';

/** Questions shown at once. */
const MAX_SHOWN = 40;
/** Unknown kinds that are named before they are left out. */
const MAX_QUOTED = 6;

export interface FaultListProps {
  readonly sheet: Sheet;
  readonly faults: readonly CellFault[];
  /** The table has been changed, and these are of before. */
  readonly reading: boolean;
  readonly onChange: (sheet: Sheet) => void;
}

const NO_KEYS: ReadonlySet<string> = new Set();

/** The cells that cannot be read, as questions: what one answer settles is asked once. */
export function FaultList({ sheet, faults, reading, onChange }: FaultListProps) {
  const f = useFormat();
  const [open, setOpen] = useState<FaultGroup>();
  const [answered, setAnswered] = useState(NO_KEYS);
  // Gone at once, before the table is read again: nothing then moves under a finger.
  const groups = faultGroups(faults).filter(({ fault }) => !reading || !answered.has(keyOf(fault)));
  if (groups.length === 0) return null;
  const settle = (settled: readonly FaultGroup[], next: Sheet): void => {
    setAnswered(new Set([...(reading ? answered : []), ...settled.map(({ fault }) => keyOf(fault))]));
    setOpen(undefined);
    onChange(next);
  };
  const leaveOut = (settled: readonly FaultGroup[]): void =>
    settle(settled, {
      ...sheet,
      left: [...new Set([...sheet.left, ...settled.flatMap(({ lines }) => lines)])],
    });
  return (
    <View>
      <Text variant="strong" tone="rust" live>
        {`${f.count(groups.length, 'question', 'questions')} left. Nothing has been imported yet.`}
      </Text>
      <UnknownKinds groups={groups} onLeaveOut={leaveOut} />
      {groups.slice(0, MAX_SHOWN).map((group) => {
        const { title, note } = sayFault(group, f);
        return <ListRow key={keyOf(group.fault)} title={title} note={note} onPress={() => setOpen(group)} />;
      })}
      {groups.length > MAX_SHOWN ? (
        <Text tone="soft">{`And ${f.number(groups.length - MAX_SHOWN)} more. Is every column what it is read as?`}</Text>
      ) : null}
      <FixSheet
        group={open}
        onWrite={(group, use, text) => settle([group], withCells(sheet, group.lines, use, text))}
        onLeaveOut={(group) => leaveOut([group])}
        onClose={() => setOpen(undefined)}
      />
    </View>
  );
}

/** A list of everything that grows has many kinds that are not pollinated here: all their lines are left out on one tap. */
function UnknownKinds({
  groups,
  onLeaveOut,
}: {
  readonly groups: readonly FaultGroup[];
  readonly onLeaveOut: (groups: readonly FaultGroup[]) => void;
}) {
  const f = useFormat();
  const unknown = groups.filter(({ fault }) => fault.why === 'unknownKind');
  if (unknown.length < 2) return null;
  const lines = unknown.flatMap((group) => group.lines);
  const names = unknown.slice(0, MAX_QUOTED).map(({ fault }) => `“${fault.found}”`);
  const more = unknown.length - names.length;
  return (
    <View style={{ gap: SPACE.s, paddingVertical: SPACE.m }}>
      <Text>
        {`Not known here: ${names.join(', ')}${more > 0 ? ` and ${f.number(more)} more` : ''}. What is not pollinated by hand needs no place on this plan.`}
      </Text>
      <Button
        title={`Leave out ${f.count(lines.length, 'line', 'lines')} of unknown kinds`}
        onPress={() => onLeaveOut(unknown)}
      />
    </View>
  );
}

/** What each variety has its own answer to, whatever stands in the cell; elsewhere the same text means the same. */
const OF_VARIETY: ReadonlySet<CellFault['why']> = new Set([
  'missing',
  'ambiguousKind',
  'otherKindBefore',
  'otherKindOnPlan',
  'noCount',
]);

const keyOf = ({ column, why, found, variety }: CellFault): string =>
  [column, why, found, OF_VARIETY.has(why) ? variety : ''].join('|');

/** One question for what one answer settles; which of two numbers is the day is one question for the whole table. */
const faultGroups = (faults: readonly CellFault[]): FaultGroup[] =>
  [
    ...groupBy(
      faults.filter(({ why }) => why !== 'whichDay'),
      keyOf,
    ).values(),
  ].map((some) => ({
    fault: some[0]!,
    lines: some.map(({ line }) => line),
  }));
