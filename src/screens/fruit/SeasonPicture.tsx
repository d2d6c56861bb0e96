import { memo } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { FLOWER_OUTCOMES, seasonMarks, type FlowerOutcome } from '@/core/fruit/seasonMarks';
import type { Fruit } from '@/core/fruit/fruits';
import { addDays, daysBetween } from '@/core/time/calendar';
import { FlowerMarksChart, Marks, type MarkLook } from '@/ui/charts/FlowerMarksChart';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { SaveNumbers } from '../shell/SaveNumbers';
import { WithWidth } from '../shell/WithWidth';

const LOOKS: Readonly<Record<FlowerOutcome, MarkLook>> = {
  growing: 'full',
  waiting: 'ring',
  failed: 'low',
  off: 'line',
};

export const OUTCOME_NAMES: Readonly<Record<FlowerOutcome, string>> = {
  growing: 'Growing or picked',
  waiting: 'Not looked at yet',
  failed: 'Failed',
  off: 'Taken off or lost',
};

/** As a mark stands beside its name. */
const KEY = { x: 1, y: 2, width: 10, height: 8, kind: 0 };

/** The season in one picture: each pollinated flower on its day, by what became of it. */
export const SeasonPicture = memo(function SeasonPicture({ fruits }: { readonly fruits: readonly Fruit[] }) {
  const f = useFormat();
  const marks = seasonMarks(fruits);
  const all = marks.flatMap(({ days }) => days.map(({ day }) => day)).sort();
  const [first, last] = [all[0], all.at(-1)];
  if (first === undefined || last === undefined) return null;
  const span = daysBetween(first, last) + 1;
  const head = ['Variety', 'Day', ...FLOWER_OUTCOMES.map((outcome) => OUTCOME_NAMES[outcome])];
  return (
    <View style={{ gap: SPACE.s, marginBottom: SPACE.m }}>
      <WithWidth ofColumn>
        {(width) => (
          <FlowerMarksChart
            width={width}
            rows={marks.map(({ name, days }) => ({
              name,
              days: days.map(({ day, counts }) => ({
                day: daysBetween(first, day),
                counts: FLOWER_OUTCOMES.map((outcome) => counts[outcome]),
              })),
            }))}
            looks={FLOWER_OUTCOMES.map((outcome) => LOOKS[outcome])}
            days={span}
            dayName={(day) => f.shortDay(addDays(first, day))}
            label="Pollinated flowers by day, and what became of them"
            table={{
              head,
              rows: marks.flatMap(({ name, days }) =>
                days.map(({ day, counts }) => [
                  name,
                  f.shortDay(day),
                  ...FLOWER_OUTCOMES.map((outcome) => f.number(counts[outcome])),
                ]),
              ),
            }}
          />
        )}
      </WithWidth>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.m, rowGap: SPACE.xs }}>
        {FLOWER_OUTCOMES.map((outcome) => (
          <View key={outcome} style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.xs }}>
            <Svg width={12} height={12}>
              <Marks marks={[KEY]} look={LOOKS[outcome]} />
            </Svg>
            <Text variant="small">{OUTCOME_NAMES[outcome]}</Text>
          </View>
        ))}
      </View>
      <SaveNumbers
        what="Pollinated flowers by day"
        table={{
          head,
          rows: marks.flatMap(({ name, days }) =>
            days.map(({ day, counts }) => [
              ...[name, day],
              ...FLOWER_OUTCOMES.map((outcome) => String(counts[outcome])),
            ]),
          ),
        }}
      />
    </View>
  );
});
