import type { Fact } from '../journal/entry';
import type { Day } from '../time/types';
import { begin, YARD, type Phone } from '@testing/yard';
import { plantsToWalk } from '../due/outings';
import { guardsOf } from './guards';
import { purityOf } from './purityOf';

const cage = (plants: readonly string[], id = 'c'): Fact => ({
  kind: 'cage.set',
  body: { cage: id, name: id, plants },
});

const brushed = (phone: Phone, bloom: string, plant: string, day: Day): void => {
  phone.say(`${day}T08:00:00Z`, {
    kind: 'pollinated',
    body: {
      bloom,
      plant,
      day,
      donors: [],
      found: 'open',
      method: 'brush',
      shutAgain: false,
      tagged: true,
    },
  });
};

const guard = (phone: Phone, bloom: string): string | undefined => {
  const [found] = guardsOf(phone.journal, phone.journal.all('bloom').get(bloom)!, {});
  return found && `${found.state}: ${found.reason.code}`;
};

const peppers = (): Phone =>
  begin([
    { variety: 'v', crop: 'annuum', plants: ['v1', 'v2'] },
    { variety: 'w', crop: 'annuum', plants: ['w1'] },
  ]);

test('a cage guards from the day after a plant came into it until the day before it left', () => {
  const phone = peppers();
  phone.say('2026-07-10T09:00:00Z', cage(['v1']));
  phone.say('2026-07-15T09:00:00Z', cage(['v1', 'v2']));
  phone.say('2026-07-20T09:00:00Z', cage(['v2']));
  // What opens takes pollen for three days.
  const days = ['2026-07-09', '2026-07-10', '2026-07-11', '2026-07-17', '2026-07-18', '2026-07-21'];
  for (const day of days) for (const plant of ['v1', 'v2']) brushed(phone, `${plant}${day}`, plant, day);
  const of = (plant: string) => days.map((day) => guard(phone, `${plant}${day}`));
  const [holds, late] = ['holds: guard.cage', 'broken: guard.cageLate'];
  const open = 'broken: guard.cageOpen';
  expect(of('v1')).toEqual([late, late, holds, holds, open, undefined]);
  expect(of('v2')).toEqual([undefined, undefined, undefined, holds, holds, holds]);
});

test('in turn: what was pulled out since stood in the open on that day', () => {
  const phone = peppers();
  phone.say('2026-07-10T09:00:00Z', cage(['v1', 'v2']));
  phone.say('2026-07-12T07:00:00Z', { kind: 'cage.opened', body: { cage: 'c', day: '2026-07-12' } });
  brushed(phone, 'f', 'v1', '2026-07-12');
  expect(guard(phone, 'f')).toBe('broken: guard.cageOpen');
  phone.say('2026-07-20T07:00:00Z', { kind: 'plant.removed', body: { plant: 'w1', why: 'other' } });
  expect(guard(phone, 'f')).toBe('broken: guard.cageOpen');
});

test('a brush carries pollen to the next variety that crosses until it is noted that it was cleaned', () => {
  const phone = peppers();
  const at = (minutes: number): string => `2026-07-19T08:${String(minutes).padStart(2, '0')}:00Z`;
  const flower = (bloom: string, plant: string, minutes: number, tool?: 'clean' | 'used'): void => {
    phone.say(at(minutes), {
      kind: 'pollinated',
      body: {
        bloom,
        plant,
        day: '2026-07-19',
        donors: [{ plant, bloom: `m-${bloom}` }],
        found: 'shut',
        method: 'brush',
        shutAgain: true,
        tagged: true,
        ...(tool && { tool }),
      },
    });
    phone.say('2026-07-18T18:00:00Z', {
      kind: 'covered',
      body: {
        plant,
        day: '2026-07-19',
        method: 'bag',
        blooms: [
          { bloom, sex: 'perfect', code: bloom },
          { bloom: `m-${bloom}`, sex: 'perfect', code: '' },
        ],
      },
    });
  };
  flower('a', 'v1', 0);
  flower('b', 'w1', 10);
  flower('c', 'w1', 12);
  flower('d', 'v2', 20, 'clean');
  flower('e', 'v2', 22);
  flower('f', 'w1', 30, 'used');
  const pollen = (bloom: string): string => {
    const purity = purityOf(phone.journal, YARD, phone.journal.all('bloom').get(bloom)!)!;
    const link = purity.chain.find((each) => each.link === 'cleanPollen')!;
    return `${link.state}: ${link.reasons[0]!.code}`;
  };
  expect(pollen('a')).toBe('holds: pollen.ownPlant');
  expect(pollen('b')).toBe('unknown: pollen.brushNotNoted');
  // The brush still has on it what it got two flowers ago.
  expect(pollen('c')).toBe('unknown: pollen.brushNotNoted');
  expect(pollen('d')).toBe('holds: pollen.ownPlant');
  expect(pollen('e')).toBe('holds: pollen.ownPlant');
  expect(pollen('f')).toBe('doubtful: pollen.brushCarried');
});

