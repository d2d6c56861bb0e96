import { cropOf } from '../crops/catalogue';
import { fruitsOf, type Fruit } from '../fruit/fruits';
import { isOnPlant } from '../fruit/fruitHistory';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { FRUIT_ENDS, type FruitEnd } from '../journal/kinds/fruit';
import { MAX_ENDED } from '../journal/limits';
import type { Garden, Plant, Season, Variety } from '../journal/state';
import { groupBy } from '../text/groupBy';
import { addDays, dayAt, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { SEASON_DAYS } from '../journal/seasonDays';
import { firstDayAfterSeasons, seasonAt, seasonsOf } from '../season/seasons';

/** What became of a fruit that nobody had picked when its season was closed. */
export type Unpicked = FruitEnd | 'onPlant';

/** Plants of one variety that stand. */
interface Standing {
  readonly variety: Variety;
  readonly plants: readonly Plant[];
  /** They stand for several seasons, as plants of their kind do. */
  readonly stays: boolean;
}

/** A season that may be closed: what stands, and what nobody has picked. */
export interface SeasonToClose {
  /** With an empty id where it has no name yet. */
  readonly season: Season;
  readonly standing: readonly Standing[];
  readonly unpicked: readonly Fruit[];
}

/**
 * The season that a day belongs to, with all that its end has to settle.
 *
 * @example seasonToClose(new Journal(), garden, '2026-10-20').standing // []
 */
export function seasonToClose(journal: Journal, garden: Garden, today: Day): SeasonToClose {
  const named = seasonAt(journal, today);
  const from = named.season === '' ? beginningOf(journal, garden, named) : named.from;
  // Closed in spring it is still that of its flowers.
  const lastFlower =
    journal.bloomsBetween(from, today).findLast(({ day }) => day !== undefined)?.day ?? today;
  const name = named.name || freeName(nameOf(from, lastFlower), journal);
  // What is taken to have stood for longer than it did spoils no judgement.
  const season = { ...named, from, to: today, name };
  const varieties = journal.all('variety');
  const plants = [...journal.all('plant').values()].filter(({ removed }) => !removed);
  const standing = [...groupBy(plants, ({ variety }) => variety)].flatMap(([id, own]): Standing[] => {
    const variety = varieties.get(id);
    return variety ? [{ variety, plants: own, stays: cropOf(variety.crop).perennial ?? false }] : [];
  });
  const unpicked = fruitsOf(journal, garden, today, season).filter(
    ({ plant, histories }) => !plant.removed && histories.some(isOnPlant),
  );
  return { season, standing, unpicked };
}

/**
 * An unnamed season begins with the first of its plants that still stand or the first of its flowers, after the season
 * before it: what stood in that too says nothing.
 */
function beginningOf(journal: Journal, { zone }: Garden, { to }: Season): Day {
  const least = firstDayAfterSeasons(journal, to);
  const plants = journal.all('plant');
  const days: Day[] = [];
  for (const { id, entries } of journal.everything('plant')) {
    const set = entries.find(({ kind }) => kind === 'plants.set');
    if (set && plants.get(id) && !plants.get(id)!.removed) days.push(dayAt(toMs(set.at), zone));
  }
  const [bloom] = journal.bloomsBetween(least ?? addDays(to, -SEASON_DAYS), to);
  const first = bloom && (bloom.day ?? bloom.keptOn);
  if (first) days.push(first);
  return days.filter((day) => (least ?? day) <= day && day <= to).sort()[0] ?? least ?? to;
}

/** By its year; of one over New Year by both. */
const nameOf = (from: Day, to: Day): string => {
  const [first, last] = [from.slice(0, 4), to.slice(0, 4)];
  return first === last ? first : `${first}–${last.slice(2)}`;
};

/** Where there are several a year they are numbered. */
function freeName(name: string, journal: Journal): string {
  const taken = new Set(seasonsOf(journal).map((season) => season.name));
  let count = 1;
  const numbered = (): string => (count === 1 ? name : `${name}, ${count}`);
  while (taken.has(numbered())) count += 1;
  return numbered();
}

/** How a season is closed. */
export interface Closing {
  readonly season: Omit<Season, 'season'>;
  /** Varieties whose plants stay. */
  readonly stays: ReadonlySet<string>;
  readonly ends: (bloom: string) => Unpicked;
}

/**
 * Closes a season: it has a name and an end, its plants have stood to that day, and what nobody had picked is settled. All
 * in one action, which one Undo takes back.
 *
 * @example closeSeason(toClose, { season: { name: '2026', from, to }, stays: new Set(), ends: () => 'frosted' }, newId).length
 */
export function closeSeason(
  { season: { season: id }, standing, unpicked }: SeasonToClose,
  { season, stays, ends }: Closing,
  newId: () => string,
): Fact[] {
  const ended = standing
    .filter(({ variety }) => !stays.has(variety.variety))
    .flatMap(({ plants }) => plants.map(({ plant }) => plant));
  return [
    { kind: 'season.named', body: { season: id || newId(), ...season } },
    ...FRUIT_ENDS.flatMap((how) =>
      chunked(unpicked.flatMap(({ bloom: { bloom } }) => (ends(bloom) === how ? [bloom] : []))).map(
        (blooms): Fact => ({ kind: 'fruits.ended', body: { blooms, how, day: season.to } }),
      ),
    ),
    ...chunked(ended).map((plants): Fact => ({ kind: 'plants.ended', body: { plants, day: season.to } })),
  ];
}

/** As many as one entry takes. */
const chunked = (ids: readonly string[]): readonly string[][] =>
  Array.from({ length: Math.ceil(ids.length / MAX_ENDED) }, (_, i) =>
    ids.slice(i * MAX_ENDED, (i + 1) * MAX_ENDED),
  );
