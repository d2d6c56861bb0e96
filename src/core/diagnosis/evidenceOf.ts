import { cropOf, type CropId } from '../crops/catalogue';
import { factsOf } from '../flowers/forms/forms';
import type { SetTrial } from '../analysis/setTrials';
import type { Fruit } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import { crossingFrequency } from '../isolation/compatibility';
import { FRUIT_SIGNS, type FruitSign, type LookFinding } from '../journal/kinds/fruit';
import { pollinationsOf } from '../journal/pollinations';
import { zoneOf } from '../journal/zoneOf';
import { addDays, dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import type { Evidence } from './diagnose';

/** So many hours after opening pollen is past its best: the last third of a squash's morning. Our default. */
const LATE_HOURS = 3;
/** So much fruit older than it makes a plant drop young ones. Our default. */
const OTHERS_SWELL = 2;
/** The weather of so many days from the pollination on decides. Our default. */
const WEATHER_DAYS = 3;
/** Where a crop's facts name no heat or cold that harms it, °C. Our defaults. */
const USUAL = { heat: 35, cold: 8 } as const;

/**
 * What is known of a fruit that failed: what its looks saw, and what the records say of its flower.
 *
 * @param factors of its pollination, as `setFactors` knows them.
 * @example evidenceOf(journal, fruit, { males: 1 }).fewMales // true
 */
export function evidenceOf(
  journal: Journal,
  fruit: Fruit,
  factors: SetTrial['factors'] | undefined,
): Evidence {
  return { ...circumstances(journal, fruit, factors), ...signsOf(fruit) };
}

/**
 * What a look's finding says by itself: that an ear is thin and empty says that it is empty.
 *
 * @example signSaidBy('misshapen', 'melon') // 'tapered'
 */
export function signSaidBy(finding: LookFinding, crop: CropId): FruitSign | undefined {
  const { flower } = cropOf(crop);
  return flower && factsOf(flower).saidBy[finding];
}

function signsOf({ bloom, variety }: Fruit): Evidence {
  const seen = new Map<FruitSign, boolean>();
  // What was there once was there; that it is not there now says nothing of that.
  for (const { without = [] } of bloom.looks) for (const sign of without) seen.set(sign, false);
  for (const { signs = [] } of bloom.looks) for (const sign of signs) seen.set(sign, true);
  for (const { seen: finding } of bloom.looks) {
    const sign = signSaidBy(finding, variety.crop);
    if (sign) seen.set(sign, true);
  }
  return Object.fromEntries(FRUIT_SIGNS.flatMap((sign) => (seen.has(sign) ? [[sign, seen.get(sign)!]] : [])));
}

function circumstances(journal: Journal, fruit: Fruit, factors: SetTrial['factors'] = {}): Evidence {
  const { history, variety } = fruit;
  const { males, hour, late, load, rain, ownPlant } = factors;
  const weather = extremes(journal, history.since, variety.crop);
  // Found failed so soon, it had not grown; found later, it may have.
  const early = history.failed !== undefined && history.failed <= history.looks.early.value[1] + 1;
  return known({
    grew: history.lastGrowing > 0 ? true : early ? false : undefined,
    fewMales: typeof males === 'number' ? males < 2 : undefined,
    late:
      late === 1 || (typeof hour === 'number' && hour > LATE_HOURS) ? true : late === 0 ? false : undefined,
    oneDay: onOneDay(journal, fruit),
    ownPlant: typeof ownPlant === 'number' ? ownPlant === 1 : undefined,
    unfitPollen: isUnfit(journal, fruit),
    rained: typeof rain === 'number' ? rain === 1 : undefined,
    hotOrCold: weather,
    // Fruit that nobody pollinated by hand is in no record: few known ones prove nothing.
    othersSwell: typeof load === 'number' && load >= OTHERS_SWELL ? true : undefined,
  });
}

const known = (evidence: { readonly [K in keyof Evidence]: boolean | undefined }): Evidence =>
  Object.fromEntries(Object.entries(evidence).filter(([, so]) => so !== undefined));

/** Was it pollinated on one day only; `undefined` where that is told of several together. */
function onOneDay(journal: Journal, { bloom, count }: Fruit): boolean | undefined {
  const pollinations = pollinationsOf(bloom);
  if (count > 1 || pollinations.length === 0) return undefined;
  const zone = zoneOf(journal);
  return new Set(pollinations.map(({ at }) => dayAt(toMs(at), zone))).size === 1;
}

/** Is all of its pollen of plants that cannot father its fruit; `undefined` where its plants are not known. */
function isUnfit(journal: Journal, { bloom, variety }: Fruit): boolean | undefined {
  const fathers = pollinationsOf(bloom)
    .flatMap(({ donors }) => donors)
    .map(({ plant }) => journal.all('variety').get(journal.all('plant').get(plant)?.variety ?? ''));
  if (fathers.length === 0 || fathers.includes(undefined)) return undefined;
  return fathers.every(
    (father) => father!.traits.seedless === true || crossingFrequency(variety.crop, father!.crop) === 'never',
  );
}

/** Was any of the days around it too hot or too cold; `undefined` where none was noted. */
function extremes(journal: Journal, since: Day, crop: Fruit['variety']['crop']): boolean | undefined {
  const { weather } = cropOf(crop);
  const heat = weather?.heat?.day.value ?? USUAL.heat;
  const cold = weather?.coldNight?.value ?? USUAL.cold;
  const noted = Array.from({ length: WEATHER_DAYS }, (_, after) =>
    journal.all('weather').get(addDays(since, after)),
  ).flatMap((day) => day ?? []);
  if (noted.length === 0) return undefined;
  return noted.some(({ maxC, dawnC }) => maxC >= heat || dawnC <= cold);
}
