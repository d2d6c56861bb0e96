import { nextTagCodes } from '../src/core/text/tagCode';
import type { Finding } from '../src/core/journal/kinds/roundBodies';
import type { Fact } from '../src/core/journal/entry';
import { closeSeason, seasonToClose } from '../src/core/years/closing';
import { addDays, MS_PER_HOUR } from '../src/core/time/calendar';
import type { Day } from '../src/core/time/types';
import type { Chance } from './chance';
import { BEDS, ESTATE, LAST_SEASON, VARIETIES, type PlantedVariety } from './estate';
import { OTHERS } from './neighbours';
import { lastWinter } from './lastWinter';
import { DEMO_GARDEN, Phones } from './phones';

/** The phone that was in hand then. */
const OLD_PHONE = '00000000000000000000DEMQ03';

/** What one flower of the seed crop came to: each shows another way in which a chain holds or does not. */
interface Told {
  readonly day: Day;
  readonly plant: number;
  readonly found?: Finding;
  /** Nobody noted the males. */
  readonly unnamed?: true;
  readonly leftOpen?: true;
  /** Left without pollen, to see what sets by itself. */
  readonly control?: true;
  readonly tag?: 'hardToRead' | 'gone';
  readonly grows: boolean;
  readonly picked?: Day;
}

const FLOWERS: readonly Told[] = [
  { day: '2025-07-12', plant: 0, grows: true, picked: '2025-09-20' },
  { day: '2025-07-12', plant: 1, grows: false },
  { day: '2025-07-14', plant: 2, leftOpen: true, grows: true, picked: '2025-09-20' },
  { day: '2025-07-15', plant: 3, unnamed: true, grows: true, picked: '2025-09-21' },
  { day: '2025-07-17', plant: 0, found: 'torn', grows: true, picked: '2025-09-21' },
  { day: '2025-07-17', plant: 1, control: true, grows: false },
  { day: '2025-07-19', plant: 1, tag: 'hardToRead', grows: true, picked: '2025-09-24' },
  { day: '2025-07-20', plant: 2, tag: 'gone', grows: true },
  { day: '2025-07-22', plant: 3, grows: true },
];

/** The ids under which beds and varieties go on into the next season. */
export interface GoesOn {
  readonly phones: Phones;
  readonly beds: ReadonlyMap<string, string>;
  /** By name. */
  readonly varieties: ReadonlyMap<string, string>;
  /** The sowing of a variety that was kept, by its name. */
  readonly sown: ReadonlyMap<string, string>;
}

/** The summer before: the same beds and varieties, a few plants of them, and a season that was closed. */
export function lastSummer(chance: Chance): GoesOn {
  const phones = new Phones(chance);
  phones.device = OLD_PHONE;
  phones.goTo('2025-05-18', 10);
  phones.tap(['garden.described', ESTATE], ['device.named', { letter: 'H', name: 'Old phone' }]);
  const beds = new Map(Object.keys(BEDS).map((name) => [name, phones.id()]));
  for (const [name, bed] of Object.entries(BEDS)) phones.tap(['bed.laid', { bed: beds.get(name)!, ...bed }]);
  const varieties = new Map<string, string>();
  for (const { body } of [...VARIETIES, ...OTHERS]) {
    const variety = phones.id();
    varieties.set(body.name, variety);
    phones.tap(['variety.described', { variety, ...body, ...lastYears(body) }]);
  }
  const [plants] = VARIETIES.filter(({ key }) => key === 'button' || key === 'flask').map((grown) =>
    Array.from({ length: grown.plantsPerRow }, (_, i) => ({ plant: phones.id(), place: i + 1 })).map(
      (plant) => {
        const [variety, bed] = [varieties.get(grown.body.name)!, beds.get(grown.bed)!];
        phones.tap(['plants.set', { bed, row: grown.rows[0]!, variety, plants: [plant] }]);
        return plant.plant;
      },
    ),
  );
  const codes = nextTagCodes('H', new Set(), FLOWERS.length);
  const flowers = FLOWERS.map((told, i) => ({ ...told, bloom: phones.id(), code: codes[i]!, of: plants! }));
  for (const { day, hour, facts } of flowers.flatMap(factsOf).sort((a, b) => when(a) - when(b))) {
    phones.goTo(day, hour);
    phones.record(facts);
  }
  const garden = { ...ESTATE, id: DEMO_GARDEN };
  phones.goTo(LAST_SEASON.to, 11);
  const toClose = seasonToClose(phones.journal, garden, LAST_SEASON.to);
  const closing = { season: LAST_SEASON, stays: new Set<string>(), ends: () => 'frosted' as const };
  phones.record(closeSeason(toClose, closing, () => phones.id()));
  const picked = flowers.flatMap((told) => (told.picked === undefined ? [] : [told.bloom]));
  const planting = lastWinter({ phones, varieties, picked });
  const { name } = VARIETIES.find(({ key }) => key === 'button')!.body;
  return { phones, beds, varieties, sown: new Map([[name, planting]]) };
}

/** It was sown a year earlier, and what is its own seed by now was bought then. */
const lastYears = ({ sowing, seedSource }: PlantedVariety['body']): Partial<PlantedVariety['body']> => ({
  ...(sowing && { sowing: { ...sowing, day: sowing.day.replace('2026', '2025') } }),
  ...(seedSource === 'ownGuarded' && { seedSource: 'boughtLine' }),
});

interface Said {
  readonly day: Day;
  readonly hour: number;
  readonly facts: readonly Fact[];
}

const when = ({ day, hour }: Said): number => Date.parse(day) + hour * MS_PER_HOUR;

function factsOf({
  bloom,
  code,
  of,
  day,
  found = 'shut',
  unnamed,
  leftOpen,
  control,
  tag,
  grows,
  ...told
}: Told & { readonly bloom: string; readonly code: string; readonly of: readonly string[] }): Said[] {
  const plant = of[told.plant]!;
  const father = of[(told.plant + 1) % of.length]!;
  const male = `${bloom.slice(0, -1)}M`;
  const covered = (on: string, sex: 'female' | 'male', id: string): Fact => ({
    kind: 'covered',
    body: {
      ...{ plant: on, day, method: 'tape' },
      blooms: [
        {
          ...{ bloom: id, sex, code: sex === 'male' ? '' : code },
          ...(control && { role: 'control' as const }),
        },
      ],
    },
  });
  const pollinated: Fact = {
    kind: 'pollinated',
    body: {
      ...{ bloom, plant, donors: unnamed ? [] : [{ plant: father, bloom: male }], found },
      ...{ method: 'maleFlower', shutAgain: !leftOpen, tagged: true },
    },
  };
  return [
    {
      day: addDays(day, -1),
      hour: 19,
      facts: [covered(plant, 'female', bloom), ...(control ? [] : [covered(father, 'male', male)])],
    },
    ...(control ? [] : [{ day, hour: 6.5, facts: [pollinated] }]),
    {
      day: addDays(day, 9),
      hour: 18,
      facts: [
        {
          kind: 'looked',
          body: { bloom, seen: grows ? 'growing' : 'gone', ...(tag && { tag }) },
        },
      ],
    },
    ...(told.picked
      ? [
          {
            day: told.picked,
            hour: 15,
            facts: [
              { kind: 'harvested', body: { bloom, use: 'seed', tagThere: true, typical: true } },
            ] satisfies Fact[],
          },
        ]
      : []),
  ];
}
