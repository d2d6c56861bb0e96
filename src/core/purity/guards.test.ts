import type { Fact } from '../journal/entry';
import type { FlowerIsolation } from '../isolation/isolationReport';
import { daysBetween } from '../time/calendar';
import type { Day } from '../time/types';
import { begin, YARD, type Phone } from '@testing/yard';
import { plantsToWalk } from '../due/outings';
import { guardsOf, type Guard } from './guards';
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

test('set up on the day itself it may have come after the insects', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] }]);
  phone.say('2026-07-12T05:00:00Z', cage(['v1']));
  brushed(phone, 'f', 'v1', '2026-07-12');
  brushed(phone, 'g', 'v2', '2026-07-12');
  expect([guard(phone, 'f'), guard(phone, 'g')]).toEqual(['broken: guard.cageLate', undefined]);
});

test('of several cages the one in which it stood on most of the days, and it is named', () => {
  const phone = peppers();
  for (const id of ['a', 'z']) phone.say('2026-07-01T09:00:00Z', cage([], id));
  phone.say('2026-07-09T09:00:00Z', cage(['v1'], 'z'));
  phone.say('2026-07-12T12:00:00Z', cage(['v1'], 'a'));
  brushed(phone, 'f', 'v1', '2026-07-10');
  const [found] = guardsOf(phone.journal, phone.journal.all('bloom').get('f')!, {});
  expect(found!.reason).toEqual({ code: 'guard.cage', params: { name: 'z' } });
});

test('pollinated once more on a later day, it has to be guarded on that day too', () => {
  const phone = peppers();
  phone.say('2026-07-10T09:00:00Z', cage(['v1', 'v2']));
  phone.say('2026-07-20T09:00:00Z', cage(['v2']));
  for (const plant of ['v1', 'v2']) {
    brushed(phone, plant, plant, '2026-07-15');
    phone.say('2026-07-21T08:00:00Z', {
      kind: 'pollinated',
      body: {
        ...{ bloom: plant, plant, day: '2026-07-21', application: 2, donors: [], found: 'open' },
        ...{ method: 'brush', shutAgain: false, tagged: true },
      },
    } as Fact);
  }
  expect([guard(phone, 'v1'), guard(phone, 'v2')]).toEqual(['broken: guard.cageOpen', 'holds: guard.cage']);
});

describe('cages opened in turn', () => {
  const opened = (phone: Phone, id: string, day: Day): void => {
    phone.say(`${day}T07:00:00Z`, { kind: 'cage.opened', body: { cage: id, day } });
  };
  /** All of w but w3, which was pulled out before, in another cage. */
  function inTurn(): Phone {
    const phone = begin([
      { variety: 'v', crop: 'annuum', plants: ['v1'] },
      { variety: 'w', crop: 'annuum', plants: ['w1', 'w2', 'w3'] },
    ]);
    phone.say('2026-07-01T07:00:00Z', { kind: 'plant.removed', body: { plant: 'w3', why: 'other' } });
    phone.say('2026-07-02T09:00:00Z', cage(['v1']), cage(['w1', 'w2'], 'd'));
    brushed(phone, 'f', 'v1', '2026-07-12');
    return phone;
  }

  test('what else crosses is shut in: only what grows outside can come', () => {
    const phone = inTurn();
    opened(phone, 'c', '2026-07-12');
    expect(guard(phone, 'f')).toBe('doubtful: guard.cageInTurn');
  });

  test('on each of the days on which the flower takes pollen', () => {
    const phone = inTurn();
    opened(phone, 'c', '2026-07-12');
    opened(phone, 'c', '2026-07-13');
    opened(phone, 'd', '2026-07-13');
    expect(guard(phone, 'f')).toBe('broken: guard.cageOpen');
  });

  test('not while one of the others stands outside its cage', () => {
    const phone = inTurn();
    phone.say('2026-07-05T09:00:00Z', cage(['w1'], 'd'));
    opened(phone, 'c', '2026-07-12');
    expect(guard(phone, 'f')).toBe('broken: guard.cageOpen');
  });
});

