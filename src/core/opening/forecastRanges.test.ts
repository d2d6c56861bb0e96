import { seededChance, type Chance } from '../random/chance';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { forecastChances, type CountedPlant, type VarietyForecast } from './forecastOpenings';

/**
 * Gardens whose buds are followed one by one, and what forecasts said of them. They import nothing of the forecast: stages
 * are gamma distributed, of other lengths; a day's weather speeds up or holds back all buds otherwise than it was measured,
 * each evening is read with an eye of its own, some mornings take many buds, plants are of unequal vigour, and evenings are
 * left out.
 */
interface Nature {
  readonly plants: number;
  /** Against the usual time to open, and how many buds are lost. */
  readonly slow: number;
  readonly lost: number;
  /** Spread of the logarithm of a day's development, of the part of buds that is misread, and of the part that is lost. */
  readonly shared: number;
}

const FIRST: Day = '2026-07-01';
const DAYS = 26;
/** Evenings that are learnt from before the first forecast. */
const LEARNT = 12;
const AHEAD = 5;
/** Evenings on which a forecast is made. */
const EVERY = 6;
const GROWS_FROM = -12;

interface Grown {
  /** By plant and day, from the first on; nothing where an evening was left out. */
  readonly seen: readonly (readonly ({ eve: number; green: number; pin: number } | undefined)[])[];
  readonly opened: readonly (readonly number[])[];
}

class Draws {
  constructor(private readonly chance: Chance) {}
  share = (): number => this.chance.below(1);
  /** Sum of exponentials: whole shapes are enough here. */
  gamma(shape: number): number {
    let sum = 0;
    for (let i = 0; i < shape; i += 1) sum -= Math.log(1 - this.share());
    return sum / shape;
  }
  poisson(mean: number): number {
    let n = 0;
    for (let left = Math.exp(-mean), p = this.share(); p > left; p *= this.share()) n += 1;
    return n;
  }
  normal(): number {
    return Math.sqrt(-2 * Math.log(1 - this.share())) * Math.cos(2 * Math.PI * this.share());
  }
}

function grow({ plants, slow, lost, shared }: Nature, seed: number): Grown {
  const draw = new Draws(seededChance(seed));
  const days = Array.from({ length: DAYS - GROWS_FROM + 1 }, () => ({
    development: Math.exp(shared * draw.normal()),
    misread: Math.min(0.5, 0.1 * Math.exp(2 * shared * draw.normal())),
    lost: Math.min(0.9, lost * Math.exp(2 * shared * draw.normal())),
  }));
  /** Development that has passed by each day's evening. */
  const passed = [0];
  for (const { development } of days) passed.push(passed.at(-1)! + development);
  const by = (day: number): number => passed[day - GROWS_FROM] ?? Infinity;
  const on = (day: number) => days[day - GROWS_FROM]!;
  const each = Array.from({ length: plants }, () => {
    const vigour = 0.3 + 1.4 * draw.share();
    const buds: { start: number; green: number; eve: number; lostAfter: number }[] = [];
    for (let born = GROWS_FROM; born < DAYS; born += 1)
      for (let i = draw.poisson(vigour); i > 0; i -= 1) {
        const start = by(born) + draw.share() * on(born).development;
        const green = start + slow * 2.4 * draw.gamma(9);
        const eve = green + slow * 1.5 * draw.gamma(8);
        // At any time of its life.
        const lostAfter = draw.share() < on(born).lost ? start + draw.share() * (eve - start) : Infinity;
        buds.push({ start, green, eve, lostAfter });
      }
    const opensOn = (day: number): number =>
      buds.filter(({ eve, lostAfter }) => lostAfter === Infinity && eve <= by(day) && eve > by(day - 1))
        .length;
    const read = (day: number) => {
      const counts = { eve: 0, green: 0, pin: 0 };
      for (const { start, green, eve, lostAfter } of buds) {
        const now = by(day);
        if (start > now || now > lostAfter || eve <= by(day - 1)) continue;
        const age = eve <= now ? 'eve' : green <= now ? 'green' : 'pin';
        const isMisread = draw.share() < on(day).misread;
        counts[!isMisread ? age : age !== 'green' ? 'green' : draw.share() < 0.5 ? 'eve' : 'pin'] += 1;
      }
      return counts;
    };
    const all = Array.from({ length: DAYS }, (_, day) => day);
    return {
      seen: all.map((day) => (draw.share() < 0.2 ? undefined : read(day))),
      opened: all.map(opensOn),
    };
  });
  return { seen: each.map(({ seen }) => seen), opened: each.map(({ opened }) => opened) };
}

