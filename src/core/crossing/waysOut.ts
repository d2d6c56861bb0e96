import { cropOf } from '../crops/catalogue';
import type { Danger, GrownVariety } from './isolation';

/** What a way out costs the grower. */
export type Cost = 'asking' | 'waiting' | 'morningWork' | 'building' | 'room' | 'harvest';

/** Something that can be done about pollen from too near. */
export interface WayOut {
  readonly way:
    | 'askNeighbour'
    | 'stagger'
    | 'coverAndHand'
    | 'bagFlowers'
    | 'cage'
    | 'alternateCages'
    | 'borderRows'
    | 'moveAway'
    | 'leaveOut';
  readonly cost: Cost;
  /** Whom it is about, where it is about somebody: the varieties or sources to ask, shift or leave out. */
  readonly about: readonly string[];
  /** Days or metres, for the ways that have them. */
  readonly amount?: number;
}

/** From what costs least: our default order; a grower's own may differ. */
const ORDER: readonly Cost[] = ['asking', 'waiting', 'morningWork', 'building', 'room', 'harvest'];
/** Own sowings further away than this do not fit into a garden. Our default. */
const FARTHEST_IN_GARDEN_M = 50;

/**
 * Ways out for a variety whose neighbours are too near, those that cost least first. Covering helps against all of
 * them; the others only against those they are about.
 */
export function waysOut(variety: GrownVariety, dangers: readonly Danger[], wanted: number): WayOut[] {
  const unguarded = dangers.filter(({ guarded }) => guarded === 'no');
  // What crosses only rarely is left in peace while something crosses freely.
  const freely = unguarded.filter(({ crossing }) => crossing.how === 'freely');
  const open = freely.length > 0 ? freely : unguarded;
  const outside = open.filter(({ where }) => where === 'outside').map(({ id }) => id);
  const own = open.filter(({ where }) => where === 'garden').map(({ id }) => id);
  const all = open.map(({ id }) => id);
  const { carrier, habit, covers, timeApart } = cropOf(variety.crop);
  // Perfect flowers that pollinate themselves only need to be kept shut.
  const cover = habit === 'perfect' ? 'bagFlowers' : 'coverAndHand';
  const ways: WayOut[] = [{ way: cover, cost: 'morningWork', about: all }];
  if (outside.length > 0) ways.push({ way: 'askNeighbour', cost: 'asking', about: outside });
  if (timeApart) ways.push({ way: 'stagger', cost: 'waiting', about: all, amount: timeApart.value[0] });
  if (carrier === 'wind' && outside.length > 0) {
    ways.push({ way: 'borderRows', cost: 'room', about: outside });
  }
  if (covers.includes('cage')) {
    ways.push({ way: 'cage', cost: 'building', about: all });
    if (own.length > 0 && habit !== 'perfect') {
      ways.push({ way: 'alternateCages', cost: 'building', about: own });
    }
  }
  if (own.length > 0 && wanted <= FARTHEST_IN_GARDEN_M) {
    ways.push({ way: 'moveAway', cost: 'room', about: own, amount: wanted });
  }
  if (own.length > 0) ways.push({ way: 'leaveOut', cost: 'harvest', about: own });
  return ways.sort((a, b) => ORDER.indexOf(a.cost) - ORDER.indexOf(b.cost));
}
