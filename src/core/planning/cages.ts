import { plantsIn } from '../garden/places';
import type { Journal } from '../journal/journal';
import { crossingFrequency } from '../isolation/compatibility';
import type { Cage, Plant, Variety } from '../journal/state';
import type { Day } from '../time/types';

/** A cage as it stands on a day. */
export interface CageNow {
  readonly cage: string;
  readonly name: string;
  /** How many plants stand in it, and of which varieties. */
  readonly plants: number;
  readonly varieties: readonly string[];
  readonly today: Day;
  readonly openToday: boolean;
  /** Days on which it stood open to insects so far. */
  readonly openDays: number;
  /** Since when insects of its own have been in it. */
  readonly stockedSince?: Day;
  /** Cages that stand open today, of which something crosses with what stands in this one. */
  readonly crossesOpen: readonly string[];
  /** Of several that are opened in turn: is it this one's, since it was shut the longest? */
  readonly isNext: boolean;
}

/** A cage with what stands in it. */
interface Caged {
  readonly cage: Cage;
  readonly plants: readonly Plant[];
  readonly varieties: readonly Variety[];
}

/** Is there something in one that crosses with another variety in the other? */
const mayCross = (one: Caged, other: Caged): boolean =>
  one.varieties.some((a) =>
    other.varieties.some((b) => a.variety !== b.variety && crossingFrequency(a.crop, b.crop) === 'freely'),
  );

const lastOpen = ({ cage: { openOn } }: Caged, today: Day): Day | undefined =>
  openOn.findLast((day) => day <= today);

/** Was one shut for longer than the other? Of two that never were open the first by name. */
function shutLonger(one: Caged, other: Caged, today: Day): boolean {
  const [a, b] = [lastOpen(one, today) ?? '', lastOpen(other, today) ?? ''];
  if (a !== b) return a < b;
  return one.cage.name !== other.cage.name
    ? one.cage.name.localeCompare(other.cage.name, 'en') < 0
    : one.cage.cage < other.cage.cage;
}

/**
 * The cages that stand, by name. One that holds nothing was taken away.
 *
 * @example cagesNow(new Journal(), '2026-07-19') // []
 */
export function cagesNow(journal: Journal, today: Day): CageNow[] {
  const plants = journal.all('plant');
  const varieties = journal.all('variety');
  const standing = [...journal.all('cage').values()].flatMap((cage): Caged[] => {
    const held = cage.plants.flatMap((id) => plants.get(id) ?? []).filter(({ removed }) => !removed);
    const of = [...new Set(held.flatMap(({ variety }) => varieties.get(variety) ?? []))];
    return cage.plants.length > 0 ? [{ cage, plants: held, varieties: of }] : [];
  });
  return standing
    .map((caged): CageNow => {
      const { cage, name, openOn, stocked } = caged.cage;
      const others = standing.filter((other) => other !== caged && mayCross(caged, other));
      const inTurn = others.filter((other) => !other.cage.stocked);
      const isInTurn = !stocked && [caged, ...inTurn].some((each) => lastOpen(each, today) !== undefined);
      const names = caged.varieties.map((variety) => variety.name);
      return {
        cage,
        name,
        plants: plantsIn(caged.plants),
        varieties: names.sort((a, b) => a.localeCompare(b, 'en')),
        today,
        openToday: openOn.includes(today),
        openDays: openOn.filter((day) => day <= today).length,
        ...(stocked?.[0] && { stockedSince: stocked[0].day }),
        crossesOpen: others
          .filter((other) => other.cage.openOn.includes(today))
          .map((other) => other.cage.name)
          .sort((a, b) => a.localeCompare(b, 'en')),
        isNext: isInTurn && inTurn.length > 0 && inTurn.every((other) => shutLonger(caged, other, today)),
      };
    })
    .sort((a, b) => a.name.localeCompare(b.name, 'en') || (a.cage < b.cage ? -1 : 1));
}
