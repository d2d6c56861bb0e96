import { begin, Phone, YARD } from '@testing/yard';
import type { Fact } from '../journal/entry';
import type { LinkName } from '../purity/chain';
import { purityOf } from '../purity/purityOf';
import { saidBy } from '../purity/saidBy';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { cohortId } from '../journal/cohort';
import { controlsOf } from './controls';
import { maybeSame } from './countedTwice';
import { fruitsOf, looksDue, type Fruit } from './fruits';
import { plantLoads } from './plantLoad';
import { fruitSetRates } from './setRates';
import { keptOn } from './takenOff';

const DAY = '2026-07-19';
const at = (after: number, clock = '05:00'): string => `${addDays(DAY, after)}T${clock}:00Z`;

const covered = (plant: string, blooms: readonly [string, string, 'control'?][]): Fact =>
  ({
    kind: 'covered',
    body: {
      ...{ plant, day: DAY, method: 'bag' },
      blooms: blooms.map(([bloom, sex, role]) => ({
        ...{ bloom, sex, code: sex === 'male' ? '' : bloom },
        ...(role && { role }),
      })),
    },
  }) as Fact;
const looked = (bloom: string, seen: 'growing' | 'gone'): Fact => ({ kind: 'looked', body: { bloom, seen } });

/** A squash flower that was pollinated, and two that were left without pollen as controls. */
function squash(traits = {}): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2'], traits }]);
  phone.say(
    at(-1, '18:00'),
    covered('p1', [
      ['K001', 'female'],
      ['K002', 'female', 'control'],
      ['K003', 'female', 'control'],
    ]),
    covered('p2', [['m', 'male']]),
  );
  phone.say(at(0), {
    kind: 'pollinated',
    body: {
      ...{ bloom: 'K001', plant: 'p1', donors: [{ plant: 'p2', bloom: 'm' }], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
    },
  });
  return phone;
}

const followed = ({ journal }: Phone, after: number): Fruit[] => {
  const today = addDays(DAY, after);
  return fruitsOf(journal, YARD, today, seasonAt(journal, today));
};
const due = (phone: Phone, after: number): string[] =>
  looksDue(followed(phone, after), YARD, addDays(DAY, after))
    .map(({ bloom }) => bloom.bloom)
    .sort();
const pollen = ({ journal }: Phone, bloom: string): string => {
  const purity = purityOf(journal, YARD, journal.all('bloom').get(bloom)!)!;
  const { state, reasons } = purity.chain.find(({ link }) => link === 'cleanPollen')!;
  return `${state}: ${reasons[0]!.code}`;
};

test('controls are looked at as what was pollinated is, and stand outside every rate of it', () => {
  const phone = squash();
  expect(due(phone, 4)).toEqual(['K001', 'K002', 'K003']);
  expect(followed(phone, -1)).toEqual([]);
  phone.say(at(4), looked('K001', 'growing'), looked('K002', 'gone'), looked('K003', 'gone'));
  const rates = fruitSetRates(followed(phone, 4).flatMap(({ histories }) => histories));
  expect(rates).toMatchObject({ pollinated: 1, soFar: { hits: 1, of: 1 } });
  expect(controlsOf(phone.journal, 'v', YARD.zone)).toMatchObject({ looked: 2, set: 0 });
  expect(pollen(phone, 'K001')).toBe('holds: pollen.clean');
});

