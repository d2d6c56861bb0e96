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
export function SetSummary({ view }: { readonly view: FruitView }) {
  const histories = view.fruits.flatMap(({ histories: own }) => own);
  const rates = fruitSetRates(histories);
  const days = lookDays(histories.map(({ looks }) => looks));
  return (
    <View style={{ gap: SPACE.m }}>
      <Text variant="heading" level={2}>
        {view.season.name || 'This season'}
      </Text>
      <RateRow name="Set so far" note="growing at the last look" rate={rates.soFar} />
      <RateRow name="Set" note={`growing on day ${days.set}`} rate={rates.set} />
      <RateRow name="Kept" note={`growing on day ${days.kept}, or picked`} rate={rates.kept} />
    </View>
  );
}

export interface RateRowProps {
  readonly name: string;
  readonly note?: string;
  readonly rate: SetRate;
}

/** One rate: in words, as a bar, and what was left out. */
export function RateRow({ name, note, rate }: RateRowProps) {
  const f = useFormat();
  const words = sayRate(rate, f);
  const left = sayLeftOut(rate, f);
  return (
    <View>
      <Text variant="strong">{name}</Text>
      {note ? (
        <Text variant="small" tone="soft">
          {note}
        </Text>
      ) : null}
      <Text>{words}</Text>
      <WithWidth>
        {(width) => (
          <IntervalBar
            width={width}
            share={rate.share}
            low={rate.low}
            high={rate.high}
            label={`${name}: ${words}`}
          />
        )}
      </WithWidth>
      {left ? (
        <Text variant="small" tone="soft">
          {left}
        </Text>
      ) : null}
    </View>
  );
}