describe('distance, on each of the days on which a flower takes pollen', () => {
  const found = (...verdicts: (FlowerIsolation | undefined)[]): Guard | undefined => {
    const phone = peppers();
    brushed(phone, 'f', 'v1', '2026-07-12');
    const isolationOf = (_: string, day: Day): FlowerIsolation | undefined =>
      verdicts[daysBetween('2026-07-12', day)] ?? verdicts[0];
    return guardsOf(phone.journal, phone.journal.all('bloom').get('f')!, { isolationOf })[0];
  };
  const isolated: FlowerIsolation = { verdict: 'isolated', requiredMetres: 300 };

  test('holds by the worst of them, and says what it takes', () => {
    expect(found(isolated)).toEqual({
      ...{ by: 'distance', state: 'holds' },
      reason: { code: 'guard.distance', params: {} },
    });
    expect(found(isolated, { verdict: 'notLooked', requiredMetres: 500 })!.reason).toEqual({
      code: 'guard.notLooked',
      params: { metres: 500 },
    });
    const notNoted: FlowerIsolation = { verdict: 'notNoted', requiredMetres: 300, notNoted: 'w' };
    expect(found(isolated, notNoted)!.reason).toEqual({
      code: 'guard.notNoted',
      params: { name: 'w', source: 'w' },
    });
    expect(found(isolated, { ...notNoted, notNoted: 'gone' })!.reason.params).toMatchObject({ name: '?' });
    expect(found(isolated, { verdict: 'rareOnly', requiredMetres: 300 })).toMatchObject({
      state: 'doubtful',
    });
    expect(found(isolated, { verdict: 'tooClose', requiredMetres: 300 })).toBeUndefined();
  });

  test('nothing where it was not judged on one of them', () => {
    expect(found(isolated, { verdict: 'notRequired', requiredMetres: 0 })).toBeUndefined();
    expect(found({ verdict: 'notRequired', requiredMetres: 0 })).toBeUndefined();
    const phone = peppers();
    brushed(phone, 'f', 'v1', '2026-07-12');
    const bloom = phone.journal.all('bloom').get('f')!;
    const onlyOn = (days: readonly Day[]) =>
      guardsOf(phone.journal, bloom, {
        isolationOf: (_, day) => (days.includes(day) ? isolated : undefined),
      });
    expect(onlyOn(['2026-07-12', '2026-07-13'])).toEqual([]);
    expect(onlyOn(['2026-07-12', '2026-07-13', '2026-07-14'])).toHaveLength(1);
    expect(onlyOn([])).toEqual([]);
  });
});

test('nothing guards what grows on no plant that is known, or of which no day is known', () => {
  const phone = peppers();
  brushed(phone, 'f', 'nobody', '2026-07-12');
  phone.say('2026-07-12T09:00:00Z', cage(['nobody', 'v1']), {
    kind: 'missed',
    body: { bloom: 'g', plant: 'v1', why: 'skipped' },
  });
  expect([guard(phone, 'f'), guard(phone, 'g')]).toEqual([undefined, undefined]);
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
    // What they had is gone by the third day.
    const [inTime, late] = (['2026-07-01', '2026-06-30'] as const).map((day) =>
      guard(kept(['v1', 'v2'], { day, from: 'caught' }), 'k'),
    );
    expect([inTime, late]).toEqual(['doubtful: guard.cageCaught', 'holds: guard.cageStocked']);
    const clean = kept(['v1', 'v2'], { day: '2026-07-24', from: 'clean' });
    expect(guard(clean, 'k')).toBe('holds: guard.cageStocked');
    clean.say('2026-07-23T09:00:00Z', {
      kind: 'cage.stocked',
      body: { cage: 'c', day: '2026-07-23', from: 'caught' },
    });
    expect(guard(clean, 'k')).toBe('doubtful: guard.cageCaught');
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
