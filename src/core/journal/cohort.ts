import type { Part } from '../crops/crop';
import type { Day } from '../time/types';
import type { BloomSex } from './kinds/walk';

/** Flowers of one plant and day that nobody tells apart: they are followed by count. */
export interface Cohort {
  readonly plant: string;
  /** Of flowers that open on one day; a truss has none, and a mark instead. */
  readonly day?: Day;
  readonly part: Part;
  readonly sex: BloomSex;
  /** What tells it from others of the plant: a truss’s number from below, the colour of a tie. */
  readonly mark?: string;
}

/**
 * The id of a cohort follows from what it is, so that two phones that count the same flowers speak of one subject.
 *
 * @example cohortId({ plant: 'p1', day: '2026-07-19', part: 'flower', sex: 'female' }) // 'p1|2026-07-19|flower|female'
 */
export const cohortId = ({ plant, day = '', part, sex, mark }: Cohort): string =>
  [plant, day, part, sex, ...(mark === undefined ? [] : [mark])].join('|');

/**
 * What the id of a cohort says; `undefined` for the id of a bloom that is followed by itself.
 *
 * @example cohortOf('p1|2026-07-19|flower|female')?.plant // 'p1'
 */
export function cohortOf(id: string): Cohort | undefined {
  // Nearly all are: asked of every entry, splitting each id is a tenth of a fold.
  if (!id.includes('|')) return undefined;
  const [plant, day, part, sex, mark] = id.split('|');
  if (!plant || !part || !sex || !(day || mark)) return undefined;
  return {
    plant,
    ...(day && { day }),
    part: part as Part,
    sex: sex as BloomSex,
    ...(mark && { mark }),
  };
}

/** An entry that counts flowers, and the entries whose flowers its writer knew to be counted already. */
export interface Counting {
  readonly entry: string;
  readonly count: number;
  readonly after: readonly string[];
}

export interface CountedFlowers {
  readonly count: number;
  /** Two counted without knowing of each other: the larger holds, until somebody puts it right. */
  readonly clash: boolean;
}

/**
 * How many flowers some entries have counted. An entry adds to those its writer knew of; entries that did not know of
 * each other counted the same flowers, so that the larger holds.
 *
 * @example countedFlowers([{ entry: 'a', count: 2, after: [] }, { entry: 'b', count: 1, after: ['a'] }]).count // 3
 */
export function countedFlowers(countings: readonly Counting[]): CountedFlowers {
  const byEntry = new Map(countings.map((counting) => [counting.entry, counting]));
  const totals = new Map<string, number>();
  const totalOf = (entry: string, within: ReadonlySet<string>): number => {
    const known = totals.get(entry);
    if (known !== undefined) return known;
    const counting = byEntry.get(entry);
    // Entries that name each other in a ring can only come from damage.
    if (!counting || within.has(entry)) return 0;
    const inside = new Set(within).add(entry);
    const total = counting.count + Math.max(0, ...counting.after.map((before) => totalOf(before, inside)));
    totals.set(entry, total);
    return total;
  };
  const known = new Set(countings.flatMap(({ after }) => after));
  const heads = countings.filter(({ entry }) => !known.has(entry));
  const all = countings.map(({ entry }) => totalOf(entry, new Set()));
  return { count: Math.max(0, ...all), clash: heads.length > 1 };
}
