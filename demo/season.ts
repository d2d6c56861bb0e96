import { nextTagCodes } from '../src/core/text/tagCode';
import { comparePlants } from '../src/core/garden/places';
import { cropOf, isCoveredBeforeOpening, type CropId } from '../src/core/crops/catalogue';
import type { Bodies } from '../src/core/journal/kinds/kinds';
import type { Entry } from '../src/core/journal/entry';
import type { Finding, MissedReason } from '../src/core/journal/kinds/roundBodies';
import type { BudCount, CoverMethod } from '../src/core/journal/kinds/scout';
import type { Journal } from '../src/core/journal/journal';
import { cohortOf } from '../src/core/journal/cohort';
import type { Bloom, Garden, Plant } from '../src/core/journal/state';
import { fruitsOf, looksDue } from '../src/core/fruit/fruits';
import { flowersDue } from '../src/core/due/flowersDue';
import { outingRequest } from '../src/core/round/outingRequest';
import type { OutingDay } from '../src/core/outing/outingDay';
import { scoutVisitFacts, waitingBlooms } from '../src/core/outing/scoutVisit';
import { openNowOf } from '../src/core/due/openNow';
import { openVisitFacts, type OpenVisit } from '../src/core/due/openVisit';
import { asPlanned } from '@/core/round/asPlanned';
import { stopsOf } from '../src/core/round/stops';
import { planOuting } from '../src/core/round/planOuting';
import { plantsToWalk } from '../src/core/due/outings';
import { addDays, atClock, daysBetween, MS_PER_MINUTE } from '../src/core/time/calendar';
import { sunTimes } from '../src/core/time/sun';
import { seededChance, type Chance } from './chance';
import {
  BARRIERS,
  BEDS,
  DEMO_BEGINS_HOUR,
  ESTATE,
  FEW_MALES,
  FIRST_MORNING,
  KITCHEN_MORNINGS,
  HEAT,
  LAST_EVENING,
  OTHERS,
  OUTSIDE,
  RAIN,
  SEASON,
  SURROUNDINGS,
  VARIETIES,
  type DemoVariety,
} from './estate';
import { DEMO_GARDEN, FIRST_PHONE, Phones, SECOND_PHONE } from './phones';

type Day = string;

/** The season that the app ships with. */
const DEMO_SEED = 20276556;

const NO_BUDS: BudCount = { female: 0, male: 0 };

/** What covers the flowers of a crop here; squash is taped. */
const COVERED_BY: Readonly<Partial<Record<CropId, CoverMethod>>> = { melon: 'bag', bottleGourd: 'cord' };

/** What fate has in store for a pollinated flower. */
interface Fate {
  readonly dropsOn: number | undefined;
  readonly cause: Bodies['looked']['cause'];
}

/**
 * Lives a season of the demo garden, entry by entry, as two phones would have written it.
 *
 * @param seed the same seed gives the same entries, byte for byte.
 * @param until the last evening lived, whose walk stops half-way; later gives a longer journal.
 */
export function liveSeason(seed = DEMO_SEED, until: Day = LAST_EVENING): Entry[] {
  const demo = new DemoSeason(seed);
  demo.plant();
  for (const day of KITCHEN_MORNINGS) demo.kitchenMorning(day);
  for (let day = addDays(FIRST_MORNING, -1); day < until; day = addDays(day, 1)) demo.liveDay(day);
  demo.beginEvening(until);
  return demo.entries;
}
/** The first flower of one variety from that morning on is left open. */
const FORGOTTEN_FROM: Day = '2026-07-04';

class DemoSeason {
  readonly #chance: Chance;
  /** Of what does not open by the morning: it changes nothing of what happens to the squash. */
  readonly #otherChance: Chance;
  #forgot = false;
  readonly #phones: Phones;
  readonly #journal: Journal;
  readonly #garden: Garden = { ...ESTATE, id: DEMO_GARDEN };
  readonly #plantVariety = new Map<string, DemoVariety>();
  readonly #fates = new Map<string, Fate>();

  constructor(seed: number) {
    this.#chance = seededChance(seed);
    this.#phones = new Phones(seededChance(seed + 1));
    this.#otherChance = seededChance(seed + 2);
    this.#journal = this.#phones.journal;
  }

