import { nextTagCodes } from '../src/core/text/tagCode';
import { comparePlants } from '../src/core/garden/places';
import { cropOf, isCoveredBeforeOpening, type CropId } from '../src/core/crops/catalogue';
import type { Entry } from '../src/core/journal/entry';
import type { BudCount, CoverMethod } from '../src/core/journal/kinds/walk';
import type { Journal } from '../src/core/journal/journal';
import type { Garden, Plant } from '../src/core/journal/state';
import { flowersDue } from '../src/core/due/flowersDue';
import { walkFacts, waitingBlooms } from '../src/core/outing/walkFacts';
import { openNowOf } from '../src/core/due/openNow';
import { openVisitFacts, type OpenVisit } from '../src/core/due/openVisit';
import { plantsToWalk } from '../src/core/due/outings';
import { addDays, atClock, daysBetween, MS_PER_MINUTE } from '../src/core/time/calendar';
import { seededChance, type Chance } from './chance';
import {
  DEMO_BEGINS_HOUR,
  ESTATE,
  FEW_MALES,
  FIRST_MORNING,
  KITCHEN_MORNINGS,
  LAST_EVENING,
  TRIALS,
  VARIETIES,
  type DemoVariety,
} from './estate';
import { weatherOf, type Fate } from './fate';
import { lastSummer, type GoesOn } from './lastSummer';
import { Looks } from './looks';
import { DEMO_GARDEN, FIRST_PHONE, Phones, SECOND_PHONE } from './phones';
import { plantEstate } from './plantEstate';
import { Rounds } from './rounds';

type Day = string;

/** The season that the app ships with. */
const DEMO_SEED = 20276556;

const NO_BUDS: BudCount = { female: 0, male: 0 };

/** What covers the flowers of a crop here; squash is taped. */
const COVERED_BY: Readonly<Partial<Record<CropId, CoverMethod>>> = { melon: 'bag', bottleGourd: 'cord' };

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

class DemoSeason {
  readonly #chance: Chance;
  /** Of what does not open by the morning: it changes nothing of what happens to the squash. */
  readonly #otherChance: Chance;
  readonly #before: GoesOn;
  readonly #phones: Phones;
  readonly #journal: Journal;
  readonly #garden: Garden = { ...ESTATE, id: DEMO_GARDEN };
  readonly #plantVariety = new Map<string, DemoVariety>();
  readonly #fates = new Map<string, Fate>();
  readonly #looks: Looks;
  readonly #rounds: Rounds;

  constructor(seed: number) {
    this.#chance = seededChance(seed);
    this.#before = lastSummer(seededChance(seed + 3));
    this.#phones = new Phones(seededChance(seed + 1), this.#before.phones.entries);
    this.#otherChance = seededChance(seed + 2);
    this.#journal = this.#phones.journal;
    const [phones, garden, fates] = [this.#phones, this.#garden, this.#fates];
    const chanceOf = (plant: string): Chance => this.#chanceOf(plant);
    this.#looks = new Looks({
      phones,
      garden,
      fates,
      chance: this.#chance,
      otherChance: this.#otherChance,
      chanceOf,
    });
    const varietyOf = (plant: string): DemoVariety => this.#plantVariety.get(plant)!;
    this.#rounds = new Rounds({ phones, garden, fates, chanceOf, varietyOf });
  }

  plant(): void {
    plantEstate(this.#phones, this.#before).forEach((variety, plant) =>
      this.#plantVariety.set(plant, variety),
    );
  }

  get entries(): Entry[] {
    return this.#phones.entries;
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
    this.#planTrials(day);
    this.#noteWeather(day);
    this.#rounds.walk({ day, outing: 'morning' });
    this.#afternoonWalk(day);
    this.#looks.on(day);
    this.#walk(addDays(day, 1), this.#walked('evening'));
    this.#rounds.walk({ day, outing: 'dusk' });
  }

  beginEvening(day: Day): void {
    this.#phones.goTo(day, 4);
    this.#noteWeather(day);
    this.#rounds.walk({ day, outing: 'morning' });
    this.#afternoonWalk(day, 0);
    this.#looks.on(day, 0.3);
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

  #planTrials(day: Day): void {
    const varieties = [...this.#journal.all('variety').values()];
    for (const { key, ...trial } of TRIALS.filter(({ from }) => from === day)) {
      const { name } = VARIETIES.find((each) => each.key === key)!.body;
      const { variety } = varieties.find((each) => each.name === name)!;
      this.#phones.device = FIRST_PHONE;
      this.#phones.tap(['trial.planned', { trial: this.#phones.id(), variety, ...trial }]);
    }
  }

  #noteWeather(day: Day): void {
    if (this.#journal.all('weather').has(day)) return;
    this.#phones.tap(['weather.noted', { day, ...weatherOf(day) }]);
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
      walkFacts(
        { plant, day, eve, green, method: method ?? 'tape' },
        { journal: this.#journal, variety: described, crop, newId: () => this.#phones.id(), tags },
      ),
    );
  }
}

/** The moment at which the demo begins, UTC milliseconds. */
export const demoBegins = (): number => atClock(LAST_EVENING, DEMO_BEGINS_HOUR, ESTATE.zone);
