import { cropOf, lastReceptiveDay, pollenGoodFor, protocolFor } from '../crops/catalogue';
import { withCohortHistory } from '../journal/withCohortHistory';
import type { Journal } from '../journal/journal';
import type { SeedSource } from '../crops/variety';
import type { Bloom, Garden, Plant, Variety } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import { meantOf } from '../journal/matingOf';
import { gardensOf } from '../journal/past';
import { plantingOf } from '../journal/plantingOf';
import { guardsOf, type IsolationOf } from './guards';
import type { Day } from '../time/types';
import { pollenCarriedTo, visitedBefore } from './contact';
import { fruitPurity, type Purity } from './fruitPurity';

export interface PurityOptions {
  /** The verdict on a variety's flowers of a day where nothing is covered; without it distance guards nothing. */
  readonly isolationOf?: IsolationOf;
}

/**
 * The purity of a flower's seed by the evidence in the journal; `undefined` when its variety is not known.
 *
 * @example purityOf(journal, garden, flower)?.weakest?.link // 'tag' before the harvest of a clean one
 */
export function purityOf(
  journal: Journal,
  garden: Garden,
  raw: Bloom,
  { isolationOf }: PurityOptions = {},
): Purity | undefined {
  const flower = withCohortHistory(journal, raw);
  const plants = journal.all('plant');
  const plant = plants.get(flower.plant);
  const variety = plant && journal.all('variety').get(plant.variety);
  const meant = meantOf(journal, flower);
  if (!variety || !meant) return undefined;
  const crop = cropOf(variety.crop);
  const known = new Map<Day, OpeningWindow | undefined>();
  const windowOn = (day: Day): OpeningWindow | undefined => {
    if (!known.has(day)) known.set(day, windowsOf(journal, garden, day, [variety.crop]).get(variety.crop));
    return known.get(day);
  };
  return fruitPurity({
    bloom: flower,
    variety,
    father: meant.father,
    fathers: meant.fathers,
    seedSources: seedSourcesOf(journal, flower, plant, variety),
    guardsOf: (bloom) => guardsOf(journal, bloom, isolationOf),
    males: journal.all('bloom'),
    plants,
    opensOn: (day) => windowOn(day)?.opens[0],
    insectsOn: (day) => windowOn(day)?.insects,
    carried: pollenCarriedTo(journal, flower),
    visitedBefore: visitedBefore(journal, flower).map(({ female }) => female),
    receptiveUntil: flower.day === undefined ? undefined : lastReceptiveDay(crop, flower.day),
    pollenKeeps: pollenGoodFor(crop, protocolFor(crop, meant)),
  });
}

/** What its plant was sown from, as that was on the day of the flower; of several where it is in doubt. */
const seedSourcesOf = (
  journal: Journal,
  { day }: Bloom,
  plant: Plant,
  variety: Variety,
): readonly SeedSource[] =>
  (day === undefined ? [journal] : gardensOf(journal, day)).map((then) => {
    const [was, as] = [then.all('plant').get(plant.plant), then.all('variety').get(variety.variety)];
    return plantingOf(then, was ?? plant, as ?? variety).seedSource;
  });