test('a covered control that sets puts the seed of its batch in doubt; one that dropped later had set', () => {
  const phone = squash();
  phone.say(at(4), looked('K002', 'growing'));
  expect(pollen(phone, 'K001')).toBe('doubtful: pollen.controlsSet');
  phone.say(at(8), looked('K002', 'gone'));
  phone.say(at(8), looked('K003', 'gone'));
  expect(controlsOf(phone.journal, 'v', YARD.zone)).toMatchObject({ looked: 2, set: 1 });
  expect(pollen(phone, 'K001')).toBe('doubtful: pollen.controlsSet');
  // What was pollinated after all shows nothing.
  phone.say(at(0, '05:20'), {
    kind: 'pollinated',
    body: {
      ...{ bloom: 'K002', plant: 'p1', donors: [{ plant: 'p2', bloom: 'm' }], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
    },
  });
  expect(controlsOf(phone.journal, 'v', YARD.zone)).toMatchObject({ looked: 1, set: 0 });
});

test('each link is told by whom and when', () => {
  const phone = squash();
  const other = new Phone('b').hear(phone);
  other.say(at(3), { kind: 'looked', body: { bloom: 'K001', seen: 'growing' } });
  other.say(at(4), { kind: 'looked', body: { bloom: 'K001', seen: 'growing', tag: 'hardToRead' } });
  phone.hear(other);
  const by = (link: LinkName): string[] =>
    saidBy(phone.journal, phone.journal.all('bloom').get('K001')!, link).map(
      ({ kind, device, at: when }) => `${kind} ${device} ${when.slice(5, 16)}`,
    );
  expect(by('cover')).toEqual(['covered a 07-18T18:00']);
  expect(by('cleanPollen')).toEqual(['covered a 07-18T18:00', 'pollinated a 07-19T05:00']);
  expect(by('tag')).toEqual(['pollinated a 07-19T05:00', 'looked b 07-23T05:00']);
  expect(by('seedSource')).toEqual(['variety.described a 05-01T09:00']);
  expect(by('plants')).toEqual([]);
});

test('of one of a cohort what was said of all counts, and of its parents what was noted, in the order of time', () => {
  const phone = squash();
  const bloom = cohortId({ plant: 'p1', day: DAY, part: 'flower', sex: 'female' });
  const body = { bloom, plant: 'p1', count: 2, after: [], donors: [{ plant: 'p2', bloom: '' }] };
  phone.say(
    at(0),
    {
      kind: 'pollinated',
      body: { ...body, found: 'open', method: 'maleFlower', shutAgain: false, tagged: false },
    },
    { kind: 'tagged', body: { bloom: 'K7', of: bloom, plant: 'p1', code: 'K7' } },
  );
  phone.say(at(2), { kind: 'plant.noted', body: { plant: 'p2', health: 'sound', trueness: 'typical' } });
  phone.say(at(1), { kind: 'plant.noted', body: { plant: 'p1', health: 'sound', trueness: 'typical' } });
  const kinds = (link: LinkName, of = 'K7'): string[] =>
    saidBy(phone.journal, phone.journal.all('bloom').get(of)!, link).map(({ kind, at: when }) =>
      [kind, when.slice(8, 10)].join(' '),
    );
  expect(kinds('intact')).toEqual(['pollinated 19']);
  expect(kinds('tag')).toEqual(['pollinated 19', 'tagged 19']);
  expect(kinds('plants')).toEqual(['plant.noted 20', 'plant.noted 21']);
  expect(kinds('plants', 'K001')).toEqual(['plant.noted 20', 'plant.noted 21']);
  // Of a fruit that was found, its variety is that of the day on which it was.
  phone.say(at(1, '09:00'), keptOn('p2', addDays(DAY, 1), { bloom: 'K009', code: 'K009' }));
  expect(kinds('seedSource', 'K009')).toEqual(['variety.described 01']);
});

test('of what sets without pollen a control tells nothing', () => {
  const phone = squash({ parthenocarpic: true });
  phone.say(at(4), looked('K002', 'growing'));
  expect(pollen(phone, 'K001')).toBe('holds: pollen.clean');
});

test('a fruit that had set by itself is on its plant’s load and followed, and is in no rate', () => {
  const phone = squash();
  phone.say(at(1, '09:00'), keptOn('p2', addDays(DAY, 1), { bloom: 'K009', code: 'K009' }));
  const [found] = followed(phone, 1);
  expect(found).toMatchObject({ bloom: { bloom: 'K009' }, history: { followed: 'found', age: 0 } });
  const plants = new Set(['p1', 'p2']);
  const load = plantLoads(phone.journal, YARD, addDays(DAY, 1), plants).get('p2');
  expect(load).toMatchObject({ growing: 1, young: 0 });
  phone.say(at(30), {
    kind: 'harvested',
    body: { bloom: 'K009', use: 'seed', tagThere: true, typical: true },
  });
  expect(purityOf(phone.journal, YARD, phone.journal.all('bloom').get('K009')!)!.grade).toBe('notForSeed');
  const rates = fruitSetRates(followed(phone, 30).flatMap(({ histories }) => histories));
  expect(rates.pollinated).toBe(1);
});

test('a flower with a tag and those counted on its plant that day may be the same, until somebody says so', () => {
  const phone = squash();
  const bloom = (id: string) => phone.journal.all('bloom').get(id)!;
  const names = (id: string) => maybeSame(phone.journal, bloom(id)).map((each) => each.bloom);
  expect(names('K001')).toEqual([]);
  const counted = cohortId({ plant: 'p1', day: DAY, part: 'flower', sex: 'female' });
  phone.say(at(0, '06:00'), {
    kind: 'pollinated',
    body: {
      ...{ bloom: counted, plant: 'p1', count: 2, after: [], donors: [{ plant: 'p2', bloom: '' }] },
      ...{ found: 'open', method: 'maleFlower', shutAgain: false, tagged: false },
    },
  });
  expect(names('K001')).toEqual([counted]);
  expect(names(counted)).toEqual(['K001']);
  const flowers = () => followed(phone, 1).reduce((sum, { count }) => sum + count, 0);
  // With the two controls.
  expect(flowers()).toBe(5);
  phone.say(at(1), { kind: 'tagged', body: { bloom: 'K001', of: counted, plant: 'p1', code: 'K001' } });
  expect(names('K001')).toEqual([]);
  expect(names(counted)).toEqual([]);
  expect(flowers()).toBe(4);
  // It got the open flower's pollen too: the worse counts.
  expect(pollen(phone, 'K001')).toMatch(/^(broken|doubtful|unknown)/);
});
