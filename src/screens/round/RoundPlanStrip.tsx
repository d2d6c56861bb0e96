import { View } from 'react-native';
import { GATE, placesOf, type Place } from '@/core/garden/places';
import type { Round } from '@/core/journal/state';
import { useView } from '@/data/hooks/useView';
import { PlanStrip } from '@/ui/charts/PlanStrip';
import { SPACE } from '@/ui/theme';
import { WithWidth } from '../shell/WithWidth';

/** The beds of a round with their plants. */
function useBedsOf(round: Round) {
  return useView('route', [round.round, round.stops.length], ({ store: { journal } }) => {
    const all = journal.all('plant');
    const beds = new Set(round.stops.map(({ plant }) => all.get(plant)?.bed));
    const plants = [...all.values()].filter(({ bed }) => beds.has(bed));
    return {
      beds: [...journal.all('bed').values()]
        .filter(({ bed }) => beds.has(bed))
        .map(({ bed, ...rest }) => ({ id: bed, ...rest })),
      places: placesOf(plants, journal.all('bed')),
    };
  });
}

interface WayToStopProps {
  readonly round: Round;
  readonly at: number;
  readonly maxHeight: number;
}

/** The beds of the round, with the path from the stop before. */
export function WayToStop({ round, at, maxHeight }: WayToStopProps) {
  const plan = useBedsOf(round);
  const stop = round.stops[at];
  if (!plan || !stop) return null;
  const before = round.stops.slice(0, at).findLast(({ plant }) => plant !== stop.plant);
  return (
    <View style={{ marginTop: SPACE.s }}>
      <WithWidth ofColumn>
        {(width) => (
          <PlanStrip
            width={width}
            maxHeight={maxHeight}
            beds={plan.beds}
            plants={[...plan.places.values()]}
            here={plan.places.get(stop.plant)}
            from={before ? plan.places.get(before.plant) : GATE}
            near
            label="The path from the last stop to this one, on the plan"
          />
        )}
      </WithWidth>
    </View>
  );
}

/** The whole round on the plan, from the gate, and where one is on it. */
export function WholeWay({ round, at }: { readonly round: Round; readonly at: number }) {
  const plan = useBedsOf(round);
  if (!plan) return null;
  const path = round.stops.flatMap(({ plant }): Place[] => {
    const place = plan.places.get(plant);
    return place ? [place] : [];
  });
  const stop = round.stops[at];
  return (
    <WithWidth>
      {(width) => (
        <PlanStrip
          width={width}
          maxHeight={320}
          beds={plan.beds}
          plants={[...plan.places.values()]}
          here={stop && plan.places.get(stop.plant)}
          path={[GATE, ...path]}
          label="The way of the round, from the gate from stop to stop, on the plan"
        />
      )}
    </WithWidth>
  );
}
