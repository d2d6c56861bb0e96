import { View } from 'react-native';
import { crossResult, type WayOfCross } from '@/core/outcome/crossWays';
import { dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { sayLeftOut, sayRate } from '../fruit/setRateWords';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { METHODS } from '../words/names';
import { sayOften } from '../words/often';

/** How the flowers of a cross set, by the way they were worked, and what those without pollen did. */
export function CrossSoFar({ mating }: { readonly mating: string }) {
  const f = useFormat();
  const result = useView('cross-so-far', [mating], ({ store: { journal }, garden, now }) =>
    crossResult(journal, garden, mating, dayAt(now, garden.zone)),
  );
  if (!result) return null;
  const { ways, controls } = result;
  return (
    <View>
      <Text variant="heading" level={2}>
        How it set so far
      </Text>
      {ways.length === 0 ? <Text tone="soft">No flower of this cross has been pollinated yet.</Text> : null}
      {ways.map((way) => (
        <ListRow key={sayWay(way, f)} title={sayWay(way, f)} note={saySet(way, f)} />
      ))}
      {ways.length > 1 ? (
        <Text variant="small" tone="soft">
          These flowers were not dealt out by chance: the day, the plant and the weather differ too. Where the
          ranges overlap, nothing is known of which way is better.
        </Text>
      ) : null}
      {ways.length > 0 ? (
        <Text style={{ marginTop: SPACE.s }}>
          {controls.looked > 0
            ? `Of ${f.count(controls.looked, 'flower', 'flowers')} left without pollen, ${f.number(controls.set)} set (${f.percent(controls.share.low)} to ${f.percent(controls.share.high)} would): so many of the others may have set by pollen that was not the father’s.`
            : 'No flower was left without pollen: how many set by pollen that was not the father’s is not known. Leave a few on the walk, emasculated and covered like the others.'}
        </Text>
      ) : null}
    </View>
  );
}

const sayWay = ({ method, times, sameDay }: WayOfCross, f: Format): string =>
  `${METHODS[method]}: ${sayOften(times, f).toLowerCase()}${sameDay ? ' in one day' : ''}`;

const saySet = ({ rates: { pollinated, set } }: WayOfCross, f: Format): string =>
  [`${f.count(pollinated, 'flower', 'flowers')}. Set: ${sayRate(set, f)}.`, sayLeftOut(set, f)]
    .filter(Boolean)
    .join(' ');
