import { cropOf, guidedCropOf } from '../crops/catalogue';
import type { Stretch } from '../garden/walking';
import type { Purpose } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Flower, Garden, Plant, Round, Variety } from '../journal/state';
import { pairFlowers, type FemaleBud, type MaleBud, type Pairing } from '../pairing/pairFlowers';
import { wantsSeed } from '../purity/fruitPurity';
import { atClock } from '../time/calendar';
import type { Day } from '../time/types';
import { isOpeningWindow, openingWindow, type OpeningWindow } from '../windows/openingWindow';
import type { RoundVariety } from '../route/planRound';

/** One morning's flowers and what can be done with them. */
export interface Morning {
  readonly morning: Day;
  readonly round: Round | undefined;
  /** Females and males that were marked and that nothing has been said of since. */
  readonly females: readonly Flower[];
  readonly males: readonly Flower[];
  readonly pairing: Pairing;
}

/** What one set fruit is worth beside one grown to eat. Our defaults: a rare line has one chance a year. */
const WEIGHT: Readonly<Record<Purpose, number>> = { eat: 1, seedForFun: 2, seedToKeep: 4, rareOrSold: 6 };

export const weightOf = (variety: Variety): number => WEIGHT[variety.purpose];

export const roundOf = (journal: Journal, morning: Day): Round | undefined =>
  [...journal.all('round').values()].findLast((round) => round.morning === morning);

/** The state of a morning: its round, the flowers still waiting, and how they pair. */
export function morningOf(journal: Journal, morning: Day): Morning {
  const flowers = journal.flowersOf(morning).sort((a, b) => (a.flower < b.flower ? -1 : 1));
  const females = flowers.filter(
    (flower) => flower.sex === 'female' && !flower.pollination && !flower.missed,
  );
  const males = flowers.filter((flower) => flower.sex === 'male' && !flower.spoiled);
  return {
    morning,
    round: roundOf(journal, morning),
    females,
    males,
    pairing: pairFlowers(
      females.flatMap((flower) => femaleBud(journal, flower)),
      males.flatMap((flower) => maleBud(journal, flower)),
    ),
  };
}

function growing(journal: Journal, plant: string): { plant: Plant; variety: Variety } | undefined {
  const stands = journal.all('plant').get(plant);
  const variety = stands && journal.all('variety').get(stands.variety);
  return variety && !stands.removed ? { plant: stands, variety } : undefined;
}

function femaleBud(journal: Journal, flower: Flower): FemaleBud[] {
  const found = growing(journal, flower.plant);
  if (!found) return [];
  const { variety } = found;
  const seed = wantsSeed(variety.purpose);
  const { males } = cropOf(variety.crop);
  return [
    {
      flower: flower.flower,
      plant: flower.plant,
      variety: variety.variety,
      males: seed ? males.seed.value : males.fruit.value,
      fewest: seed ? 2 : 1,
      ownPollen: variety.ownPollen,
    },
  ];
}

function maleBud(journal: Journal, flower: Flower): MaleBud[] {
  const found = growing(journal, flower.plant);
  return found ? [{ flower: flower.flower, plant: flower.plant, variety: found.variety.variety }] : [];
}

/** What one has to walk round: everything that stands in the way but dense bloom. */
export const wallsOf = (journal: Journal): Stretch[] =>
  [...journal.all('barrier').values()]
    .filter(({ sort }) => sort !== 'forage')
    .map(({ from, to }) => ({ from, to }));

/** Windows of the varieties' crops on a morning, by crop; one without sunrise, or not guided by it, is left out. */
export function windowsOf(
  journal: Journal,
  garden: Garden,
  morning: Day,
  crops: Iterable<Variety['crop']>,
): Map<Variety['crop'], OpeningWindow> {
  const weather = journal.all('weather').get(morning);
  const windows = new Map<Variety['crop'], OpeningWindow>();
  for (const crop of new Set(crops)) {
    const guided = guidedCropOf(crop);
    const window = guided && openingWindow(guided, garden, morning, weather);
    if (window && isOpeningWindow(window)) windows.set(crop, window);
  }
  return windows;
}

/**
 * Working hours of each variety for the plan of a round. Where the sun does not rise the clock stands in:
 * five to ten, which the grower is told of by the window's reason.
 */
export function roundVarieties(
  journal: Journal,
  garden: Garden,
  pairing: Pairing,
  morning: Day,
): RoundVariety[] {
  const ids = new Set(pairing.pairs.map(({ variety }) => variety));
  const varieties = [...journal.all('variety').values()].filter(({ variety }) => ids.has(variety));
  const windows = windowsOf(
    journal,
    garden,
    morning,
    varieties.map(({ crop }) => crop),
  );
  return varieties.map((variety) => {
    const window = windows.get(variety.crop);
    const hours = window
      ? { opens: window.opens[0], lastSafe: window.lastSafe }
      : { opens: atClock(morning, 5, garden.zone), lastSafe: atClock(morning, 10, garden.zone) };
    return { variety: variety.variety, hours, weight: weightOf(variety) };
  });
}
