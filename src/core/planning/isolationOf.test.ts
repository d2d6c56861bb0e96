import type { Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import type { Bodies } from '../journal/kinds/kinds';
import { purityOf } from '../purity/purityOf';
import { finished } from '../time/inSteps';
import type { Day } from '../time/types';
import { begin, lookedAround, YARD, type Phone } from '@testing/yard';
import { isolationInSteps, isolationOf } from './isolationOf';

const remove = (plant: string, why: Bodies['plant.removed']['why'] = 'other'): Fact => ({
  kind: 'plant.removed',
  body: { plant, why },
});

/** Two varieties of okra side by side. */
const sideBySide = (): Phone => {
  const phone = begin([
    { variety: 'v', crop: 'okra', plants: ['v1'] },
    { variety: 'w', crop: 'okra', plants: ['w1'] },
  ]);
  phone.say('2026-07-01T12:00:00Z', ...lookedAround('okra', '2026-06-01', '2026-07-15'));
  return phone;
};
/** In flower from the tenth of July on, as far as was seen. */
const inFlower = (): Phone => {
  const phone = sideBySide();
  phone.say('2026-07-10T12:00:00Z', seen('w', '2026-07-10'));
  phone.say('2026-07-25T11:00:00Z', {
    kind: 'counted',
    body: { plant: 'w1', day: '2026-07-25', open: { female: 2, male: 0 } },
  });
  return phone;
};
const seen = (variety: string, day: Day): Fact => ({ kind: 'flowering.seen', body: { variety, day } });
const over = (variety: string, day: Day): Fact => ({ kind: 'flowering.over', body: { variety, day } });
const verdict = ({ journal }: Phone, day: Day) => isolationOf(journal, YARD)('v', day)?.verdict;

test('what was pulled out since was there on the flower’s day, and is no longer there after that', () => {
  const phone = inFlower();
  const on = (day: Day) => isolationOf(phone.journal, YARD)('v', day)?.verdict;
  expect(on('2026-07-20')).toBe('tooClose');
  phone.say('2026-07-25T12:00:00Z', remove('w1'));
  expect(on('2026-07-20')).toBe('tooClose');
  // On the day itself it may have shed before it went.
  expect(on('2026-07-25')).toBe('tooClose');
  expect(on('2026-07-26')).toBe('noRisk');
});

test('a fruit that set in the open before the neighbours went does not become pure by their going', () => {
  const phone = inFlower();
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
  phone.say('2026-06-20T08:00:00Z', seen('v', '2026-06-20'));
  phone.say('2026-08-01T08:00:00Z', seen('w', '2026-08-01'));
  expect(verdict(phone, '2026-07-25')).toBe('isolated');
  expect(verdict(phone, '2026-07-31')).toBe('isolated');
  expect(verdict(phone, '2026-08-01')).toBe('tooClose');
});

describe('what is expected proves nothing', () => {
  const SOWN = { how: 'sown', day: '2026-07-01' } as const;
  const sown = (): Fact => ({
    kind: 'variety.described',
    body: {
      ...{ variety: 'w', name: 'w', crop: 'okra', purpose: 'eat', seedSource: 'ownGuarded' },
      ...{ ownPollen: 'lastResort', traits: {}, sowing: SOWN, daysToFlower: 40 },
    },
  });
  const DAY = '2026-07-20';

  test('sown to flower three weeks later, and never seen: nobody noted whether it did', () => {
    const phone = sideBySide();
    phone.say('2026-07-01T12:00:00Z', sown());
    expect(isolationOf(phone.journal, YARD)('v', DAY)).toMatchObject({ verdict: 'notNoted', notNoted: 'w' });
    // Its flowers were counted that day: it shed, whatever was expected.
    const counted = sideBySide();
    counted.say('2026-07-01T12:00:00Z', sown());
    counted.say(`${DAY}T08:00:00Z`, {
      kind: 'counted',
      body: { plant: 'w1', day: DAY, open: { female: 0, male: 2 } },
    });
    expect(verdict(counted, DAY)).toBe('tooClose');
    // Its first was seen in August.
    phone.say('2026-08-09T12:00:00Z', seen('w', '2026-08-09'));
    expect(verdict(phone, DAY)).toBe('isolated');
    // Next year's says nothing of it.
    const next = sideBySide();
    next.say('2026-07-01T12:00:00Z', sown());
    next.say('2027-07-09T12:00:00Z', seen('w', '2027-07-09'));
    expect(verdict(next, DAY)).toBe('notNoted');
  });

  test('after its last flower that was seen it goes on until somebody says it is over', () => {
    const phone = sideBySide();
    phone.say('2026-05-20T12:00:00Z', seen('w', '2026-05-20'), seen('w', '2026-06-10'));
    expect(verdict(phone, '2026-06-10')).toBe('tooClose');
    expect(verdict(phone, '2026-07-01')).toBe('notNoted');
    expect(verdict(phone, DAY)).toBe('notNoted');
    phone.say('2026-06-20T12:00:00Z', over('w', '2026-06-20'));
    expect(verdict(phone, DAY)).toBe('isolated');
    // Of the day itself it says nothing.
    expect(verdict(phone, '2026-06-20')).toBe('notNoted');
    // Who said so too early was mistaken.
    phone.say('2026-08-01T12:00:00Z', seen('w', '2026-08-01'));
    expect(verdict(phone, DAY)).toBe('tooClose');
  });
});

test('where nobody looked it is not known what grows; a look speaks for some weeks, as far as it went', () => {
  const phone = begin([{ variety: 'v', crop: 'okra', plants: ['v1'] }]);
  const day = '2026-07-20';
  expect(verdict(phone, day)).toBe('notLooked');
  const looked = (crop: 'okra' | 'pepo', metres: number, on: Day): void => {
    phone.say('2026-09-01T12:00:00Z', {
      kind: 'surroundings.looked',
      body: { crops: [crop], metres, day: on },
    });
  };
  looked('okra', 100, day);
  looked('pepo', 5000, day);
  looked('okra', 5000, '2026-05-01');
  looked('okra', 5000, '2027-07-20');
  expect(verdict(phone, day)).toBe('notLooked');
  looked('okra', 300, '2026-08-20');
  expect(verdict(phone, day)).toBe('noRisk');
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

test('made with pauses it is what it is at once, also where something is said within a pause', () => {
  const phone = inFlower();
  const at = (journal: Phone['journal']) => isolationOf(journal, YARD)('v', '2026-07-20')?.verdict;
  const steps = isolationInSteps(phone.journal, YARD, ['2026-07-20']);
  steps.next();
  steps.next();
  phone.say('2026-07-25T12:00:00Z', over('w', '2026-07-18'));
  finished(steps);
  const fresh = new Journal();
  fresh.add(phone.journal.entries());
  expect(at(phone.journal)).toBe(at(fresh));
  const ready = finished(isolationInSteps(phone.journal, YARD, ['2026-07-20']));
  expect(ready('v', '2026-07-20')?.verdict).toBe(at(fresh));
});
