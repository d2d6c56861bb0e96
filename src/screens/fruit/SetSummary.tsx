import { memo } from 'react';
import { View } from 'react-native';
import { fruitSetRates, type SetRate } from '@/core/fruit/setRates';
import { IntervalBar } from '@/ui/charts/IntervalBar';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { WithWidth } from '../shell/WithWidth';
import { lookDays, sayLeftOut, sayRate } from './setRateWords';
import type { FruitView } from './fruitView';

/** The three rates of the season. */
export const SetSummary = memo(function SetSummary({ view }: { readonly view: FruitView }) {
  const histories = view.fruits.flatMap(({ histories: own }) => own);
  const rates = fruitSetRates(histories);
  const days = lookDays(histories.map(({ looks }) => looks));
  return (
    <View style={{ gap: SPACE.m }}>
      <Text variant="heading" level={2}>
        {view.season.name || 'This season'}
      </Text>
      <WithWidth>
        {(width) => (
          <View style={{ gap: SPACE.m }}>
            <RateRow name="Set so far" note="growing at the last look" rate={rates.soFar} width={width} />
            <RateRow name="Set" note={`growing on day ${days.set}`} rate={rates.set} width={width} />
            <RateRow
              name="Kept"
              note={`growing on day ${days.kept}, or picked`}
              rate={rates.kept}
              width={width}
            />
          </View>
        )}
      </WithWidth>
    </View>
  );
});

export interface RateRowProps {
  readonly name: string;
  readonly note?: string;
  readonly rate: SetRate;
  readonly width: number;
}

/** One rate: in words, as a bar, and what was left out. */
export function RateRow({ name, note, rate, width }: RateRowProps) {
  const f = useFormat();
  const words = sayRate(rate, f);
  const left = sayLeftOut(rate, f);
  // Nothing to draw yet takes a line, not a scale.
  if (rate.share === undefined) {
    return (
      <Text tone="soft">
        <Text variant="strong">{name}</Text>
        {`: ${words}. ${left}`}
      </Text>
    );
  }
  return (
    <View>
      <Text variant="strong">{name}</Text>
      {note ? (
        <Text variant="small" tone="soft">
          {note}
        </Text>
      ) : null}
      <Text>{words}</Text>
      <IntervalBar
        width={width}
        share={rate.share}
        low={rate.low}
        high={rate.high}
        label={`${name}: ${words}`}
      />
      {left ? (
        <Text variant="small" tone="soft">
          {left}
        </Text>
      ) : null}
    </View>
  );
}
