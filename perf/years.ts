import type { StoredEntry } from '../src/core/journal/entry';
import { Journal } from '../src/core/journal/journal';
import { KINDS, type Bodies, type Kind } from '../src/core/journal/kinds/kinds';
import { fruitsOf } from '../src/core/fruit/fruits';
import { isolationOf } from '../src/core/planning/isolationOf';
import { gardenPlan } from '../src/core/planning/gardenPlan';
import { purityOf } from '../src/core/purity/purityOf';
import { flowersDue } from '../src/core/due/flowersDue';
import { seasonAt } from '../src/core/season/seasons';
import { todayOf } from '../src/core/today/today';
import { seasonSummary } from '../src/core/years/seasonSummary';
import { addDays } from '../src/core/time/calendar';
import type { Garden } from '../src/core/journal/state';
import { ratioOf, report } from './ratio';

const GARDEN: Garden = {
  id: 'g',
  name: 'Years',
  place: '',
  latitude: 52,
  longitude: 0,
  zone: 'Europe/London',
};
const LAST_YEAR = 2026;
const VARIETIES = 200;
const PLANTS_OF_EACH = 15;
const FLOWERS_OF_EACH = 6;
const TODAY = `${LAST_YEAR}-07-18`;
const NOW = Date.parse(`${TODAY}T18:00:00Z`);

/** A journal of so many seasons, each but the last closed: 200 varieties of one species with 3,000 plants in each. */
class Years {
  readonly journal = new Journal();
  #count = 0;

  constructor(seasons: number) {
    const first = LAST_YEAR - seasons + 1;
    this.#say(`${first}-04-01T08:00:00.000Z`, 'garden.described', { ...GARDEN, place: 'Years' });
    for (let v = 0; v < VARIETIES; v += 1) this.#describe(`${first}-04-01T09:00:00.000Z`, v);
    for (let year = first; year <= LAST_YEAR; year += 1) this.#live(year, year < LAST_YEAR);
  }

  /** What makes every view anew. */
  tap(): void {
    this.#say(`${TODAY}T18:00:00.000Z`, 'weather.noted', {
      ...{ day: TODAY, dawnC: 11, highC: 24, nightC: 12, sky: 'mixed', wind: 'light' },
    } as never);
  }

  #say<K extends Kind>(at: string, kind: K, body: Bodies[K]): void {
    this.#count += 1;
    const id = `e${String(this.#count).padStart(7, '0')}`;
    this.journal.add([
      {
        ...{ id, kind, v: KINDS[kind].version, at, recorded: at, lamport: this.#count },
        ...{ garden: 'g', device: 'bench', action: id, body },
      } as StoredEntry,
    ]);
  }

  #describe(at: string, v: number): void {
    this.#say(at, 'bed.laid', {
      ...{ bed: `b${v}`, name: `B${v}`, x: (v % 20) * 10, y: 3 * Math.floor(v / 20), length: 8, width: 1 },
      ...{ rows: 1, turn: 0, every: 0.5 },
    });
    this.#say(at, 'variety.described', {
      ...{ variety: `v${v}`, name: `Variety ${v}`, crop: 'pepo', purpose: 'seedToKeep' },
      ...{ seedSource: 'ownGuarded', ownPollen: 'lastResort', traits: {} },
    });
  }

  #live(year: number, closed: boolean): void {
    const plantOf = (v: number, i: number): string => `p${year}-${v}-${i}`;
    for (let v = 0; v < VARIETIES; v += 1)
      this.#say(`${year}-05-10T09:00:00.000Z`, 'plants.set', {
        ...{ bed: `b${v}`, row: 1, variety: `v${v}` },
        plants: Array.from({ length: PLANTS_OF_EACH }, (_, i) => ({ plant: plantOf(v, i), place: i + 1 })),
      });
    for (let v = 0; v < VARIETIES; v += 1)
      for (let i = 0; i < FLOWERS_OF_EACH; i += 1) {
        const day = addDays(`${year}-07-01`, (v + 3 * i) % 17);
        const [female, male] = [`f${year}-${v}-${i}`, `m${year}-${v}-${i}`];
        const cover = (plant: string, bloom: string, sex: 'female' | 'male'): void =>
          this.#say(`${addDays(day, -1)}T18:00:00.000Z`, 'covered', {
            ...{ plant, day, method: 'tape' },
            blooms: [{ bloom, sex, code: sex === 'male' ? '' : bloom }],
          });
        cover(plantOf(v, i), female, 'female');
        cover(plantOf(v, i + 1), male, 'male');
        this.#say(`${day}T05:00:00.000Z`, 'pollinated', {
          ...{ bloom: female, plant: plantOf(v, i), donors: [{ plant: plantOf(v, i + 1), bloom: male }] },
          ...{ found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true },
        });
      }
    if (!closed) return;
    const to = `${year}-10-20`;
    const name = String(year);
    this.#say(`${to}T12:00:00.000Z`, 'season.named', { season: `s${year}`, name, from: `${year}-04-01`, to });
    for (let v = 0; v < VARIETIES; v += 1)
      this.#say(`${to}T12:00:00.000Z`, 'plants.ended', {
        plants: Array.from({ length: PLANTS_OF_EACH }, (_, i) => plantOf(v, i)),
        day: to,
      });
  }
}

const VIEWS: Readonly<Record<string, (journal: Journal) => unknown>> = {
  Today: (journal) => todayOf(journal, GARDEN, NOW),
  'the flowers due': (journal) => flowersDue(journal, { day: TODAY, outing: 'morning' }),
  'the fruit of the season': (journal) => fruitsOf(journal, GARDEN, TODAY, seasonAt(journal, TODAY)),
  'the plan': (journal) => gardenPlan(journal, GARDEN, TODAY),
  'the chain of a fruit': (journal) =>
    purityOf(journal, GARDEN, journal.all('bloom').get(`f${LAST_YEAR}-7-2`)!, {
      isolationOf: isolationOf(journal, GARDEN),
    }),
  'a season that is over': (journal) =>
    seasonSummary(journal, GARDEN, {
      season: seasonAt(journal, `${LAST_YEAR - 1}-07-20`),
      today: TODAY,
      isolationOf: isolationOf(journal, GARDEN),
    }),
};

const [FEW, MANY] = [5, 20];

/** Each view after a tap, with 20 seasons against 5, by the number of seasons: 1 where it grows with them. */
export async function yearsBench(): Promise<void> {
  const [few, many] = [new Years(FEW), new Years(MANY)];
  for (const [name, view] of Object.entries(VIEWS)) {
    const after = (years: Years) => (): unknown => {
      years.tap();
      return view(years.journal);
    };
    const ratio = await ratioOf(after(many), after(few), { runs: 5 });
    report(
      `${name}, 20 seasons of 200 varieties and 3,000 plants against 5, by season`,
      (ratio * FEW) / MANY,
      1.2,
    );
  }
}
