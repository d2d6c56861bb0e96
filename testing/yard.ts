import type { CropId } from '@/core/crops/catalogue';
import type { VarietyTraits } from '@/core/crops/traits';
import type { Purpose, OwnPollenRule } from '@/core/crops/variety';
import type { Entry, Fact } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';
import { SUBJECT_TYPES } from '@/core/journal/kinds/definition';
import { entryOf } from './entries';
import type { Garden } from '@/core/journal/state';
import { addDays } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';

/** A garden for tests: in Central England, so that clocks show British summer time. */
export const YARD: Garden = {
  id: 'g',
  name: 'Yard',
  place: '',
  latitude: 52.2,
  longitude: -1.7,
  zone: 'Europe/London',
};

const BEGUN = '2026-05-01T09:00:00Z';

export interface GrownInYard {
  readonly variety: string;
  readonly crop: CropId;
  readonly purpose?: Purpose;
  readonly ownPollen?: OwnPollenRule;
  readonly traits?: VarietyTraits;
  /** In one row, at places from 1 on. */
  readonly plants: readonly string[];
}

/** A phone in the garden: what is said on it becomes entries, and it may hear what others said. */
export class Phone {
  readonly journal = new Journal();
  readonly own: Entry[] = [];
  #count = 0;

  constructor(readonly device: string) {}

  say(at: string, ...facts: readonly Fact[]): Entry[] {
    const fresh = facts.map((fact) => {
      this.#count += 1;
      const id = `${this.device}-${String(this.#count).padStart(4, '0')}`;
      const lamport = this.journal.lamport + 1;
      const entry = entryOf(fact, {
        id,
        lamport,
        at: new Date(at).toISOString(),
        device: this.device,
        action: id,
      });
      this.journal.add([entry]);
      return entry;
    });
    this.own.push(...fresh);
    return fresh;
  }

  hear(...others: readonly Phone[]): this {
    for (const other of others) this.journal.add(other.journal.entries());
    return this;
  }
}

/** In the evening one female for a day is covered on each of some plants, and males by the beginnings of their names. */
export function coverOn(
  phone: Phone,
  day: Day,
  plants: readonly string[],
  males: readonly string[] = [],
): void {
  for (const plant of plants)
    phone.say(`${addDays(day, -1)}T18:00:00Z`, {
      kind: 'covered',
      body: {
        ...{ plant, day, method: 'tape' },
        blooms: [
          { bloom: `f-${plant}-${day}`, sex: 'female', code: '' },
          ...males.map((male) => ({ bloom: `${male}-${plant}-${day}`, sex: 'male' as const, code: '' })),
        ],
      },
    });
}

/**
 * A phone on which a garden was begun, each variety in a bed of its own.
 *
 * @example begin([{ variety: 'v', crop: 'pepo', plants: ['p1'] }]).journal.all('plant').size // 1
 */
export function begin(grown: readonly GrownInYard[], device = 'a'): Phone {
  const phone = new Phone(device);
  const { id: _, ...described } = YARD;
  phone.say(BEGUN, { kind: 'garden.described', body: described });
  grown.forEach(
    ({ variety, crop, purpose = 'seedToKeep', ownPollen = 'lastResort', traits = {}, plants }, i) => {
      phone.say(
        BEGUN,
        {
          kind: 'bed.laid',
          body: {
            bed: `bed-${variety}`,
            name: variety,
            x: 1,
            y: 2 * i,
            length: 8,
            width: 1,
            rows: 1,
            turn: 0,
          },
        },
        {
          kind: 'variety.described',
          body: { variety, name: variety, crop, purpose, seedSource: 'ownGuarded', ownPollen, traits },
        },
        {
          kind: 'plants.set',
          body: {
            bed: `bed-${variety}`,
            row: 1,
            variety,
            plants: plants.map((plant, place) => ({ plant, place: place + 1 })),
          },
        },
      );
    },
  );
  return phone;
}

/** Somebody looked around, 20 km far, on some days: all that crosses is described. */
export const lookedAround = (crop: CropId, ...days: readonly Day[]): Fact[] =>
  days.map((day) => ({ kind: 'surroundings.looked', body: { crops: [crop], metres: 20_000, day } }));

/** Every state of a journal, for comparing two. */
export const statesOf = (journal: Journal): unknown =>
  Object.fromEntries(
    SUBJECT_TYPES.map((type) => [type, [...journal.all(type)].sort(([a], [b]) => (a < b ? -1 : 1))]),
  );
