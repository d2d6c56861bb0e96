import { hasSet } from '../fruit/setVerdict';
import { fruitOf } from '../fruit/fruits';
import { isOnPlant, type FruitHistory } from '../fruit/fruitHistory';
import type { Journal } from '../journal/journal';
import { TRIAL_SIDES, type TrialSide } from '../journal/kinds/trial';
import type { Bloom, Garden, Trial } from '../journal/state';
import { groupBy } from '../text/groupBy';
import { byId } from '../text/byId';
import type { Day } from '../time/types';

/** What is known of a flower, or of the flowers of a visit, that was dealt a way. */
interface DealtUnit {
  readonly bloom: string;
  readonly plant: string;
  readonly day: Day;
  readonly side: TrialSide;
  /** `waiting`: it can still be known; `lost`: it never will. */
  readonly state: 'known' | 'waiting' | 'lost';
  /** Of those of which it is known: how many set. */
  readonly hits: number;
  readonly of: number;
}

/** Two units of one plant, one of each way. */
export interface TrialPair {
  readonly plant: string;
  /** By side; missing while it is not dealt. */
  readonly units: readonly [DealtUnit | undefined, DealtUnit | undefined];
  readonly state: DealtUnit['state'];
}

/**
 * The pairs of a trial: of each plant the first unit of one way with the first of the other, and so on. Units are in the
 * order of their days, whichever phone dealt them.
 *
 * @example trialPairs(journal, garden, { ...trial, dealt: [] }, today) // []
 */
export function trialPairs(journal: Journal, garden: Garden, trial: Trial, today: Day): TrialPair[] {
  const units = trial.dealt
    .map((dealt): DealtUnit => ({ ...dealt, ...whatBecame(journal, garden, today, dealt) }))
    .sort((a, b) => byId(a.plant, b.plant) || byId(a.day, b.day) || byId(a.bloom, b.bloom));
  return [...groupBy(units, ({ plant }) => plant)].flatMap(([plant, own]) => {
    // What is lost takes no partner from those that can tell.
    const able = TRIAL_SIDES.map((side) => own.filter((each) => each.side === side && each.state !== 'lost'));
    const lost = own.filter(({ state }) => state === 'lost');
    const most = Math.max(able[0]!.length, able[1]!.length);
    return [
      ...Array.from({ length: most }, (_, i): TrialPair => {
        const [one, other] = [able[0]![i], able[1]![i]];
        const known = one?.state === 'known' && other?.state === 'known';
        return { plant, units: [one, other], state: known ? 'known' : 'waiting' };
      }),
      ...lost.map((unit): TrialPair => ({
        plant,
        units: unit.side === 0 ? [unit, undefined] : [undefined, unit],
        state: 'lost',
      })),
    ];
  });
}

function whatBecame(
  journal: Journal,
  garden: Garden,
  today: Day,
  { bloom: id }: { readonly bloom: string },
): Pick<DealtUnit, 'state' | 'hits' | 'of'> {
  const bloom = journal.all('bloom').get(id);
  const fruit = bloom && fruitOf(journal, garden, today, bloom);
  // Its morning is not over, or nothing was ever done to it.
  if (!fruit) return { state: bloom && mayStillBe(bloom, today) ? 'waiting' : 'lost', hits: 0, of: 0 };
  const verdicts = fruit.histories.map((history) => ({ history, set: hasSet(history) }));
  const known = verdicts.filter(({ set }) => set !== undefined);
  const open = verdicts.filter(({ history, set }) => set === undefined && isStillToTell(history));
  return {
    state: open.length > 0 && !fruit.plant.removed ? 'waiting' : known.length > 0 ? 'known' : 'lost',
    hits: known.filter(({ set }) => set).length,
    of: known.length,
  };
}

const mayStillBe = ({ missed, day, removed }: Bloom, today: Day): boolean =>
  !missed && !removed && day !== undefined && day >= today;

/** Will a look still say whether it set: is it there, as far as anybody knows, or failed before the day that decides? */
const isStillToTell = (history: FruitHistory): boolean =>
  isOnPlant(history) || (history.failed !== undefined && history.age < history.looks.set.value[0]);
