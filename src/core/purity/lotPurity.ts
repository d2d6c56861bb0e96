import type { SeedSource } from '../crops/variety';
import type { Journal } from '../journal/journal';
import { lotParts } from '../journal/lotParts';
import type { Bloom } from '../journal/state';
import type { Day } from '../time/types';
import type { Grade, Purity } from './fruitPurity';
import { GRADES_BEST_FIRST } from '../journal/kinds/grades';

/** A share of a lot with the grade of the fruit, or the packet, that it is of. */
export interface GradedPart {
  readonly id: string;
  /** 0 to 1; of all parts together 1. */
  readonly share: number;
  readonly grade: Grade;
}

/** How much better the rest of a lot is, if some of it is kept apart. */
interface KeptApart {
  /** The parts to keep apart. */
  readonly ids: readonly string[];
  /** Of what is left: its grade, and its share of the lot. */
  readonly grade: Grade;
  readonly share: number;
}

export interface LotPurity {
  /** That of its weakest part. */
  readonly grade: Grade;
  readonly shares: Readonly<Record<Grade, number>>;
  /** What would have to be kept apart for each better grade, the best first. */
  readonly apart: readonly KeptApart[];
  /** The share of its seed that may not be true to type, from least to most. */
  readonly offTypes: readonly [number, number];
}

/**
 * The most of a fruit's seed that may have another father, by its grade. Our defaults: what is covered by hand is off by
 * a seed in a hundred now and then; of what is doubtful half may be; of what is not for seed nobody can say.
 */
const OFF_TYPES_AT_MOST: Readonly<Record<Grade, number>> = {
  true: 0.01,
  unproven: 0.2,
  doubtful: 0.5,
  notForSeed: 1,
};

/**
 * The purity of seed that was put together: as good as its weakest part, since nobody can sort it any more. Common
 * practice, no source.
 *
 * @param parts of which at least one has a share above 0.
 * @returns `undefined` of nothing.
 * @example lotPurity([{ id: 'f', share: 1, grade: 'true' }])?.grade // 'true'
 */
export function lotPurity(parts: readonly GradedPart[]): LotPurity | undefined {
  const held = parts.filter(({ share }) => share > 0);
  if (held.length === 0) return undefined;
  const total = held.reduce((sum, { share }) => sum + share, 0);
  const shares = { true: 0, unproven: 0, doubtful: 0, notForSeed: 0 };
  for (const { share, grade } of held) shares[grade] += share / total;
  const grade = GRADES_BEST_FIRST.findLast((each) => shares[each] > 0)!;
  const better = GRADES_BEST_FIRST.slice(0, rank(grade)).filter((each) => shares[each] > 0);
  return {
    grade,
    shares,
    apart: better.map((best) => ({
      ids: held.filter((part) => rank(part.grade) > rank(best)).map(({ id }) => id),
      grade: best,
      share: GRADES_BEST_FIRST.slice(0, rank(best) + 1).reduce((sum, each) => sum + shares[each], 0),
    })),
    offTypes: [0, GRADES_BEST_FIRST.reduce((sum, each) => sum + shares[each] * OFF_TYPES_AT_MOST[each], 0)],
  };
}

const rank = (grade: Grade): number => GRADES_BEST_FIRST.indexOf(grade);

/** What seed is that came from somewhere, as a grade. What an F1 bears is of no variety. */
export const GRADE_OF_SOURCE: Readonly<Record<SeedSource, Grade>> = {
  ownGuarded: 'true',
  boughtLine: 'true',
  swapped: 'unproven',
  unknown: 'unproven',
  openGarden: 'doubtful',
  f1: 'notForSeed',
};

/** What a plant is sown from that grew of a fruit of that grade. */
const SOURCE_OF_GRADE: Readonly<Record<Grade, SeedSource>> = {
  true: 'ownGuarded',
  unproven: 'unknown',
  doubtful: 'openGarden',
  notForSeed: 'openGarden',
};

/** How a fruit is judged whose seed went into a lot. */
type JudgedFruit = Pick<Purity, 'grade' | 'cross' | 'chain'>;

/** A cross, and what comes of one or of a hybrid, whose plants will differ. */
const segregates = ({ cross, chain }: JudgedFruit): boolean =>
  cross !== undefined ||
  chain.some(({ reasons }) =>
    reasons.some(({ code }) => code === 'seed.f1' || code === 'seed.father.f1' || code === 'seed.f1Parent'),
  );

/**
 * Where the seed of a lot came from, for plants that are sown from it: of each fruit by its purity, the seed of a cross, or of
 * what was sown from one, as that of an F1; each once. Fruits of which nothing is known here are left out: what was said at the sowing stands.
 *
 * @param until as the lot was on that day.
 * @param judge the purity of a fruit; `undefined` where it is not known.
 * @example sourcesOfLot(journal, 'l1', undefined, judge) // ['ownGuarded']
 */
export function sourcesOfLot(
  journal: Journal,
  id: string,
  until: Day | undefined,
  judge: (bloom: Bloom) => JudgedFruit | undefined,
): SeedSource[] {
  const sources = new Set<SeedSource>();
  const seen = new Set<string>();
  const read = (lotId: string, then: Day | undefined): void => {
    const key = `${lotId} ${then}`;
    const lot = journal.all('lot').get(lotId);
    if (!lot || seen.has(key)) return;
    seen.add(key);
    for (const part of lotParts(lot, then)) {
      if (part.from === 'lot') read(part.lot, part.day);
      else if (part.from === 'elsewhere') sources.add(part.source);
      else {
        const bloom = journal.all('bloom').get(part.bloom);
        const judged = bloom && judge(bloom);
        if (judged) sources.add(segregates(judged) ? 'f1' : SOURCE_OF_GRADE[judged.grade]);
      }
    }
  };
  read(id, until);
  return [...sources];
}
