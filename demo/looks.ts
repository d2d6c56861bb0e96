import { cropOf } from '../src/core/crops/catalogue';
import { fruitsOf, looksDue } from '../src/core/fruit/fruits';
import { usualSize } from '../src/core/fruit/growth';
import { cohortOf } from '../src/core/journal/cohort';
import type { Bloom, Garden } from '../src/core/journal/state';
import type { Day } from '../src/core/time/types';
import type { Chance } from './chance';
import { SEASON } from './estate';
import type { Fate } from './fate';
import { FIRST_PHONE, SECOND_PHONE, type Phones } from './phones';

export interface LooksOf {
  readonly phones: Phones;
  readonly garden: Garden;
  /** What becomes of each flower that was pollinated. */
  readonly fates: ReadonlyMap<string, Fate>;
  readonly chance: Chance;
  readonly otherChance: Chance;
  readonly chanceOf: (plant: string) => Chance;
}

/** How fruits are looked at, thinned and harvested in the demo garden. */
export class Looks {
  readonly #of: LooksOf;

  constructor(of: LooksOf) {
    this.#of = of;
  }

  /** Looks at what is due; some looks are put off to another day, and on the last day most are still to do. */
  on(day: Day, lookedAt = 0.85): void {
    const { phones, garden, chance: whose, chanceOf } = this.#of;
    phones.device = whose.happens(0.6) ? FIRST_PHONE : SECOND_PHONE;
    phones.goTo(day, 17.5);
    const fruits = fruitsOf(phones.journal, garden, day, { season: '', ...SEASON });
    const due = new Set(looksDue(fruits, garden, day).map(({ bloom }) => bloom.bloom));
    for (const { bloom: flower, history, variety } of fruits) {
      if (cohortOf(flower.bloom)) {
        if (due.has(flower.bloom)) this.#lookByCount(flower);
        continue;
      }
      const ripe = variety.purpose === 'eat' && history.age >= 6 && history.harvested === undefined;
      const over = history.failed !== undefined || history.ended !== undefined;
      const chance = chanceOf(flower.plant);
      if (over || !(due.has(flower.bloom) || ripe) || !chance.happens(lookedAt)) continue;
      phones.wait(chance.between(0.3, 0.8));
      this.#look(flower.bloom, history.age, variety.purpose === 'eat', chance);
    }
  }

  /** Of some flowers that nobody told apart, fewer are growing each time. */
  #lookByCount({ bloom, count, looks }: Bloom): void {
    const { phones, otherChance } = this.#of;
    const before = looks.at(-1)?.growing ?? count;
    const growing = otherChance.happens(0.75) ? before : Math.max(0, before - 1);
    phones.wait(0.5);
    const seen = growing > 0 ? 'growing' : 'gone';
    phones.tap(['looked', { bloom, seen, growing, of: count }]);
  }

  /** Of squash for seed the size is noted; what will drop stays behind. */
  #sizeOf(flower: string, age: number, { dropsOn }: Fate): { readonly mm?: number } {
    const { journal } = this.#of.phones;
    const plant = journal.all('plant').get(journal.all('bloom').get(flower)!.plant)!;
    const { crop } = journal.all('variety').get(plant.variety)!;
    const { growth } = cropOf(crop);
    if (!growth || crop !== 'maxima') return {};
    // Each its own size: from its id, so that no other chance changes.
    const own = 0.85 + (parseInt(flower.slice(-3), 36) % 30) / 100;
    const grown = dropsOn === undefined ? age : Math.min(age, dropsOn / 2);
    return { mm: Math.round(own * usualSize(growth, grown)) };
  }

  #look(flower: string, age: number, eating: boolean, chance: Chance): void {
    const { phones, fates } = this.#of;
    const fate = fates.get(flower)!;
    if (fate.dropsOn !== undefined && fate.dropsOn <= age) {
      const seen = chance.happens(0.5) ? 'yellowing' : 'gone';
      phones.tap(['looked', { bloom: flower, seen, ...(fate.cause && { cause: fate.cause }) }]);
    } else if (eating && age >= 6) {
      phones.tap(['harvested', { bloom: flower, use: 'eat', tagThere: true, typical: true }]);
    } else if (age > 6 && age < 12 && chance.happens(0.04)) {
      phones.tap(['removed', { bloom: flower, how: 'thinned' }]);
    } else {
      phones.tap([
        'looked',
        {
          ...{ bloom: flower, seen: 'growing' },
          ...(age >= 14 && { tag: 'there' as const }),
          ...this.#sizeOf(flower, age, fate),
        },
      ]);
    }
  }
}