  get entries(): Entry[] {
    return this.#phones.entries;
  }

  plant(): void {
    this.#phones.goTo('2026-05-20', 10);
    this.#phones.tap(['garden.described', ESTATE], ['device.named', { letter: 'K', name: 'First phone' }]);
    this.#phones.tap(['season.named', { season: this.#phones.id(), ...SEASON }]);
    const beds = new Map(Object.keys(BEDS).map((name) => [name, this.#phones.id()]));
    for (const [name, bed] of Object.entries(BEDS))
      this.#phones.tap(['bed.laid', { bed: beds.get(name)!, ...bed }]);
    for (const variety of VARIETIES) {
      const id = this.#phones.id();
      this.#phones.tap(['variety.described', { variety: id, ...variety.body }]);
      for (const row of variety.rows) {
        const plants = Array.from({ length: variety.plantsPerRow }, (_, i) => ({
          plant: this.#phones.id(),
          place: i + 1,
        }));
        plants.forEach(({ plant }) => this.#plantVariety.set(plant, variety));
        this.#phones.tap(['plants.set', { bed: beds.get(variety.bed)!, row, variety: id, plants }]);
      }
    }
    this.#plantOthers(beds);
    this.#phones.device = SECOND_PHONE;
    this.#phones.tap(['device.named', { letter: 'T', name: 'Second phone' }]);
  }

  /** The other crops, the barriers, and what grows outside the garden. */
  #plantOthers(beds: ReadonlyMap<string, string>): void {
    const phones = this.#phones;
    for (const { body, bed, rows, plantsPerRow } of OTHERS) {
      const variety = phones.id();
      phones.tap(['variety.described', { variety, ...body }]);
      for (const row of rows) {
        const plants = Array.from({ length: plantsPerRow }, (_, i) => ({ plant: phones.id(), place: i + 1 }));
        phones.tap(['plants.set', { bed: beds.get(bed)!, row, variety, plants }]);
      }
    }
    for (const barrier of BARRIERS) phones.tap(['barrier.set', { barrier: phones.id(), ...barrier }]);
    for (const outside of OUTSIDE) phones.tap(['outside.described', { source: phones.id(), ...outside }]);
    phones.tap(['surroundings.described', SURROUNDINGS]);
  }

  /** Before the walks began, what was open on the plants grown to eat was counted and brushed. */
  kitchenMorning(day: Day): void {
    const chance = this.#otherChance;
    this.#phones.goTo(day, 6.5);
    this.#phones.device = SECOND_PHONE;
    for (const here of openNowOf(this.#journal, this.#garden, this.#phones.clock)) {
      const open = { female: Math.min(3, chance.count(0.9)), male: 1 + chance.count(1) };
      this.#phones.wait(chance.between(0.5, 1));
      const visit: OpenVisit = { open, method: 'maleFlower', fathers: [here.plant.plant] };
      this.#phones.record(openVisitFacts(this.#journal, here, visit));
    }
  }

  /** Morning round, looks by day, the walks of the afternoon and the evening, and the gourds at dusk. */
  liveDay(day: Day): void {
    this.#phones.goTo(day, 4);
    this.#noteWeather(day);
    this.#round({ day, outing: 'morning' });
    this.#afternoonWalk(day);
    this.#looks(day);
    this.#walk(addDays(day, 1), this.#walked('evening'));
    this.#round({ day, outing: 'dusk' });
  }

  beginEvening(day: Day): void {
    this.#phones.goTo(day, 4);
    this.#noteWeather(day);
    this.#round({ day, outing: 'morning' });
    this.#afternoonWalk(day, 0);
    this.#looks(day, 0.3);
    this.#noteWeather(addDays(day, 1));
    const plants = this.#walked('evening');
    this.#walk(addDays(day, 1), plants.slice(0, Math.floor(plants.length * 0.4)));
  }

  /** Corn and gourds are seen to in the afternoon, all else in the evening; in walking order. */
  #walked(when: 'afternoon' | 'evening'): Plant[] {
    return plantsToWalk(this.#journal)
      .filter(({ plant }) => this.#isEarly(plant) === (when === 'afternoon'))
      .sort(comparePlants(this.#journal.all('bed')));
  }

  #chanceOf(plant: string): Chance {
    return this.#isEarly(plant) ? this.#otherChance : this.#chance;
  }

  #isEarly(plant: string): boolean {
    const { crop } = this.#plantVariety.get(plant)!.body;
    return crop === 'corn' || crop === 'bottleGourd';
  }

  #weather(day: Day): Omit<Bodies['weather.noted'], 'day'> {
    const swing = Math.sin(daysBetween(FIRST_MORNING, day) * 1.7);
    if (RAIN.includes(day)) return { dawnC: 11, maxC: 16, rain: 'long' };
    if (HEAT.includes(day)) return { dawnC: 18, maxC: 33, rain: 'none' };
    return {
      dawnC: Math.round(11 + 2 * swing),
      maxC: Math.round(23 + 3 * swing),
      rain: swing < -0.93 ? 'showers' : 'none',
    };
  }

  #noteWeather(day: Day): void {
    if (this.#journal.all('weather').has(day)) return;
    this.#phones.tap(['weather.noted', { day, ...this.#weather(day) }]);
  }

  #walk(morning: Day, plants: readonly Plant[]): void {
    const evening = addDays(morning, -1);
    this.#phones.device = this.#chance.happens(0.7) ? FIRST_PHONE : SECOND_PHONE;
    this.#phones.goTo(evening, 18.6);
    for (const { plant } of plants) {
      const variety = this.#plantVariety.get(plant)!;
      const early = Math.min(1, Math.max(0.1, daysBetween(FIRST_MORNING, morning) / 10));
      const fewMales = FEW_MALES[variety.key]?.includes(morning) ? 0.25 : 1;
      const inFlower = morning >= (variety.flowersFrom ?? FIRST_MORNING) ? 1 : 0;
      const female = inFlower * Math.min(2, this.#chance.count(variety.females * early));
      const male = inFlower * Math.min(4, this.#chance.count(variety.males * fewMales));
      const green = { female: this.#chance.count(0.2), male: this.#chance.count(0.6) };
      this.#phones.wait(this.#chance.between(0.4, 0.9));
      this.#cover(plant, morning, variety, { female, male }, green);
    }
  }

  /** For the corn that is worked tomorrow, and for the gourds that open at dusk. */
  #afternoonWalk(day: Day, gourds = 1): void {
    const chance = this.#otherChance;
    this.#phones.device = SECOND_PHONE;
    const inFlower = this.#walked('afternoon').filter(
      ({ plant }) => day >= (this.#plantVariety.get(plant)!.flowersFrom ?? day),
    );
    if (inFlower.length === 0) return;
    this.#phones.goTo(day, 16.2);
    const idle: Record<string, string[]> = {};
    for (const { plant } of inFlower) {
      const variety = this.#plantVariety.get(plant)!;
      if (variety.body.crop === 'corn') {
        const ready = waitingBlooms(this.#journal, plant).filter((ear) => this.#hasSilk(ear, chance)).length;
        const shoots = chance.happens(variety.females) ? 1 : 0;
        if (ready + shoots === 0) (idle[addDays(day, 1)] ??= []).push(plant);
        else
          this.#cover(
            plant,
            addDays(day, 1),
            variety,
            { female: ready, male: 0 },
            { female: shoots, male: 0 },
          );
        continue;
      }
      const female = Math.min(1, gourds * chance.count(variety.females));
      const male = Math.min(3, chance.count(variety.males));
      if (female + male === 0) (idle[day] ??= []).push(plant);
      else this.#cover(plant, day, variety, { female, male }, { female: 0, male: chance.count(0.5) });
    }
    this.#bagTassels(addDays(day, 1), idle);
    for (const [on, plants] of Object.entries(idle)) this.#phones.tap(['swept', { day: on, plants }]);
  }

  /** Silk shows some days after the shoot was bagged. */
  #hasSilk(ear: string, chance: Chance): boolean {
    const { at } = this.#journal.all('bloom').get(ear)!.cover!;
    return this.#phones.clock - Date.parse(at) > 2.5 * 24 * 60 * MS_PER_MINUTE && chance.happens(0.6);
  }

  /** As many tassels as ears that can be pollinated, of plants at which there was nothing else to do. */
  #bagTassels(day: Day, idle: Record<string, string[]>): void {
    const due = flowersDue(this.#journal, { day, outing: 'morning' });
    const ears = due.females.filter(({ part }) => part === 'ear').length;
    for (const plant of (idle[day] ?? []).splice(0, ears))
      this.#cover(plant, day, this.#plantVariety.get(plant)!, { female: 0, male: 1 }, NO_BUDS);
  }

  #cover(plant: string, day: Day, variety: DemoVariety, eve: BudCount, green: BudCount): void {
    const used = new Set(Array.from(this.#journal.all('bloom').values(), ({ code }) => code));
    const tags = nextTagCodes(this.#phones.device === FIRST_PHONE ? 'K' : 'T', used, 4);
    const described = this.#journal.all('variety').get(this.#journal.all('plant').get(plant)!.variety)!;
    const crop = cropOf(variety.body.crop);
    if (!isCoveredBeforeOpening(crop)) return;
    const method = variety.body.purpose === 'eat' ? 'none' : COVERED_BY[crop.id];
    this.#phones.record(
      scoutVisitFacts(
        { plant, day, eve, green, method: method ?? 'tape' },
        { journal: this.#journal, variety: described, crop, newId: () => this.#phones.id(), tags },
      ),
    );
  }

  #round(service: OutingDay): void {
    const from = Math.max(this.#phones.clock, this.#roundBegins(service));
    const plan = planOuting(outingRequest(this.#journal, this.#garden, service, from));
    const [own] = plan.rounds;
    if (!own || own.stops.length === 0) return;
    this.#phones.clock = from;
    this.#phones.device = FIRST_PHONE;
    const round = this.#phones.id();
    const { day, outing } = service;
    this.#phones.tap([
      'round.planned',
      { round, day, ...(outing !== 'morning' && { outing }), stops: stopsOf(own) },
    ]);
    for (const stop of this.#journal.all('round').get(round)!.stops) {
      const chance = this.#chanceOf(stop.plant);
      this.#phones.clock = Math.max(
        this.#phones.clock + chance.between(0.7, 1.6) * MS_PER_MINUTE,
        Date.parse(stop.eta),
      );
      const where = { round, stop: stop.stop, plant: stop.plant };
      if (stop.kind === 'pick') {
        const bad = chance.happens(0.04) ? stop.blooms.slice(0, 1) : [];
        this.#phones.tap([
          'picked',
          {
            ...where,
            blooms: stop.blooms.filter((flower) => !bad.includes(flower)),
            spoiled: bad.map((bloom) => ({ bloom, why: 'hole' })),
          },
        ]);
      } else if (stop.kind === 'pollinate') this.#pollinate(stop, where, service);
      else this.#phones.record(asPlanned(this.#journal, this.#journal.all('round').get(round)!, stop));
    }
  }

  /** A while before sunrise or sunset. */
  #roundBegins({ day, outing }: OutingDay): number {
    const { sunrise, sunset } = sunTimes(day, this.#garden);
    return (outing === 'dusk' ? sunset! : sunrise!) - 20 * MS_PER_MINUTE;
  }

  #pollinate(
    stop: {
      readonly bloom: string;
      readonly plant: string;
      readonly donors: Bodies['pollinated']['donors'];
    },
    where: Required<Pick<Bodies['missed'], 'round' | 'stop' | 'plant'>>,
    { day: morning }: OutingDay,
  ): void {
    const variety = this.#plantVariety.get(stop.plant)!;
    const eating = variety.body.purpose === 'eat';
    const chance = this.#chanceOf(stop.plant);
    const missed: MissedReason | undefined = chance.happens(0.025)
      ? 'broke'
      : chance.happens(0.015)
        ? 'notFound'
        : undefined;
    if (missed) {
      this.#phones.tap(['missed', { ...where, bloom: stop.bloom, why: missed }]);
      return;
    }
    const found: Finding = chance.happens(0.04) ? 'hole' : eating && chance.happens(0.5) ? 'open' : 'shut';
    if (found === 'hole' && !eating) {
      this.#phones.tap(['missed', { ...where, bloom: stop.bloom, why: 'hole' }]);
      return;
    }
    const donors = stop.donors.filter(({ bloom }) => !this.#journal.all('bloom').get(bloom)?.spoiled);
    if (donors.length === 0) {
      this.#phones.tap(['missed', { ...where, bloom: stop.bloom, why: 'noPollen' }]);
      return;
    }
    // One flower's tape was forgotten: its chain breaks there.
    const forgotten = variety.key === 'lantern' && morning >= FORGOTTEN_FROM && !this.#forgot;
    if (forgotten) this.#forgot = true;
    const shutAgain = !eating && !forgotten;
    this.#phones.tap([
      'pollinated',
      {
        ...where,
        bloom: stop.bloom,
        donors,
        found,
        method: variety.body.crop === 'corn' ? 'tasselBag' : 'maleFlower',
        shutAgain,
        tagged: true,
      },
    ]);
    this.#fates.set(stop.bloom, this.#fate(variety, morning, donors.length, chance));
  }

  #fate(variety: DemoVariety, morning: Day, males: number, chance: Chance): Fate {
    const rain = RAIN.includes(morning);
    const heat = HEAT.includes(morning);
    const keeps = variety.keeps * (rain ? 0.45 : heat ? 0.65 : 1) * (males > 1 ? 1.1 : 0.9);
    if (chance.happens(keeps)) return { dropsOn: undefined, cause: undefined };
    const early = chance.happens(0.75);
    const dropsOn = Math.round(early ? chance.between(3, 7) : chance.between(9, 13));
    const cause = rain
      ? 'rain'
      : heat
        ? 'heatOrCold'
        : !early
          ? 'tooMuchFruit'
          : chance.happens(0.6)
            ? 'neverPollinated'
            : 'partlyPollinated';
    return { dropsOn, cause };
  }

