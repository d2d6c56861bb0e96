import { useState } from 'react';
import { View } from 'react-native';
import type { CellFault } from '@/core/records/planDraft';
import { withCells, type Sheet } from '@/core/records/sheet/sheet';
import { groupBy } from '@/core/text/groupBy';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { useFormat } from '../format/useFormat';
import { sayFault, type FaultGroup } from '../words/sheet';
import { FixSheet } from './FixSheet';

/** Questions shown at once. */
const MOST_SHOWN = 40;

export interface FaultListProps {
  readonly sheet: Sheet;
  readonly faults: readonly CellFault[];
  readonly onChange: (sheet: Sheet) => void;
}

/** The cells that cannot be read, as questions: what one answer settles is asked once. */
export function FaultList({ sheet, faults, onChange }: FaultListProps) {
  const f = useFormat();
  const [open, setOpen] = useState<FaultGroup>();
  const groups = faultGroups(faults);
  if (groups.length === 0) return null;
  return (
    <View>
      <Text variant="strong" tone="rust" live>
        {`${f.count(groups.length, 'question', 'questions')} left. Nothing has been imported yet.`}
      </Text>
      {groups.slice(0, MOST_SHOWN).map((group) => {
        const { title, note } = sayFault(group, f);
        return <ListRow key={keyOf(group.fault)} title={title} note={note} onPress={() => setOpen(group)} />;
      })}
      {groups.length > MOST_SHOWN ? (
        <Text tone="soft">{`And ${f.number(groups.length - MOST_SHOWN)} more. Is every column what it is read as?`}</Text>
      ) : null}
      <FixSheet
        group={open}
        onWrite={({ lines }, use, text) => {
          onChange(withCells(sheet, lines, use, text));
          setOpen(undefined);
        }}
        onLeaveOut={({ lines }) => {
          onChange({ ...sheet, left: [...new Set([...sheet.left, ...lines])] });
          setOpen(undefined);
        }}
        onClose={() => setOpen(undefined)}
      />
    </View>
  );
}

const keyOf = ({ column, why, found, variety }: CellFault): string => [column, why, found, variety].join('|');

/** One question for the same cell of the same variety; which of two numbers is the day is one question for the whole table. */
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
