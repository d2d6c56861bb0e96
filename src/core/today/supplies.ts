import type { Journal } from '../journal/journal';
import { walkId, type CoverMethod } from '../journal/kinds/walk';
import type { Bloom } from '../journal/state';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { WalkedPlant } from '../due/outings';

/** What is used up, or carried along. */
export interface Supplies {
  readonly tapeStrips: number;
  readonly bags: number;
  readonly ties: number;
  readonly tags: number;
}

const NOTHING: Supplies = { tapeStrips: 0, bags: 0, ties: 0, tags: 0 };

const plus = (a: Supplies, b: Supplies, times = 1): Supplies => ({
  tapeStrips: a.tapeStrips + times * b.tapeStrips,
  bags: a.bags + times * b.bags,
  ties: a.ties + times * b.ties,
  tags: a.tags + times * b.tags,
});

/** Bags and ties, by what covers. */
const BAGS: readonly CoverMethod[] = ['bag', 'shootBag', 'tasselBag'];
const TIES: readonly CoverMethod[] = ['cord', 'peg'];

/** What covering one bud takes: a strip of tape, a bag or a tie, and for a female a tag (common practice, no source). */
function toCover({ cover, sex }: Pick<Bloom, 'cover' | 'sex'>): Supplies {
  const method = cover?.method;
  return {
    tapeStrips: method === 'tape' ? 1 : 0,
    bags: method && BAGS.includes(method) ? 1 : 0,
    ties: method && TIES.includes(method) ? 1 : 0,
    tags: sex === 'male' ? 0 : 1,
  };
}

/** What closing a female again takes: two fresh strips, or a new bag or tie (common practice, no source). */
const toClose = (bloom: Pick<Bloom, 'cover' | 'part'>): Supplies => {
  // The bag of a head comes off for a moment and goes back on.
  if (bloom.part === 'head') return NOTHING;
  const { tapeStrips, bags, ties } = toCover({ ...bloom, sex: 'female' });
  return { tapeStrips: 2 * tapeStrips, bags, ties, tags: 0 };
};

/**
 * What to carry on the round for some females.
 *
 * @example roundSupplies([]).tags // 0
 */
export const roundSupplies = (females: readonly Bloom[]): Supplies => ({
  ...females.reduce((sum, female) => plus(sum, toClose(female)), NOTHING),
  tags: females.length,
});

/** How many days back the walk learns from. Our default. */
const DAYS_BACK = 3;
/** So much more is carried than is expected. Our default. */
const SPARE = 0.1;

/**
 * What to carry on the walk: what the plants of each variety took on average on the walks of the three days before, for
 * all of them that are still to visit, and one in ten more. Nothing where nothing was covered then.
 *
 * @example walkSupplies(new Journal(), []).tapeStrips // 0
 */
export function walkSupplies(journal: Journal, walk: readonly WalkedPlant[]): Supplies {
  const walks = journal.all('walk');
  const blooms = journal.all('bloom');
  const seen = new Map<string, { visits: number; used: Supplies }>();
  for (const { plant, variety, day } of walk) {
    for (let before = 1; before <= DAYS_BACK; before += 1) {
      const visit = walks.get(walkId(plant.plant, addDays(day, -before)));
      if (!visit) continue;
      const held = seen.get(variety.variety) ?? { visits: 0, used: NOTHING };
      const covered = [...visit.blooms, ...visit.coveredGreen].flatMap((id) => blooms.get(id) ?? []);
      held.visits += 1;
      held.used = covered.reduce((sum, bloom) => plus(sum, toCover(bloom)), held.used);
      seen.set(variety.variety, held);
    }
  }
  const expected = walk
    .filter(({ visited }) => !visited)
    .reduce((sum, { variety }) => {
      const held = seen.get(variety.variety);
      return held ? plus(sum, held.used, 1 / held.visits) : sum;
    }, NOTHING);
  // A hair less, so that what comes out whole stays so.
  const enough = (count: number): number => Math.max(0, Math.ceil(count * (1 + SPARE) - 1e-9));
  return {
    tapeStrips: enough(expected.tapeStrips),
    bags: enough(expected.bags),
    ties: enough(expected.ties),
    tags: enough(expected.tags),
  };
}

/** What was used, and what that comes to. */
export interface ShoppingList {
  /** Days that were looked at. */
  readonly days: number;
  readonly used: Supplies;
  /** At the same pace, for so many days ahead. */
  readonly ahead: { readonly days: number; readonly supplies: Supplies };
}

const SHOPPING_DAYS_BACK = 7;
const SHOPPING_DAYS_AHEAD = 14;

/**
 * What covering, closing and tagging used up in the last week, and what two more weeks would take at that pace.
 *
 * @example shoppingList(new Journal(), '2026-07-19').used.tags // 0
 */
export function shoppingList(journal: Journal, today: Day): ShoppingList {
  const blooms = journal.bloomsBetween(addDays(today, 1 - SHOPPING_DAYS_BACK), addDays(today, 1));
  const used = blooms
    .filter(({ cover }) => cover !== undefined)
    .reduce((sum, bloom) => {
      const covered = plus(sum, toCover(bloom));
      return bloom.pollination ? plus(covered, toClose(bloom)) : covered;
    }, NOTHING);
  const share = SHOPPING_DAYS_AHEAD / SHOPPING_DAYS_BACK;
  return {
    days: SHOPPING_DAYS_BACK,
    used,
    ahead: { days: SHOPPING_DAYS_AHEAD, supplies: plus(NOTHING, used, share) },
  };
}
