import { cropOf } from '../crops/catalogue';
import type { CrossingRisk } from './crossingRisk';
import type { GrownVariety } from './question';
import { anyPollenSpoils } from './anyPollenSpoils';

/** What a method costs the grower, cheapest first: our default order; a grower's own may differ. */
const METHOD_COSTS = ['asking', 'waiting', 'morningWork', 'building', 'space', 'harvest'] as const;
type MethodCost = (typeof METHOD_COSTS)[number];

/** Something that can be done about pollen from too close. */
export interface IsolationMethod {
  readonly method:
    | 'askNeighbour'
    | 'timeIsolation'
    | 'coverAndHandPollinate'
    | 'bagFlowers'
    | 'cage'
    | 'alternateCages'
    | 'netAgainstInsects'
    | 'borderRows'
    | 'moveAway'
    | 'growOnlyOne';
  readonly cost: MethodCost;
  /** The varieties or sources it works against. */
  readonly about: readonly string[];
  /** Days or metres, for the methods that have them. */
  readonly amount?: number;
}

/** A bed farther away than this does not fit into a garden. Our default, metres. */
const FARTHEST_IN_GARDEN_M = 50;

/**
 * Isolation methods for a variety with compatible plants too close, the cheapest first. Covering helps against all of
 * them; the others only against those they are about.
 *
 * @param requiredMetres distance that would be enough.
 */
export function isolationMethods(
  variety: GrownVariety,
  risks: readonly CrossingRisk[],
  requiredMetres: number,
): IsolationMethod[] {
  const open = risks.filter(({ isolatedBy }) => isolatedBy === 'nothing');
  // What crosses only rarely is left alone while something crosses freely.
  const freely = open.filter(({ compatibility }) => compatibility.frequency === 'freely');
  const relevant = freely.length > 0 ? freely : open;
  const outside = relevant.filter(({ where }) => where === 'outside').map(({ id }) => id);
  const own = relevant.filter(({ where }) => where === 'garden').map(({ id }) => id);
  const all = relevant.map(({ id }) => id);
  const { pollenVector, habit, covers, timeApart, protocols } = cropOf(variety.crop);
  if (anyPollenSpoils(variety)) {
    const methods: IsolationMethod[] = [{ method: 'netAgainstInsects', cost: 'building', about: all }];
    if (own.length > 0) methods.push({ method: 'growOnlyOne', cost: 'harvest', about: own });
    return methods;
  }
  // Perfect flowers that pollinate themselves only need to be kept shut.
  const selfs = habit === 'perfect' && protocols.seed === undefined;
  const cover = selfs ? 'bagFlowers' : 'coverAndHandPollinate';
  const methods: IsolationMethod[] = [{ method: cover, cost: 'morningWork', about: all }];
  if (outside.length > 0) methods.push({ method: 'askNeighbour', cost: 'asking', about: outside });
  if (timeApart) {
    methods.push({ method: 'timeIsolation', cost: 'waiting', about: all, amount: timeApart.value[0] });
  }
  if (pollenVector === 'wind' && outside.length > 0) {
    methods.push({ method: 'borderRows', cost: 'space', about: outside });
  }
  if (covers.includes('cage')) {
    methods.push({ method: 'cage', cost: 'building', about: all });
    if (own.length > 0 && !selfs) {
      methods.push({ method: 'alternateCages', cost: 'building', about: own });
    }
  }
  if (own.length > 0 && requiredMetres <= FARTHEST_IN_GARDEN_M) {
    methods.push({ method: 'moveAway', cost: 'space', about: own, amount: requiredMetres });
  }
  if (own.length > 0) methods.push({ method: 'growOnlyOne', cost: 'harvest', about: own });
  return methods.sort((a, b) => METHOD_COSTS.indexOf(a.cost) - METHOD_COSTS.indexOf(b.cost));
}
