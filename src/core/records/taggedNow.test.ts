import { livedSeason } from '@testing/seasons';
import { begin, YARD } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import { taggedNow } from './taggedNow';

const DAY = '2026-07-19';
const EVENING = '2026-07-18T18:00:00Z';

const covered = (bloom: string, code: string, sex: 'female' | 'male' = 'female', day = DAY): Fact => ({
  kind: 'covered',
  body: { plant: 'p1', day, method: 'tape', blooms: [{ bloom, sex, code }] },
});
const yard = () => begin([{ variety: 'v', crop: 'pepo', purpose: 'seedToKeep', plants: ['p1', 'p2'] }]);
const codes = (phone: ReturnType<typeof yard>, which: 'marked' | 'growing' | 'picked', day = DAY): string[] =>
  taggedNow(phone.journal, YARD, day, which).map(({ code }) => code);

test('a female waits with her tag until she got pollen or was passed over, and a male never', () => {
  const phone = yard();
  phone.say(EVENING, covered('f', 'K0B'), covered('g', 'K0A'), covered('m', '', 'male'), covered('h', ''));
  expect(codes(phone, 'marked')).toEqual(['K0A', 'K0B']);
  phone.say('2026-07-19T05:00:00Z', {
    kind: 'pollinated',
    body: {
      ...{ bloom: 'f', plant: 'p1', donors: [{ plant: 'p2', bloom: 'm' }], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
    },
  });
  expect(codes(phone, 'marked')).toEqual(['K0A']);
  expect(codes(phone, 'growing')).toEqual(['K0B']);
  phone.say('2026-07-19T05:05:00Z', { kind: 'missed', body: { bloom: 'g', plant: 'p1', why: 'hole' } });
  expect(codes(phone, 'marked')).toEqual([]);
  // Yesterday’s flower is over, whatever nobody noted of it.
  phone.say('2026-07-19T18:00:00Z', covered('i', 'K0C', 'female', '2026-07-20'));
  expect(codes(phone, 'marked', '2026-07-20')).toEqual(['K0C']);
  expect(codes(phone, 'marked', '2026-07-21')).toEqual([]);
});

test('in a season that was lived each tag is worn once, and what is picked does not grow', () => {
  const journal = new Journal();
  journal.add(livedSeason('demo'));
  const garden = journal.all('garden').get('')!;
  const growing = taggedNow(journal, garden, '2026-07-18', 'growing').map(({ bloom }) => bloom);
  const picked = taggedNow(journal, garden, '2026-07-18', 'picked').map(({ bloom }) => bloom);
  expect(growing.length).toBeGreaterThan(50);
  expect(new Set([...growing, ...picked]).size).toBe(growing.length + picked.length);
});