/** Where a number falls in what was stated, spread evenly over its own chance [randomised, Czado, Gneiting & Held 2009]. */
const placeIn = (chances: readonly number[], number: number, share: number): number =>
  chances.slice(0, number).reduce((sum, chance) => sum + chance, 0) + share * (chances[number] ?? 0);

const SCOPES = ['plant', 'variety', 'plant, five days', 'variety, five days'] as const;
type Scope = (typeof SCOPES)[number];

interface Held {
  inside: number;
  of: number;
  /** What was expected, and what came. */
  mean: number;
  came: number;
}

const noneYet = (): Record<Scope, Held> =>
  Object.fromEntries(SCOPES.map((scope) => [scope, { inside: 0, of: 0, mean: 0, came: 0 }])) as Record<
    Scope,
    Held
  >;

const sum = (numbers: readonly number[]): number => numbers.reduce((all, each) => all + each, 0);

/** Adds how often what came lay in the range of four in five. */
function judge(nature: Nature, seed: number, held: Record<Scope, Held>): void {
  const draw = new Draws(seededChance(seed + 1e4));
  const note = (scope: Scope, chances: readonly number[], came: number): void => {
    const place = placeIn(chances, came, draw.share());
    held[scope].of += 1;
    held[scope].inside += Number(place >= 0.1 && place <= 0.9);
    held[scope].came += came;
    held[scope].mean += sum(chances.map((chance, n) => n * chance));
  };
  const { seen, opened } = grow(nature, seed);
  for (let from = LEARNT; from + AHEAD <= DAYS; from += EVERY) {
    const [found] = forecastChances(
      {
        days: Array.from({ length: AHEAD }, (_, ahead) => addDays(FIRST, from + ahead)),
        crops: [
          {
            development: MILD,
            varieties: [{ variety: 'v', plants: seen.map((days, i) => counted(days, i, from)) }],
          },
        ],
      },
      (chances) => chances,
    ).varieties;
    const males = ({ flowers }: Pick<VarietyForecast<readonly number[]>, 'flowers'>) =>
      flowers.find(({ sex }) => sex === 'male')!;
    const came = opened.map((own) => own.slice(from, from + AHEAD));
    const all = males(found!);
    for (const [ahead, chances] of all.days.entries())
      note('variety', chances, sum(came.map((own) => own[ahead]!)));
    note('variety, five days', all.total, sum(came.flat()));
    for (const [i, plant] of found!.plants.entries()) {
      if (!plant.countedFor) continue;
      const { days, total } = males(plant);
      for (const [ahead, chances] of days.entries()) note('plant', chances, came[i]![ahead]!);
      note('plant, five days', total, sum(came[i]!));
    }
  }
}

const NONE = { eve: 0, green: 0, pin: 0 };

/** A plant as it was counted until a day, the latest first. */
const counted = (days: Grown['seen'][number], plant: number, until: number): CountedPlant => ({
  plant: String(plant),
  counts: days
    .slice(0, until + 1)
    .flatMap((male, day) => (male ? [{ day: addDays(FIRST, day), buds: { male, female: NONE } }] : []))
    .reverse(),
});

/** As the weather was measured. */
const MILD = new Map(Array.from({ length: 60 }, (_, i) => [addDays(FIRST, i - 20), 1]));

/** Any garden: buds from a third quicker to half as slow again, of which few or a third are lost, in any weather. */
const anyNature = (draw: Draws, plants: number): Nature => ({
  plants,
  slow: Math.exp(0.25 * draw.normal()),
  lost: 0.02 + 0.3 * draw.share(),
  shared: 0.1 + 0.25 * draw.share(),
});

// Over 100 gardens of 3 to 40 plants, four evenings of each: of plants on a day 0.82, of varieties 0.82, over five days
// 0.84 and 0.81; what was expected is 0.98 of what came. Here with fewer, whose days are alike.
test('four of five cases lie in the range, for a plant and a variety, on a day and over five', () => {
  const draw = new Draws(seededChance(9));
  const held = noneYet();
  for (let garden = 0; garden < 36; garden += 1)
    judge(anyNature(draw, [3, 8, 20][garden % 3]!), 5000 + garden, held);
  const [plant, variety, plantDays, varietyDays] = SCOPES.map((scope) => held[scope].inside / held[scope].of);
  for (const share of [plant!, variety!, plantDays!, varietyDays!]) expect(share).toBeGreaterThan(0.77);
  for (const share of [plant!, variety!, plantDays!]) expect(share).toBeLessThan(0.86);
  // Of 72 times 0.8 is seen as 0.9 or more once in a hundred.
  expect(varietyDays!).toBeLessThan(0.9);
  for (const scope of SCOPES) {
    const { mean, came } = held[scope];
    expect(Math.abs(mean / came - 1)).toBeLessThan(0.06);
  }
});
