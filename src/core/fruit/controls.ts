import { cropOf } from '../crops/catalogue';
import { bloomsAround } from '../journal/bloomsAround';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import { meantOf } from '../journal/matingOf';
import { grownThen } from '../journal/past';
import { perRevision } from '../journal/perRevision';
import type { Bloom, Variety } from '../journal/state';
import { groupBy } from '../text/groupBy';
import { daysBetween } from '../time/calendar';
import { fruitHistory } from './fruitHistory';
import { wilson, type Share } from '../statistics/wilson';

/** Flowers that were left without pollen, to see what sets by itself. */
export interface Controls {
  /** Those of which it is known whether they set. */
  readonly looked: number;
  readonly set: number;
  readonly share: Share;
}

interface Control {
  readonly bloom: Bloom;
  readonly variety: Variety;
}

/** Was it left without pollen on purpose? One that was pollinated after all is none. */
export const isControl = ({ role, pollination }: Bloom): boolean => role === 'control' && !pollination;

/** By the variety of their plants. */
function byVariety(blooms: Iterable<Bloom>, journal: Journal): ReadonlyMap<string, readonly Control[]> {
  const all = [...blooms].filter(isControl).flatMap((bloom): Control[] => {
    const variety = grownThen(journal, bloom.plant, bloom.day)?.variety;
    return variety ? [{ bloom, variety }] : [];
  });
  return groupBy(all, ({ variety }) => variety.variety);
}

/** All that there ever were. */
const controlsBy = perRevision((journal) => byVariety(journal.all('bloom').values(), journal));

/**
 * How many of the unpollinated controls of a variety set: the share of fruit to be expected from pollen that nobody
 * brought.
 *
 * @param zone IANA zone of the garden.
 * @example controlsOf(new Journal(), 'v', 'UTC').looked // 0
 */
export const controlsOf = (journal: Journal, variety: string, zone: string): Controls =>
  countControls(controlsBy(journal).get(variety) ?? [], zone);

/**
 * How many of some controls set.
 *
 * @example controlsAmong(new Journal(), [], 'UTC').looked // 0
 */
export const controlsAmong = (journal: Journal, blooms: readonly Bloom[], zone: string): Controls =>
  countControls([...byVariety(blooms, journal).values()].flat(), zone);

/** Flowers so far apart in time are of one batch: the same hands, covers and weather. Our default. */
const BATCH_DAYS = 60;

const controlsAround = bloomsAround(BATCH_DAYS, byVariety);

/**
 * The covered controls of the batch that a flower is of: of its variety and of the same cross, if it is one.
 *
 * @example controlsBeside(new Journal(), flower, variety, 'UTC').set // 0
 */
export function controlsBeside(
  journal: Journal,
  flower: Bloom,
  { variety }: Variety,
  zone: string,
): Controls {
  const { day } = flower;
  if (day === undefined) return countControls([], zone);
  const cross = meantOf(journal, flower)?.mating;
  const batch = (controlsAround(journal, day).get(variety) ?? []).filter(
    ({ bloom }) =>
      isCovered(bloom) &&
      bloom.day !== undefined &&
      Math.abs(daysBetween(bloom.day, day)) <= BATCH_DAYS &&
      meantOf(journal, bloom)?.mating === cross,
  );
  return countControls(batch, zone);
}

function countControls(controls: readonly Control[], zone: string): Controls {
  const found = controls.flatMap(({ bloom, variety }) => hasSet(bloom, variety, zone) ?? []);
  const set = found.filter(Boolean).length;
  return { looked: found.length, set, share: wilson(set, found.length) };
}

/**
 * Has a control set: was it ever found growing at the age at which that tells something? One that dropped after that
 * had set.
 *
 * @returns `undefined` as long as nobody knows.
 */
function hasSet(bloom: Bloom, { crop, traits }: Variety, zone: string): boolean | undefined {
  // Sets without any pollen.
  if (traits.parthenocarpic) return undefined;
  const { looks } = cropOf(crop);
  const history = fruitHistory(bloom, looks, LAST_DAY, zone);
  if (!history) return undefined;
  if (history.lastGrowing >= looks.early.value[0] || history.harvested !== undefined) return true;
  return history.failed === undefined ? undefined : false;
}

/** After any day. */
const LAST_DAY = '9999-12-31';
