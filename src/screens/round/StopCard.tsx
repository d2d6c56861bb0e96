import { useEffect, useRef, type ReactNode } from 'react';
import { View } from 'react-native';
import type { Stop } from '@/core/journal/entry';
import type { Round, Variety } from '@/core/journal/state';
import { GATE, placesOf } from '@/core/garden/places';
import { useGarden, useUndo, useView } from '@/data/provider';
import { PlanStrip } from '@/ui/charts/PlanStrip';
import { isSquash, SquashFlower } from '@/ui/flower/SquashFlower';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE, TOUCH } from '@/ui/theme';
import { placeInWords } from '../garden/labels';
import { Measured } from '../shell/Measured';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';

export interface StopProps {
  readonly round: Round;
  readonly at: number;
  readonly variety: Variety | undefined;
  /** False for a moment after a new stop has come up. */
  readonly hears: () => boolean;
  readonly head: ReactNode;
}

export interface Exception {
  readonly title: string;
  readonly onPress: () => void;
}

export interface StopCardProps extends StopProps {
  readonly stop: Stop;
  /** What is done here, for the drawing and for those who listen. */
  readonly sex: 'female' | 'male';
  readonly covered: boolean;
  readonly says: string;
  readonly children: ReactNode;
  readonly exceptions: readonly Exception[];
  readonly done: { readonly title: string; readonly onPress: () => void };
}

/** The card of one stop: place, flower, work, way; exceptions and Done always in the same place. */
export function StopCard(props: StopCardProps) {
  const { stop, round, at, variety, hears, head, sex, covered, says, children, exceptions, done } = props;
  const { journal } = useGarden().store;
  const { undo } = useUndo();
  const wide = useWide();
  const plant = journal.all('plant').get(stop.plant);
  const [where, number] = splitPlace(placeInWords(journal, plant));
  const title = useRef<View>(null);
  useEffect(() => {
    // After Done the next stop is read out and the keyboard starts from it.
    (title.current as unknown as HTMLElement | null)?.focus();
  }, []);
  const press = (action: () => void) => () => {
    if (hears()) action();
  };
  useStopKeys(exceptions, done.onPress, hears);
  return (
    <Page
      title={says}
      heading={false}
      over={head}
      aside={wide ? <Way round={round} at={at} maxHeight={460} /> : undefined}
      foot={
        <View style={{ gap: SPACE.s }}>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            {exceptions.map((exception) => (
              <Action
                key={exception.title}
                title={exception.title}
                onPress={press(exception.onPress)}
                style={{ flexBasis: '30%', flexGrow: 1, height: TOUCH.round }}
              />
            ))}
          </View>
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            <Action
              kind="main"
              size="huge"
              title={done.title}
              onPress={press(done.onPress)}
              style={{ flex: 1 }}
            />
            <Action title="Undo" size="huge" onPress={() => void undo()} style={{ width: 96 }} />
          </View>
        </View>
      }
    >
      <View style={{ flexDirection: 'row', gap: SPACE.s, marginTop: SPACE.s }}>
        <View
          ref={title}
          tabIndex={-1}
          role="heading"
          aria-level={1}
          aria-label={says}
          style={{ flex: 1, outlineWidth: 0 }}
        >
          <Words tone="soft">{where}</Words>
          <Words kind="huge">{number}</Words>
          <Words kind="stop">{variety?.name ?? ''}</Words>
        </View>
        <SquashFlower
          sex={sex}
          stage={covered ? 'eve' : 'open'}
          covered={covered}
          species={variety && isSquash(variety.crop) ? variety.crop : 'pepo'}
          label={`${covered ? 'Covered' : 'Uncovered'} ${sex} flower`}
        />
      </View>
      {children}
      <View aria-live="polite" style={{ position: 'absolute', width: 1, height: 1, overflow: 'hidden' }}>
        <Words>{says}</Words>
      </View>
      {wide ? null : <Way round={round} at={at} maxHeight={128} />}
    </Page>
  );
}

/** `Bed C, row 2, plant 4` as `Bed C, row 2, plant` and `4`. */
function splitPlace(place: string): [string, string] {
  const cut = place.lastIndexOf(' ');
  return [place.slice(0, cut), place.slice(cut + 1)];
}

function useStopKeys(exceptions: readonly Exception[], done: () => void, hears: () => boolean): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || !hears()) return;
      const onButton =
        event.target instanceof HTMLElement && event.target.closest('button,[role=button],a') !== null;
      const exception = exceptions[Number(event.key) - 1];
      if (event.key === 'Enter' && !onButton) done();
      else if (exception) exception.onPress();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [exceptions, done, hears]);
}

interface WayProps {
  readonly round: Round;
  readonly at: number;
  readonly maxHeight: number;
}

/** The beds that the round leads through, with the way from the stop before. */
function Way({ round, at, maxHeight }: WayProps) {
  const plan = useView('way', [round.round, round.stops.length], ({ store: { journal } }) => {
    const all = journal.all('plant');
    const beds = new Set(round.stops.map(({ plant }) => all.get(plant)?.bed));
    const plants = [...all.values()].filter(({ bed }) => beds.has(bed));
    return {
      beds: [...journal.all('bed').values()].filter(({ bed }) => beds.has(bed)),
      places: placesOf(plants, journal.all('bed')),
    };
  });
  const stop = round.stops[at];
  if (!plan || !stop) return null;
  const before = round.stops[at - 1];
  return (
    <View style={{ marginTop: SPACE.s }}>
      <Measured>
        {(width) => (
          <PlanStrip
            width={width}
            maxHeight={maxHeight}
            beds={plan.beds.map(({ bed, ...rest }) => ({ id: bed, ...rest }))}
            plants={[...plan.places.values()]}
            here={plan.places.get(stop.plant)}
            from={before ? plan.places.get(before.plant) : GATE}
            label="The way from the last stop to this one, on the plan"
          />
        )}
      </Measured>
    </View>
  );
}
