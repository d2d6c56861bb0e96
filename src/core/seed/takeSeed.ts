import type { Extraction, SeedLoss, Taste } from '../journal/kinds/seed';
import type { Fact } from '../journal/entry';
import { LONGEST } from '../journal/limits';
import type { Variety } from '../journal/state';
import { formatTagCode } from '../text/tagCode';
import type { Day } from '../time/types';
import type { WholeFruit } from './seedJobs';

/** A fruit that was opened, and what was found. */
export interface OpenedFruit {
  readonly fruit: WholeFruit;
  readonly taste?: Taste;
  /** Why it gave no seed. */
  readonly none?: SeedLoss;
}

export interface TakenSeed {
  readonly variety: Pick<Variety, 'name'>;
  readonly today: Day;
  readonly how: Extraction;
  readonly ferments: boolean;
  /** In one lot, or each fruit in one of its own. */
  readonly together: boolean;
  /** Mints ids. */
  readonly newId: () => string;
}

/**
 * What is recorded of fruits that are opened: what was found in each, and the lots that their seed goes into, named by
 * the variety and the year in which they were picked; a fruit that is kept by itself by its tag as well.
 *
 * @example takeSeed([{ fruit }], how).map(({ kind }) => kind) // ['fruit.opened', 'seed.extracted']
 */
export function takeSeed(
  opened: readonly OpenedFruit[],
  { variety, today: day, how, ferments, together, newId }: TakenSeed,
): Fact[] {
  const giving = opened.flatMap(({ fruit, none }) => (none === undefined ? [fruit] : []));
  const lotOf = (fruits: readonly WholeFruit[], name: string): Fact => ({
    kind: 'seed.extracted',
    body: {
      ...{ lot: newId(), name, day, how },
      ...(ferments && { ferments }),
      of: fruits.map(({ bloom }) => ({ bloom: bloom.bloom })),
    },
  });
  const nameOf = ({ picked }: WholeFruit, tag = ''): string => {
    const end = [picked.slice(0, 4), ...(tag ? [formatTagCode(tag)] : [])].join(' ');
    return `${variety.name.slice(0, LONGEST.name - end.length - 1).trim()} ${end}`;
  };
  return [
    ...opened.map(({ fruit, taste, none }): Fact => ({
      kind: 'fruit.opened',
      body: { bloom: fruit.bloom.bloom, day, ...(taste && { taste }), ...(none && { none }) },
    })),
    ...(giving.length === 0
      ? []
      : together || giving.length === 1
        ? [lotOf(giving, nameOf(giving[0]!))]
        : giving.map((fruit) => lotOf([fruit], nameOf(fruit, fruit.bloom.code)))),
  ];
}