  /** Looks at what is due; some looks are put off to another day, and on the last day most are still to do. */
  #looks(day: Day, lookedAt = 0.85): void {
    this.#phones.device = this.#chance.happens(0.6) ? FIRST_PHONE : SECOND_PHONE;
    this.#phones.goTo(day, 17.5);
    const fruits = fruitsOf(this.#journal, this.#garden, day, { season: '', ...SEASON });
    const due = new Set(looksDue(fruits, this.#garden, day).map(({ bloom }) => bloom.bloom));
    for (const { bloom: flower, history, variety } of fruits) {
      if (cohortOf(flower.bloom)) {
        if (due.has(flower.bloom)) this.#lookByCount(flower);
        continue;
      }
      const ripe = variety.purpose === 'eat' && history.age >= 6 && history.harvested === undefined;
      const over = history.failed !== undefined || history.ended !== undefined;
      const chance = this.#chanceOf(flower.plant);
      if (over || !(due.has(flower.bloom) || ripe) || !chance.happens(lookedAt)) continue;
      this.#phones.wait(chance.between(0.3, 0.8));
      this.#look(flower.bloom, history.age, variety.purpose === 'eat', chance);
    }
  }

  /** Of some flowers that nobody told apart, fewer are growing each time. */
  #lookByCount({ bloom, count, looks }: Bloom): void {
    const before = looks.at(-1)?.growing ?? count;
    const growing = this.#otherChance.happens(0.75) ? before : Math.max(0, before - 1);
    this.#phones.wait(0.5);
    const seen = growing > 0 ? 'growing' : 'gone';
    this.#phones.tap(['looked', { bloom, seen, growing, of: count }]);
  }

  #look(flower: string, age: number, eating: boolean, chance: Chance): void {
    const fate = this.#fates.get(flower)!;
    if (fate.dropsOn !== undefined && fate.dropsOn <= age) {
      const seen = chance.happens(0.5) ? 'yellowing' : 'gone';
      this.#phones.tap(['looked', { bloom: flower, seen, ...(fate.cause && { cause: fate.cause }) }]);
    } else if (eating && age >= 6) {
      this.#phones.tap(['harvested', { bloom: flower, use: 'eat', tagThere: true, typical: true }]);
    } else if (age > 6 && age < 12 && chance.happens(0.04)) {
      this.#phones.tap(['removed', { bloom: flower, how: 'thinned' }]);
    } else {
      this.#phones.tap([
        'looked',
        { bloom: flower, seen: 'growing', ...(age >= 14 && { tag: 'there' as const }) },
      ]);
    }
  }
}

/** The moment at which the demo begins, UTC milliseconds. */
export const demoBegins = (): number => atClock(LAST_EVENING, DEMO_BEGINS_HOUR, ESTATE.zone);
