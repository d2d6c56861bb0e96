import { metresBetween } from '../garden/places';
import { MS_PER_MINUTE } from '../time/calendar';
import type { FemaleBud, MaleBud } from '../pairing/buds';
import { pairFlowers, type Pairing } from '../pairing/pairFlowers';
import type { SearchOptions } from '../route/bestRoutes';
import { planRounds, type RoundPlan } from './planRound';
import type { RoundRequest } from './roundRequest';

export interface OutingRequest extends Omit<RoundRequest, 'pairs'> {
  readonly females: readonly FemaleBud[];
  readonly males: readonly MaleBud[];
  /** How many females each plant has fathered this season before. */
  readonly fathered: ReadonlyMap<string, number>;
  /** How many share the work. */
  readonly people: number;
}

/** How many more females would be reached in time, and by what. */
export interface WouldSave {
  /** One person more. */
  readonly helper: number;
  /** Beginning that much earlier. */
  readonly earlier: { readonly minutes: number; readonly count: number };
  /** No more males a female than are worth having at all. */
  readonly fewerMales: number;
}

/** Who gets whose pollen, and the rounds that bring it. */
export interface OutingPlan extends Pairing {
  /** One a person. */
  readonly rounds: readonly RoundPlan[];
  /** Only where some are late. */
  readonly wouldSave?: WouldSave;
}

/** Worth trying, and usually possible. Our default. */
const EARLIER_MINUTES = 30;

/**
 * Pairs the flowers of a morning and plans the rounds; where not all can be reached in time it says what would save more.
 * What takes longest of all that the app computes: it is done in the worker.
 *
 * @example planOuting({ ...request, females: [], males: [] }).rounds[0].stops // []
 */
export function planOuting(
  { females, males, fathered, people, ...round }: OutingRequest,
  options?: SearchOptions,
): OutingPlan {
  const ground = { fathered, metres: metresBetweenPlants(round.places) };
  const pairing = pairFlowers(females, males, ground);
  const request = { ...round, pairs: pairing.pairs };
  const rounds = planRounds(request, people, options);
  const late = lateIn(rounds);
  if (late === 0) return { ...pairing, rounds };
  const quiet = { ...options, onProgress: undefined };
  const saved = (plans: readonly RoundPlan[]): number => Math.max(0, late - lateIn(plans));
  const from = round.from - EARLIER_MINUTES * MS_PER_MINUTE;
  const few = pairFlowers(
    females.map((female) => ({ ...female, malesWanted: female.fewestMales })),
    males,
    ground,
  );
  return {
    ...pairing,
    rounds,
    wouldSave: {
      helper: saved(planRounds(request, people + 1, quiet)),
      earlier: { minutes: EARLIER_MINUTES, count: saved(planRounds({ ...request, from }, people, quiet)) },
      fewerMales: saved(planRounds({ ...request, pairs: few.pairs }, people, quiet)),
    },
  };
}

const lateIn = (plans: readonly RoundPlan[]): number =>
  plans.reduce(
    (sum, { stops }) => sum + stops.filter((stop) => stop.kind === 'pollinate' && stop.late).length,
    0,
  );

const metresBetweenPlants =
  (places: OutingRequest['places']) =>
  (from: string, to: string): number | undefined => {
    const [a, b] = [places.get(from), places.get(to)];
    return a && b && metresBetween(a, b);
  };
