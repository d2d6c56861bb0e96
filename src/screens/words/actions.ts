import { cropOf } from '@/core/crops/catalogue';
import type { EntryOf, StoredEntry } from '@/core/journal/entry';
import type { Journal } from '@/core/journal/journal';
import { isKind, type Kind } from '@/core/journal/kinds/kinds';
import { lotName } from '@/core/seed/lotName';
import { plantLabel } from '@/core/records/plantLabel';
import type { Format } from '../format/format';

type Say<K extends Kind> = (body: EntryOf<K>['body'], journal: Journal, f: Format) => string;

const on = (plant: string, journal: Journal): string => ` on ${plantLabel(journal, plant)}`;
const ofBloom = (bloom: string, journal: Journal): string => {
  const plant = journal.all('bloom').get(bloom)?.plant;
  return plant ? on(plant, journal) : '';
};
const varietyName = (variety: string, journal: Journal): string =>
  journal.all('variety').get(variety)?.name ?? 'a variety';

const lotNamed = (lot: string, journal: Journal): string => {
  const held = journal.all('lot').get(lot);
  return (held && lotName(held)) ?? 'some seed';
};

/** What an entry did, to be read after “Undone:”. The first kinds tell most of an action. */
const DID: { readonly [K in Kind]: Say<K> } = {
  'garden.described': () => 'the description of the garden',
  'round.planned': () => 'the start of the round',
  'variety.described': ({ name }) => `the description of ${name}`,
  'planting.set': ({ variety }, journal) => `a planting of ${varietyName(variety, journal)}`,
  'bed.laid': ({ name }) => `bed ${name} as it was laid`,
  'plants.set': ({ plants }, _journal, f) => f.count(plants.length, 'plant', 'plants'),
  pollinated: ({ plant }, journal) => `the pollination${on(plant, journal)}`,
  picked: ({ plant }, journal) => `the males picked${on(plant, journal)}`,
  missed: ({ plant }, journal) => `the flower not pollinated${on(plant, journal)}`,
  uncovered: ({ plant }, journal) => `the cover off${on(plant, journal)}`,
  'stop.left': ({ plant }, journal) => `the stop left${on(plant, journal)}`,
  tagged: ({ plant }, journal) => `the tag${on(plant, journal)}`,
  emasculated: ({ plant }, journal) => `the anthers removed${on(plant, journal)}`,
  covered: ({ plant, blooms, method }, journal, f) =>
    `${f.count(blooms.length, 'flower', 'flowers')} ${method === 'none' ? 'marked' : 'covered'}${on(plant, journal)}`,
  receptive: ({ plant }, journal) => `what was found ready${on(plant, journal)}`,
  scouted: ({ plant }, journal) => `the count${on(plant, journal)}`,
  counted: ({ plant }, journal) => `the count${on(plant, journal)}`,
  rowPollinated: ({ plants, method, flew }, _journal, f) =>
    flew
      ? 'what the pollen did'
      : `the ${method === 'brush' ? 'brushing' : 'shaking'} of ${f.count(plants.length, 'plant', 'plants')}`,
  swept: ({ plants }, _journal, f) => `“none” on ${f.count(plants.length, 'plant', 'plants')}`,
  stripped: ({ plant, kept }, journal) =>
    `${kept.length > 0 ? 'the fruit tagged' : 'the fruit stripped'}${on(plant, journal)}`,
  retagged: ({ bloom }, journal) => `the new tag${ofBloom(bloom, journal)}`,
  'fruit.counted': ({ plant }, journal) => `the fruit counted${on(plant, journal)}`,
  looked: ({ bloom }, journal) => `the look${ofBloom(bloom, journal)}`,
  'fruits.ended': ({ blooms }, _journal, f) => `what became of ${f.count(blooms.length, 'fruit', 'fruits')}`,
  removed: ({ bloom }, journal) => `the fruit removed${ofBloom(bloom, journal)}`,
  harvested: ({ bloom }, journal) => `the harvest${ofBloom(bloom, journal)}`,
  'plants.ended': ({ plants }, _journal, f) => `the end of ${f.count(plants.length, 'plant', 'plants')}`,
  'plant.removed': ({ plant }, journal) => `the removal of ${plantLabel(journal, plant)}`,
  'plant.noted': ({ plant }, journal) => `how ${plantLabel(journal, plant)} looked`,
  'plant.selected': ({ plant }, journal) => `what you make of ${plantLabel(journal, plant)}`,
  'plan.removed': () => 'a removal from the plan',
  'barrier.set': () => 'a barrier',
  'outside.described': ({ name }) => `the description of ${name}`,
  'surroundings.described': () => 'the description of the surroundings',
  'surroundings.looked': ({ metres }, _journal, f) => `that you looked as far as ${f.length(metres)}`,
  'flowering.over': ({ variety }, journal) => `the end of flowering of ${varietyName(variety, journal)}`,
  'flowering.seen': ({ variety }, journal) => `the first flower of ${varietyName(variety, journal)}`,
  'hours.seen': ({ crop, day }, _journal, f) => `how ${cropOf(crop).name} was found on ${f.shortDay(day)}`,
  'weather.read': ({ day }, _journal, f) => `the weather readings of ${f.shortDay(day)}`,
  'weather.noted': ({ day }, _journal, f) => `the weather of ${f.shortDay(day)}`,
  'mating.set': () => 'a planned cross',
  'pollen.mixed': ({ name }) => (name === undefined ? 'a mix of pollen' : `the kept pollen ${name}`),
  'pollen.emptied': () => 'the end of kept pollen',
  'cage.set': ({ name }) => `cage ${name}`,
  'ways.set': () => 'a choice of how you work',
  'blossoms.picked': ({ of }, _journal, f) =>
    `${f.count(
      of.reduce((sum, { count }) => sum + count, 0),
      'blossom',
      'blossoms',
    )} picked`,
  'blossoms.priced': () => 'the price of blossoms',
  'tie.set': ({ colour }) => `what ${colour} ties mean`,
  'cage.stocked': () => 'the insects put into a cage',
  'cage.opened': () => 'the opening of a cage',
  'season.named': ({ name }) => `the name of the season, ${name}`,
  'device.named': () => 'the letter of this device',
  'times.corrected': ({ targets }, _journal, f) =>
    `the corrected times of ${f.count(targets.length, 'entry', 'entries')}`,
  'trial.planned': ({ variety }, journal) => `the plan of a trial of ${varietyName(variety, journal)}`,
  'trial.ended': () => 'the end of a trial',
  'trial.dealt': ({ dealt }, _journal, f) =>
    `a trial’s dealing of ${f.count(dealt.length, 'flower', 'flowers')}`,
  'fruit.opened': ({ bloom }, journal) => `what was found in a fruit${ofBloom(bloom, journal)}`,
  'seed.extracted': ({ name }) => `the seed taken out, ${name}`,
  'seed.prepared': ({ lot, step }, journal) =>
    `${step === 'rinsed' ? 'the rinsing' : 'the drying'} of ${lotNamed(lot, journal)}`,
  'lot.received': ({ name }) => `the seed ${name}`,
  'lot.filled': ({ name }) => `the seed put into ${name}`,
  'lot.measured': ({ lot }, journal) => `the amount of ${lotNamed(lot, journal)}`,
  'lot.used': ({ lot }, journal) => `seed taken of ${lotNamed(lot, journal)}`,
  'lot.described': ({ name }) => `the description of ${name}`,
  'germination.begun': ({ lot }, journal) => `a germination test of ${lotNamed(lot, journal)}`,
  'germination.counted': ({ lot }, journal) => `a germination count of ${lotNamed(lot, journal)}`,
  amended: () => 'a correction',
  struck: () => 'a removal',
};

