import { useState } from 'react';
import { View } from 'react-native';
import { cornersOf, plantsIn } from '@/core/garden/places';
import { gardenOn } from '@/core/journal/past';
import type { Bed, Plant, Season } from '@/core/journal/state';
import { groupBy } from '@/core/text/groupBy';
import { addDays, daysBetween, isDay } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Field } from '@/ui/parts/Field';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { PlanCanvas } from '@/ui/plan/PlanCanvas';
import type { PlanBedDrawing } from '@/ui/plan/planParts';
import { boxAround, heightFor, viewOf } from '@/ui/plan/planView';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { compareBeds, drawingsOf, shapesOf } from '../garden/usePlan';
import { WithWidth } from '../shell/WithWidth';
import { sayBed } from '../words/places';

interface PastView {
  readonly beds: readonly Bed[];
  readonly plants: readonly Plant[];
  readonly drawn: readonly PlanBedDrawing[];
  readonly names: ReadonlyMap<string, string>;
}

const usePast = (day: Day): PastView | undefined =>
  useView('past-plan', [day], ({ store: { journal } }): PastView => {
    const then = gardenOn(journal, day);
    const beds = [...then.all('bed').values()].sort(compareBeds);
    const plants = [...then.all('plant').values()].filter(({ removed }) => !removed);
    const varieties = [...then.all('variety').values()];
    return {
      beds,
      plants,
      drawn: drawingsOf(beds, plants, shapesOf(varieties), new Map()),
      names: new Map(varieties.map(({ variety, name }) => [variety, name])),
    };
  });

/** The plan as it stood on a day of a season; nothing of it can be changed. */
export function PastPlan({ season: { from, to } }: { readonly season: Season }) {
  const f = useFormat();
  const [typed, setTyped] = useState<string>(to);
  const isWithin = isDay(typed) && from <= typed && typed <= to;
  const [day, setDay] = useState<Day>(to);
  const view = usePast(day);
  const choose = (next: string): void => {
    setTyped(next);
    if (isDay(next) && from <= next && next <= to) setDay(next);
  };
  const middle = addDays(from, Math.round(daysBetween(from, to) / 2));
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        The plan as it was
      </Text>
      <Field
        label="On the day"
        value={typed}
        onChange={choose}
        {...(!isWithin && { error: `A day from ${from} to ${to}.` })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {(
          [
            ['First day', from],
            ['Middle', middle],
            ['Last day', to],
          ] as const
        ).map(([title, each]) => (
          <Button
            key={title}
            size="small"
            title={title}
            selected={day === each}
            onPress={() => choose(each)}
          />
        ))}
      </View>
      {view ? <Drawn view={view} label={f.date(day)} /> : null}
    </View>
  );
}

function Drawn({
  view: { beds, plants, drawn, names },
  label,
}: {
  readonly view: PastView;
  readonly label: string;
}) {
  const f = useFormat();
  if (plants.length === 0) return <Text tone="soft">Nothing stood in the garden on that day.</Text>;
  const box = boxAround(beds.flatMap(cornersOf));
  return (
    <View>
      <WithWidth>
        {(width) => {
          const size = { width, height: heightFor(box, width, 420) };
          return (
            <PlanCanvas
              size={size}
              view={viewOf(box, size)}
              beds={drawn}
              barriers={[]}
              plumes={[]}
              outside={[]}
              label={`Plan of ${label}; the list has the same content`}
              lengthInWords={f.length}
            />
          );
        }}
      </WithWidth>
      {beds.flatMap((bed) => {
        const own = plants.filter((plant) => plant.bed === bed.bed);
        if (own.length === 0) return [];
        const kinds = [...groupBy(own, ({ variety }) => variety)].map(
          ([variety, some]) => `${f.number(plantsIn(some))} ${names.get(variety) ?? '?'}`,
        );
        return [<ListRow key={bed.bed} title={sayBed(bed.name)} note={`${kinds.join(', ')}.`} />];
      })}
    </View>
  );
}
