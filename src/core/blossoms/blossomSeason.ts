import type { Journal } from '../journal/journal';
import type { BlossomUse } from '../journal/kinds/blossom';
import type { Season } from '../journal/state';
import { byId } from '../text/byId';
import type { Day } from '../time/types';
import { blossomMoney, type BlossomMoney } from './blossomMoney';

/** What was picked at one time. */
interface BlossomPick {
  readonly pick: string;
  readonly day: Day;
  readonly use: BlossomUse;
  readonly count: number;
  /** Of those sold. */
  readonly sold?: BlossomMoney & { readonly currency: string };
}

export interface BlossomSeason {
  /** The latest first. */
  readonly picks: readonly BlossomPick[];
  readonly eaten: number;
  readonly sold: number;
  /** By currency. */
  readonly money: ReadonlyMap<string, number>;
  /** Sold, and without a price that covers it. */
  readonly unpriced: number;
}

/**
 * The blossoms picked in a season.
 *
 * @example blossomSeason(new Journal(), season).sold // 0
 */
export function blossomSeason(journal: Journal, season: Season): BlossomSeason {
  const picks = [...journal.all('blossoms').values()]
    .filter(({ day }) => season.from <= day && day <= season.to)
    .map(({ pick, day, use, of, price }): BlossomPick => {
      const count = of.reduce((sum, each) => sum + each.count, 0);
      if (use === 'eat') return { pick, day, use, count };
      return {
        ...{ pick, day, use, count },
        sold: { ...blossomMoney(count, price), currency: price?.currency ?? '' },
      };
    })
    .sort((a, b) => byId(b.day, a.day) || byId(b.pick, a.pick));
  const money = new Map<string, number>();
  for (const { sold } of picks)
    if (sold && sold.unpriced < sold.pieces + sold.cases)
      money.set(sold.currency, Math.round(100 * ((money.get(sold.currency) ?? 0) + sold.money)) / 100);
  const sum = (of: readonly BlossomPick[]): number => of.reduce((all, { count }) => all + count, 0);
  return {
    picks,
    eaten: sum(picks.filter(({ use }) => use === 'eat')),
    sold: sum(picks.filter(({ use }) => use === 'sell')),
    money,
    unpriced: picks.reduce((all, { sold }) => all + (sold?.unpriced ?? 0), 0),
  };
}
