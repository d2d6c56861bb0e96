import { cropOf } from '../crops/catalogue';
import { shedsPollen } from '../crops/traits';
import { metresBetween, placesOf } from '../garden/places';
import type { Journal } from '../journal/journal';
import { walkId } from '../journal/kinds/walk';
import { isSuspect } from '../journal/plantCondition';
import { fatherPlants } from '../journal/pollinations';
import type { OpenPlant } from './openNow';
import { cohortOfVisit } from './cohortOfVisit';

/** A plant whose open males may be used, with how many were counted on it today, if anybody did. */
export interface PollenPlant {
  readonly plant: string;
  readonly males: number | undefined;
  /** Females elsewhere that its pollen went to this day, those of several fathers in equal parts. */
  readonly served: number;
  /** Would be used if nothing else is said: only where open males were counted. */
  readonly suggested: boolean;
}

/** Plants offered as fathers besides her own. Our default: what lies within reach. */
const NEIGHBOURS = 4;

/**
 * Whose pollen to use on a plant: her own males if any are open, and the nearest plants with open males of what can
 * father fruit on her. For fruit any of them will do, a variety of the same crossing group too; a plant that looks
 * diseased comes last, and is suggested to no healthy one.
 *
 * @param males open on the plant itself.
 * @example pollenFor(journal, here, 2)[0] // { plant: here, males: 2, suggested: true }
 */
export function pollenFor(journal: Journal, here: OpenPlant, males: number): PollenPlant[] {
  const { plant, variety, day } = here;
  const plants = journal.all('plant');
  const varieties = journal.all('variety');
  const walks = journal.all('walk');
  const places = placesOf(plants.values(), journal.all('bed'));
  const from = places.get(plant.plant);
  const { group } = cropOf(variety.crop);
  const others = [...plants.values()].flatMap((other) => {
    const father = varieties.get(other.variety);
    if (!father || other.removed || other.plant === plant.plant || cropOf(father.crop).group !== group)
      return [];
    if (!shedsPollen(father.traits)) return [];
    const open = walks.get(walkId(other.plant, day))?.open;
    if (open?.male === 0) return [];
    const to = places.get(other.plant);
    const metres = from && to ? metresBetween(from, to) : Infinity;
    const same = other.variety === plant.variety;
    return [{ plant: other.plant, males: open?.male, metres, same, suspect: isSuspect(other) }];
  });
  others.sort(
    (a, b) =>
      Number(a.males === undefined) - Number(b.males === undefined) ||
      Number(a.suspect) - Number(b.suspect) ||
      Number(b.same) - Number(a.same) ||
      a.metres - b.metres ||
      (a.plant < b.plant ? -1 : 1),
  );
  const ownMales = shedsPollen(variety.traits) ? males : 0;
  const served = servedBy(journal, here);
  const own = {
    plant: plant.plant,
    males: ownMales,
    served: served.get(plant.plant) ?? 0,
    suggested: ownMales > 0,
  };
  const next = others.slice(0, NEIGHBOURS).map((other, i): PollenPlant => ({
    plant: other.plant,
    males: other.males,
    served: served.get(other.plant) ?? 0,
    suggested: !own.suggested && i === 0 && (other.males ?? 0) > 0 && (!other.suspect || isSuspect(plant)),
  }));
  return own.males > 0 ? [own, ...next] : next;
}

/**
 * The plants whose pollen would be used if nothing else is said; a trial may lay down her own, or another's.
 *
 * @example suggestedFathers(pollenFor(journal, here, 2), here) // [here.plant.plant]
 */
export function suggestedFathers(
  pollen: readonly PollenPlant[],
  { plant: { plant: own }, tried }: Pick<OpenPlant, 'plant' | 'tried'>,
): string[] {
  const wanted = tried?.way.pollen;
  if (wanted === undefined) return pollen.flatMap(({ plant, suggested }) => (suggested ? [plant] : []));
  const fitting = pollen.filter(({ plant, males }) => (plant === own) === (wanted === 'own') && males !== 0);
  // Of another plant only where open males were counted.
  const [first] = fitting.filter(({ males = 0 }) => males > 0);
  return first ? [first.plant] : [];
}

/**
 * Females that one male can serve on a plant that is grown to eat.
 *
 * @example malesServe(here) // 3 for squash
 */
export const malesServe = ({ variety: { crop } }: Pick<OpenPlant, 'variety'>): number =>
  cropOf(crop).protocols.fruit?.collect?.serves.value ?? 1;

/** Females of other plants that each plant's pollen went to on the day. */
function servedBy(journal: Journal, { plant, day }: OpenPlant): Map<string, number> {
  const served = new Map<string, number>();
  const walks = journal.all('walk');
  for (const other of journal.all('plant').values()) {
    const walk = other.plant === plant.plant ? undefined : walks.get(walkId(other.plant, day));
    const variety = walk?.open?.female ? journal.all('variety').get(other.variety) : undefined;
    if (!variety) continue;
    const bloom = journal.all('bloom').get(cohortOfVisit(other.plant, variety, day));
    const fathers = bloom ? fatherPlants(bloom) : [];
    for (const father of fathers)
      served.set(father, (served.get(father) ?? 0) + bloom!.count / fathers.length);
  }
  return served;
}

/** How far the open males go. `shared`: a male for so many females; `short`: for so many females there is pollen. */
export type MalesFor =
  | { readonly kind: 'enough' }
  | { readonly kind: 'shared'; readonly each: number }
  | { readonly kind: 'short'; readonly reach: number };

/**
 * Whether the open males of some plants do for some females, or must be shared.
 *
 * @param serves females that one male can serve.
 * @returns `undefined` where nobody counted them.
 * @example malesFor([{ males: 1, served: 0, ...rest }], 2, 3) // { kind: 'shared', each: 2 }
 */
export function malesFor(
  fathers: readonly Pick<PollenPlant, 'males' | 'served'>[],
  females: number,
  serves: number,
): MalesFor | undefined {
  if (fathers.length === 0 || fathers.some(({ males }) => males === undefined)) return undefined;
  const males = fathers.reduce((sum, { males: open = 0 }) => sum + open, 0);
  const served = fathers.reduce((sum, father) => sum + father.served, 0);
  if (males >= females + served) return { kind: 'enough' };
  const reach = Math.max(0, Math.floor(males * serves - served));
  return reach >= females
    ? { kind: 'shared', each: Math.ceil((females + served) / males) }
    : { kind: 'short', reach };
}