const ORDER = Object.keys(DID);

/**
 * What an action did, in a few words.
 *
 * @example sayAction(entries, journal, f) // '2 flowers covered on A 3', '360 plants of 40 varieties'
 */
export function sayAction(entries: readonly StoredEntry[], journal: Journal, f: Format): string {
  const whole = sayWhole(entries, journal, f);
  if (whole !== undefined) return whole;
  const [entry] = [...entries].sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind));
  if (!entry) return 'nothing';
  if (entry.kind === 'amended') {
    const { of, body } = entry.body as EntryOf<'amended'>['body'];
    return `a correction of ${sayEntry(of, body, journal, f)}`;
  }
  return sayEntry(entry.kind, entry.body, journal, f);
}

const bodiesOf = <K extends Kind>(entries: readonly StoredEntry[], kind: K): EntryOf<K>['body'][] =>
  entries.flatMap((entry) => (entry.kind === kind ? [entry.body as EntryOf<K>['body']] : []));

/** What an action of many entries did as a whole: a list that was imported, a season that was closed. */
function sayWhole(entries: readonly StoredEntry[], journal: Journal, f: Format): string | undefined {
  // A garden was begun, its first plants with it.
  if (entries.some(({ kind }) => kind === 'garden.described')) return undefined;
  const [season] = bodiesOf(entries, 'season.named');
  if (season && entries.length > 1) return `the end of the season ${season.name}`;
  const set = bodiesOf(entries, 'plants.set');
  const varieties = new Set(set.map(({ variety }) => variety));
  const plants = set.reduce((sum, each) => sum + each.plants.length, 0);
  const [only] = varieties;
  if (only === undefined) return undefined;
  // Once it is undone, only the action itself still knows its name.
  const described = bodiesOf(entries, 'variety.described').find(({ variety }) => variety === only);
  const of =
    varieties.size > 1
      ? f.count(varieties.size, 'variety', 'varieties')
      : (described?.name ?? varietyName(only, journal));
  return `${f.count(plants, 'plant', 'plants')} of ${of}`;
}

const sayEntry = (kind: string, body: object, journal: Journal, f: Format): string =>
  isKind(kind) ? (DID[kind] as Say<Kind>)(body as never, journal, f) : 'the last entry';
