import { View } from 'react-native';
import type { CurveDay, DropCurve } from '@/core/analysis/dropCurve';
import type { Looks } from '@/core/crops/crop';
import { GrowingChart } from '@/ui/charts/GrowingChart';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { SaveNumbers } from '../shell/SaveNumbers';
import { WithWidth } from '../shell/WithWidth';
import { sayRange } from './setRateWords';

interface WhenTheyDropProps {
  readonly curve: DropCurve;
  /** When each of the flowers is looked at. */
  readonly looks: readonly Looks[];
}

/** How long pollinated flowers go on growing. */
export function WhenTheyDrop({ curve, looks }: WhenTheyDropProps) {
  const f = useFormat();
  const lookDays = looks.flatMap(({ early, set, kept }) => [early.value[1], set.value[1], kept.value]);
  const { days } = curve;
  const summary = sayCurve(curve, f);
  const table = {
    head: ['Day', 'Still growing', '95 %', 'Followed'],
    rows: days.map((day) => [
      f.number(day.day),
      sayGrowing(day, f),
      day.band ? sayRange(...day.band, f) : 'too few plants',
      f.number(day.followed),
    ]),
  };
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        When they drop
      </Text>
      <Text>{summary}</Text>
      <WithWidth ofColumn>
        {(width) => (
          <GrowingChart
            width={width}
            days={days.map(({ day, growing, band }) => ({ day, ...growing, ...(band && { band }) }))}
            lookDays={lookDays}
            percent={f.percent}
            label={`Still growing, by day after pollination. ${summary}`}
            table={table}
          />
        )}
      </WithWidth>
      <Text variant="small" tone="soft">
        {`Days after pollination, looks in bold. The line: the share that still grows; the dark area: where nobody looked, and nobody can tell${days[0]?.band ? '; the pale area: where other plants’ fruit would lie with 95 %' : ''}.`}
      </Text>
      <SaveNumbers what="When they drop" table={table} />
    </View>
  );
}

const sayGrowing = ({ growing: { low, high } }: CurveDay, f: Format): string =>
  Math.round(low * 100) === Math.round(high * 100) ? f.percent(high) : sayRange(low, high, f);

function sayCurve({ flowers, plants, dropped, medianDay, safeAfter, days }: DropCurve, f: Format): string {
  const followed = `${f.count(dropped, 'flower', 'flowers')} of ${f.number(flowers)} dropped, on ${f.count(plants, 'plant', 'plants')}.`;
  if (medianDay === undefined) return `${followed} None has dropped so far.`;
  const half = ` Half of the drops came by day ${f.number(medianDay)}.`;
  const last = days.at(-1)!;
  const safe =
    safeAfter === undefined || safeAfter >= last.day
      ? ''
      : ` What grows on day ${f.number(safeAfter)} is hardly ever lost by day ${f.number(last.day)}.`;
  return `${followed}${half} On day ${f.number(last.day)} ${sayGrowing(last, f)} still grow.${safe}`;
}