describe('insects put into a cage', () => {
  /** A squash of v in a cage, one of w in the open, and fruit that set by itself and was found on the 24th. */
  function kept(inCage: readonly string[], stock?: { day: Day; from: 'clean' | 'caught' }): Phone {
    const phone = begin([
      { variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] },
      { variety: 'w', crop: 'pepo', plants: ['w1'] },
      { variety: 'm', crop: 'moschata', plants: ['m1'] },
    ]);
    phone.say('2026-06-10T09:00:00Z', cage(inCage));
    if (stock) phone.say(`${stock.day}T09:00:00Z`, { kind: 'cage.stocked', body: { cage: 'c', ...stock } });
    phone.say('2026-07-24T09:00:00Z', {
      kind: 'stripped',
      body: { plant: 'v1', day: '2026-07-24', count: 0, kept: [{ bloom: 'k', code: 'K1' }] },
    });
    return phone;
  }
  const grade = ({ journal }: Phone): string =>
    purityOf(journal, YARD, journal.all('bloom').get('k')!)!.grade;

  test('raised without flowers, they set seed that is true: open-set seed from a cage', () => {
    const phone = kept(['v1', 'v2'], { day: '2026-06-20', from: 'clean' });
    expect([guard(phone, 'k'), grade(phone)]).toEqual(['holds: guard.cageStocked', 'true']);
  });

  test('not where another variety stands in it, or they may have brought pollen along', () => {
    const mixed = kept(['v1', 'w1'], { day: '2026-06-20', from: 'clean' });
    expect([guard(mixed, 'k'), grade(mixed)]).toEqual(['broken: guard.cageMixed', 'notForSeed']);
    const rarely = kept(['v1', 'm1'], { day: '2026-06-20', from: 'clean' });
    expect([guard(rarely, 'k'), grade(rarely)]).toEqual(['doubtful: guard.cageMixedRarely', 'doubtful']);
    const caught = kept(['v1', 'v2'], { day: '2026-07-20', from: 'caught' });
    expect([guard(caught, 'k'), grade(caught)]).toEqual(['doubtful: guard.cageCaught', 'doubtful']);
    // Long before any flower that may have set it.
    const longAgo = kept(['v1', 'v2'], { day: '2026-06-20', from: 'caught' });
    expect(guard(longAgo, 'k')).toBe('holds: guard.cageStocked');
  });

  test('where nobody put any in, and it set all the same, something had got in', () => {
    const phone = kept(['v1', 'v2']);
    expect([guard(phone, 'k'), grade(phone)]).toEqual(['doubtful: guard.cageSetAlone', 'doubtful']);
    phone.say('2026-08-01T09:00:00Z', {
      kind: 'cage.stocked',
      body: { cage: 'c', day: '2026-08-01', from: 'clean' },
    });
    expect(guard(phone, 'k')).toBe('doubtful: guard.cageSetAlone');
  });

  test('a pepper sets in a cage without them', () => {
    const phone = peppers();
    phone.say('2026-06-10T09:00:00Z', cage(['v1']));
    phone.say('2026-07-24T09:00:00Z', {
      kind: 'stripped',
      body: { plant: 'v1', day: '2026-07-24', count: 0, kept: [{ bloom: 'k', code: 'K1' }] },
    });
    expect([guard(phone, 'k'), grade(phone)]).toEqual(['holds: guard.cage', 'true']);
  });

  test('found in a flower they do no harm to a pure line, and guard no cross', () => {
    const found = (stocked: boolean, cross: boolean): string => {
      const phone = begin([
        { variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] },
        { variety: 'w', crop: 'pepo', plants: ['w1'] },
      ]);
      phone.say('2026-06-10T09:00:00Z', cage(['v1', 'v2']));
      if (stocked)
        phone.say('2026-06-20T09:00:00Z', {
          kind: 'cage.stocked',
          body: { cage: 'c', day: '2026-06-20', from: 'clean' },
        });
      if (cross)
        phone.say('2026-06-21T09:00:00Z', {
          kind: 'mating.set',
          body: {
            ...{ mating: 'x', name: 'x', mother: 'v', father: 'w', from: '2026-06-21' },
            ...{ purpose: 'seedToKeep', ownPollen: 'never' },
          },
        } as Fact);
      const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
        kind: 'covered',
        body: { plant, day: '2026-07-19', method: 'tape', blooms: [{ bloom, sex, code: bloom }] },
      });
      phone.say('2026-07-18T18:00:00Z', covered(cross ? 'w1' : 'v2', 'm', 'male'));
      phone.say('2026-07-19T05:00:00Z', {
        kind: 'pollinated',
        body: {
          ...{
            bloom: 'k',
            plant: 'v1',
            day: '2026-07-19',
            donors: [{ plant: cross ? 'w1' : 'v2', bloom: 'm' }],
          },
          ...{ found: 'insect', method: 'maleFlower', shutAgain: false, tagged: true },
          ...(cross && { mating: 'x' }),
        },
      });
      return grade(phone);
    };
    expect([found(false, false), found(true, false), found(true, true)]).toEqual([
      'notForSeed',
      'true',
      'notForSeed',
    ]);
  });
});

test('no walk leads to plants that insects of their cage work', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1', 'v2', 'v3'] }]);
  phone.say('2026-06-10T09:00:00Z', cage(['v1', 'v2']));
  expect(plantsToWalk(phone.journal)).toHaveLength(3);
  phone.say('2026-06-20T09:00:00Z', {
    kind: 'cage.stocked',
    body: { cage: 'c', day: '2026-06-20', from: 'clean' },
  });
  expect(plantsToWalk(phone.journal).map(({ plant }) => plant)).toEqual(['v3']);
});
