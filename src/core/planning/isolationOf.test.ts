import type { Fact } from '../journal/entry';
import type { Bodies } from '../journal/kinds/kinds';
import { purityOf } from '../purity/purityOf';
import type { Day } from '../time/types';
import { begin, YARD, type Phone } from '@testing/yard';
import { isolationOf } from './isolationOf';

const remove = (plant: string, why: Bodies['plant.removed']['why'] = 'other'): Fact => ({
  kind: 'plant.removed',
  body: { plant, why },
});

/** Two varieties of okra side by side. */
const sideBySide = (): Phone =>
  begin([
    { variety: 'v', crop: 'okra', plants: ['v1'] },
    { variety: 'w', crop: 'okra', plants: ['w1'] },
  ]);

test('what was pulled out since was there on the flower’s day, and is no longer there after that', () => {
  const phone = sideBySide();
  const on = (day: Day) => isolationOf(phone.journal, YARD)('v', day);
  expect(on('2026-07-20')).toBe('tooClose');
  phone.say('2026-07-25T12:00:00Z', remove('w1'));
  expect(on('2026-07-20')).toBe('tooClose');
  // On the day itself it may have shed before it went.
  expect(on('2026-07-25')).toBe('tooClose');
  expect(on('2026-07-26')).toBe('noRisk');
});

test('a fruit that set in the open before the neighbours went does not become pure by their going', () => {
  const phone = sideBySide();
  const flower = (bloom: string, day: Day): void => {
    phone.say(`${day}T08:00:00Z`, {
      kind: 'pollinated',
      body: {
        bloom,
        plant: 'v1',
        day,
        donors: [{ plant: 'v1', bloom: '' }],
        found: 'open',
        method: 'brush',
        shutAgain: false,
        tagged: true,
      },
    });
  };
  flower('before', '2026-07-20');
  phone.say('2026-07-25T12:00:00Z', remove('w1'));
  flower('after', '2026-07-27');
  const cover = (bloom: string) =>
    purityOf(phone.journal, YARD, phone.journal.all('bloom').get(bloom)!, {
      isolationOf: isolationOf(phone.journal, YARD),
    })!.chain.find(({ link }) => link === 'cover')!;
  expect(cover('before')).toMatchObject({ state: 'broken', reasons: [{ code: 'cover.none' }] });
  expect(cover('after')).toMatchObject({ state: 'holds', reasons: [{ code: 'guard.distance' }] });
});

test('a neighbour that flowers at another time is no risk to the flowers of a day on which it sheds nothing', () => {
  const phone = sideBySide();
  const seen = (variety: string, day: Day): Fact => ({ kind: 'flowering.seen', body: { variety, day } });
  phone.say('2026-06-20T08:00:00Z', seen('v', '2026-06-20'));
  phone.say('2026-08-01T08:00:00Z', seen('w', '2026-08-01'));
  const of = isolationOf(phone.journal, YARD);
  expect(of('v', '2026-07-25')).toBe('isolated');
  expect(of('v', '2026-07-31')).toBe('isolated');
  expect(of('v', '2026-08-01')).toBe('tooClose');
});

test('the verdicts do not depend on which day comes first', () => {
  const phone = sideBySide();
  phone.say('2026-07-25T12:00:00Z', remove('w1'));
  const days: Day[] = ['2026-07-02', '2026-07-20', '2026-07-26', '2026-08-02'];
  const forwards = isolationOf(phone.journal, YARD);
  const backwards = isolationOf(phone.journal, YARD);
  const one = days.map((day) => forwards('v', day));
  const other = days.toReversed().map((day) => backwards('v', day));
  expect(other.reverse()).toEqual(one);
});
