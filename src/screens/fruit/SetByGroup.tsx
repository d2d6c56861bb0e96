import { useState } from 'react';
import { View } from 'react-native';
import { SET_GROUPINGS, type SetAnalysis } from '@/core/outcome/setAnalysis';
import type { SetGrouping, SetOfGroup } from '@/core/analysis/setByFactor';
import { IntervalBar } from '@/ui/charts/IntervalBar';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { SaveNumbers } from '../shell/SaveNumbers';
import { WithWidth } from '../shell/WithWidth';
import { sayRange } from './setRateWords';
import { GROUPING_NAMES, sayLevel, sayUnseen, type NameOfLevel } from '../words/setFactors';

/** Rows shown at once. */
const FIRST_SHOWN = 20;
/** Shares of the width for a name and for its bar; the rest is for its counts. */
const NAME = 0.36;
const BAR = 0.4;

interface SetByGroupProps {
  readonly by: SetAnalysis['by'];
  readonly nameOf: NameOfLevel;
}

/** Set by one thing at a time, of those by which flowers differ. */
export function SetByGroup({ by, nameOf }: SetByGroupProps) {
  const differing = SET_GROUPINGS.filter((each) => by[each].length > 1);
  const [chosen, setChosen] = useState<SetGrouping>('plant');
  const [shown, setShown] = useState(FIRST_SHOWN);
  const f = useFormat();
  const grouping = differing.includes(chosen) ? chosen : differing[0];
  if (!grouping) return null;
  const groups = inOrder(by[grouping]);
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        Set, by
      </Text>
      <Choice
        label="What to compare"
        row
        options={differing.map((value) => ({ value, title: GROUPING_NAMES[value] }))}
        value={grouping}
        onChange={(value) => {
          setChosen(value);
          setShown(FIRST_SHOWN);
        }}
      />
      <Text variant="small" tone="soft">
        Ring: as counted. Dot and bar: what is believed, with 95 %: few flowers are drawn towards the others.
      </Text>
      <WithWidth>
        {(width) =>
          groups
            .slice(0, shown)
            .map((group) => (
              <GroupRow
                key={group.level}
                name={sayLevel(grouping, group.level, f, nameOf)}
                group={group}
                width={width}
              />
            ))
        }
      </WithWidth>
      {shown < groups.length ? (
        <Button title="Show more" onPress={() => setShown(shown + 100)} style={{ marginTop: SPACE.m }} />
      ) : null}
      <SaveNumbers
        what={`Set by ${GROUPING_NAMES[grouping]}`}
        table={{
          head: [
            GROUPING_NAMES[grouping],
            'Set',
            'Of',
            'Not known',
            'Plants',
            'Believed',
            '95 % from',
            '95 % to',
          ],
          rows: groups.map(({ level, plants, counted, unseen, believed }) => [
            sayLevel(grouping, level, f, nameOf),
            f.number(counted.hits),
            f.number(counted.of),
            f.number(unseen),
            f.number(plants),
            ...[believed.share, believed.low, believed.high].map((share) => f.number(share, 3)),
          ]),
        }}
      />
    </View>
  );
}

/** What is counted keeps its order; of names the best comes first. */
const inOrder = (groups: readonly SetOfGroup[]): readonly SetOfGroup[] =>
  typeof groups[0]?.level === 'number'
    ? groups
    : groups.toSorted((a, b) => b.believed.share - a.believed.share);

interface GroupRowProps {
  readonly name: string;
  readonly group: SetOfGroup;
  readonly width: number;
}

function GroupRow({ name, group: { counted, unseen, believed }, width }: GroupRowProps) {
  const f = useFormat();
  const counts = `${f.number(counted.hits)} of ${f.number(counted.of)}${sayUnseen(unseen, f)}`;
  const words = `${f.percent(believed.share)} (${sayRange(believed.low, believed.high, f)})`;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.xs, minHeight: 36 }}>
      <Text style={{ width: NAME * width }}>{name}</Text>
      <IntervalBar
        width={BAR * width}
        share={believed.share}
        low={believed.low}
        high={believed.high}
        counted={counted.share}
        label={`${name}: ${counts} counted, believed ${words}`}
      />
      <Text style={{ flex: 1, textAlign: 'right' }}>{counts}</Text>
    </View>
  );
}
