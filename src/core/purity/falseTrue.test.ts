import { begin, lookedAround, YARD, type Phone } from '@testing/yard';
import { cropOf, type CoveredCrop, type CropId } from '../crops/catalogue';
import type { Fact } from '../journal/entry';
import type { Bodies } from '../journal/kinds/kinds';
import { walkId } from '../journal/kinds/walk';
import { walkFacts } from '../outing/walkFacts';
import { isolationOf } from '../planning/isolationOf';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import type { LinkName } from './chain';
import { purityOf } from './purityOf';

/** Ways in which seed that is not true seemed to be, and good seed seemed not to be. Common practice, no source. */

const DAY: Day = '2026-07-19';
const EVENING = `${addDays(DAY, -1)}T18:00:00Z`;
const at = (hhmm: string, day = DAY): string => `${day}T${hhmm}:00Z`;

type Covered = Bodies['covered'];
const covered = (
  plant: string,
  bloom: string,
  more: Partial<Covered> & { sex?: 'male' | 'perfect' } = {},
): Fact => {
  const { sex = 'female', ...rest } = more;
  return {
    kind: 'covered',
    body: {
      ...{ plant, day: DAY, method: 'bag' },
      blooms: [{ bloom, sex, code: sex === 'male' ? '' : `K${bloom}` }],
      ...rest,
    } as Covered,
  };
};
const pollinated = (
  plant: string,
  bloom: string,
  donors: string,
  more: Partial<Bodies['pollinated']> = {},
): Fact => {
  const [father = '', male = ''] = donors.split('/');
  return {
    kind: 'pollinated',
    body: {
      ...{ bloom, plant, donors: [{ plant: father, bloom: male }], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
      ...more,
    } as Bodies['pollinated'],
  };
};
const OPEN = { found: 'open', shutAgain: false, method: 'brush', day: DAY } as const;

const chainOf = ({ journal }: Phone, bloom: string) =>
  purityOf(journal, YARD, journal.all('bloom').get(bloom)!, { isolationOf: isolationOf(journal, YARD) })!;
const link = (phone: Phone, bloom: string, name: LinkName): string => {
  const { state, reasons } = chainOf(phone, bloom).chain.find((each) => each.link === name)!;
  return `${state}: ${reasons[0]!.code}`;
};

/** The other variety was seen in flower on the day. */
const inFlower = (phone: Phone): Phone => {
  phone.say(at('03:00'), { kind: 'flowering.seen', body: { variety: 'w', day: DAY } });
  return phone;
};

/** Two varieties of a crop with three plants each, both in flower; a covered female on v1 and a male on v2 and on w2. */
function garden(crop: CropId = 'pepo'): Phone {
  const phone = begin(
    ['v', 'w'].map((variety) => ({ variety, crop, plants: [1, 2, 3].map((i) => `${variety}${i}`) })),
  );
  inFlower(phone);
  phone.say(EVENING, covered('v1', 'f'));
  for (const variety of ['v', 'w'])
    phone.say(EVENING, covered(`${variety}2`, `m-${variety}`, { sex: 'male' }));
  return phone;
}

describe('the father’s seed', () => {
  test.each([
    ['f1', 'broken: seed.father.f1'],
    ['openGarden', 'doubtful: seed.father.openGarden'],
    ['swapped', 'unknown: seed.father.swapped'],
    ['boughtLine', 'holds: seed.ownGuarded'],
  ] as const)('from %s', (seedSource, said) => {
    const phone = garden();
    phone.say('2026-05-03T09:00:00Z', {
      kind: 'planting.set',
      body: { planting: 'late', variety: 'v', seedSource },
    });
    phone.say('2026-05-03T09:05:00Z', {
      kind: 'plants.set',
      body: { bed: 'bed-v', row: 1, variety: 'v', planting: 'late', plants: [{ plant: 'v9', place: 9 }] },
    });
    phone.say(EVENING, covered('v9', 'm9', { sex: 'male' }));
    phone.say(at('04:30'), pollinated('v1', 'f', 'v9/m9'));
    expect(link(phone, 'f', 'seedSource')).toBe(said);
  });
});

test('what is crossed is not alone at any distance: her sisters shed on her', () => {
  const grown = (crossed: boolean): Phone => {
    const phone = begin([{ variety: 'v', crop: 'tomato', plants: ['v1', 'v2'] }]);
    phone.say(at('08:00'), ...lookedAround('tomato', DAY));
    if (crossed)
      phone.say('2026-07-01T09:00:00Z', {
        kind: 'mating.set',
        body: { mating: 'x', mother: 'v', father: 'w', purpose: 'seedForFun', ownPollen: 'never', from: DAY },
      });
    phone.say(EVENING, covered('v1', 'f', { sex: 'perfect', method: 'none' }));
    phone.say(EVENING, {
      kind: 'emasculated',
      body: { plant: 'v1', day: DAY, blooms: [{ bloom: 'f', code: 'Kf' }] },
    });
    phone.say(at('08:30'), pollinated('v1', 'f', crossed ? 'w1/m' : 'v2/m', OPEN));
    return phone;
  };
  expect(link(grown(false), 'f', 'cover')).toBe('holds: guard.distance');
  expect(link(grown(true), 'f', 'cover')).toBe('broken: cover.none');
});

test('an open fruit beside a plant that was pulled out as an off-type, whenever that was seen', () => {
  const phone = begin([{ variety: 'v', crop: 'okra', plants: ['v1', 'v2', 'v3'] }]);
  phone.say(at('08:00'), ...lookedAround('okra', DAY), pollinated('v1', 'open', 'v2/m', OPEN));
  phone.say(EVENING, covered('v1', 'shut', { sex: 'perfect' }), covered('v2', 'm', { sex: 'perfect' }));
  phone.say(at('08:10'), pollinated('v1', 'shut', 'v2/m'));
  expect(link(phone, 'open', 'plants')).toBe('pending: plants.untilHarvest');
  phone.say('2026-08-09T08:00:00Z', { kind: 'plant.removed', body: { plant: 'v3', why: 'offType' } });
  expect(link(phone, 'open', 'plants')).toBe('doubtful: plants.besideOffType');
  expect(link(phone, 'shut', 'plants')).toBe('pending: plants.untilHarvest');
  // One of another variety is none of its own, nor was one there that had been pulled out before.
  const others = begin([
    { variety: 'v', crop: 'okra', plants: ['v1', 'v2', 'v3'] },
    { variety: 'w', crop: 'tomato', plants: ['w1'] },
  ]);
  others.say('2026-06-01T08:00:00Z', { kind: 'plant.removed', body: { plant: 'v3', why: 'offType' } });
  others.say(at('08:00'), ...lookedAround('okra', DAY), pollinated('v1', 'open', 'v2/m', OPEN));
  others.say('2026-08-09T08:00:00Z', { kind: 'plant.removed', body: { plant: 'w1', why: 'offType' } });
  expect(link(others, 'open', 'plants')).toBe('pending: plants.untilHarvest');
});

describe('a cage', () => {
  const cage = (plants: readonly string[]): Fact => ({
    kind: 'cage.set',
    body: { cage: 'c', name: 'c', plants },
  });

  test('stops insects, and not what the wind carries', () => {
    for (const [crop, said] of [
      ['corn', 'broken: cover.none'],
      ['annuum', 'holds: guard.cage'],
    ] as const) {
      const phone = begin([
        { variety: 'v', crop, plants: ['v1', 'v2'] },
        { variety: 'w', crop, plants: ['w1'] },
      ]);
      inFlower(phone);
      phone.say('2026-07-10T09:00:00Z', cage(['v1', 'v2']));
      phone.say(at('08:30'), pollinated('v1', 'f', 'v2/m', OPEN));
      expect(link(phone, 'f', 'cover')).toBe(said);
    }
  });

  const gourds = (set: string): Phone => {
    const phone = begin([
      { variety: 'v', crop: 'bottleGourd', plants: ['v1', 'v2'] },
      { variety: 'w', crop: 'bottleGourd', plants: ['w1'] },
    ]);
    inFlower(phone);
    phone.say(set, cage(['v1', 'v2']));
    phone.say(at('20:40'), pollinated('v1', 'f', 'v2/m', OPEN));
    return phone;
  };

  test('set up hours before the dusk of its gourd guards it; set up after it had opened it came too late', () => {
    expect(link(gourds(at('14:00')), 'f', 'cover')).toBe('holds: guard.cage');
    expect(link(gourds(at('20:30')), 'f', 'cover')).toBe('broken: cover.none');
  });

  test('opened at dawn lets in what comes to the flower of the dusk before', () => {
    const phone = gourds(at('14:00'));
    phone.say(at('05:00', addDays(DAY, 1)), {
      kind: 'cage.opened',
      body: { cage: 'c', day: addDays(DAY, 1) },
    });
    expect(link(phone, 'f', 'cover')).toBe('broken: cover.none');
  });

  test('with an insect in it, and nothing that crosses far around: the best guard counts', () => {
    const phone = begin([{ variety: 'v', crop: 'annuum', plants: ['v1', 'v2'] }]);
    phone.say('2026-07-10T09:00:00Z', cage(['v1', 'v2']));
    phone.say(at('08:30'), pollinated('v1', 'f', 'v2/m', { ...OPEN, found: 'insect' }));
    expect(link(phone, 'f', 'intact')).toBe('unknown: guard.notLooked');
    phone.say(at('09:30'), ...lookedAround('annuum', DAY));
    expect(link(phone, 'f', 'intact')).toBe('holds: guard.distance');
    expect(link(phone, 'f', 'cover')).toBe('holds: guard.cage');
  });
});

describe('what touched it before', () => {
  const row = (plants: readonly string[]): Fact => ({
    kind: 'rowPollinated',
    body: { day: DAY, plants, method: 'brush' },
  });
  const BRUSH = { method: 'brush' } as const;

  test('a brush that went along a row carries what insects left there, and other pollen', () => {
    const pollen = (plants: readonly string[], minute: string, more: object = {}): string => {
      const phone = garden('annuum');
      phone.say(at(minute), row(plants));
      phone.say(at('08:00'), pollinated('v1', 'f', 'v2/m-v', { ...BRUSH, ...more }));
      return link(phone, 'f', 'cleanPollen');
    };
    expect(pollen(['v3'], '07:50')).toBe('doubtful: pollen.visitedBefore');
    expect(pollen(['w3'], '07:50')).toBe('doubtful: pollen.visitedBefore');
    expect(pollen(['w3'], '07:50', { tool: 'clean' })).toBe('holds: pollen.clean');
    expect(pollen(['w3'], '08:10')).toBe('holds: pollen.clean');
    expect(pollen(['w3'], '01:00')).toBe('holds: pollen.clean');
  });

  test('a brush that was in a flower given mixed pollen carries all of the mix', () => {
    const phone = garden('annuum');
    phone.say(at('07:00'), { kind: 'pollen.mixed', body: { pollen: 'mix', day: DAY, of: ['m-v', 'm-w'] } });
    phone.say(EVENING, covered('v3', 'g'));
    phone.say(at('07:30'), pollinated('v3', 'g', '/mix', BRUSH));
    phone.say(at('07:40'), pollinated('v1', 'f', 'v2/m-v', BRUSH));
    expect(link(phone, 'f', 'cleanPollen')).toBe('unknown: pollen.brushNotNoted');
  });

  test('a vial holds all that was ever put into it, and into what was put into that', () => {
    const phone = garden();
    const mixed = (pollen: string, of: readonly string[]): Fact => ({
      kind: 'pollen.mixed',
      body: { pollen, day: DAY, of },
    });
    phone.say(at('03:00'), mixed('dirty', ['m-w']), mixed('vial', ['dirty', 'm-v']));
    // Filled again from a clean male: what was in it is in it.
    phone.say(at('04:00'), mixed('vial', ['m-v']));
    phone.say(at('04:30'), pollinated('v1', 'f', '/vial'));
    expect(link(phone, 'f', 'cleanPollen')).toBe('broken: pollen.otherVariety');
    // What is put into it later is in no flower before.
    const later = garden();
    later.say(at('03:00'), mixed('vial', ['m-v']));
    later.say(at('04:30'), pollinated('v1', 'f', '/vial'));
    later.say(at('05:30'), mixed('vial', ['m-w']));
    expect(link(later, 'f', 'cleanPollen')).toBe('holds: pollen.clean');
    // A ring of vials ends.
    later.say(at('02:00'), mixed('a', ['b']), mixed('b', ['a', 'm-v']));
    later.say(at('04:40'), pollinated('v1', 'f', '/a', { application: 2 }));
    expect(link(later, 'f', 'cleanPollen')).toBe('holds: pollen.clean');
  });
});

test('one code on three stalks says of none which it is, but for another season’s', () => {
  const phone = garden();
  phone.say(EVENING, covered('v3', 'g'));
  phone.say(at('04:30'), pollinated('v1', 'f', 'v2/m-v'), pollinated('v3', 'g', 'v2/m-v'));
  expect(link(phone, 'f', 'tag')).toBe('pending: tag.untilHarvest');
  const tagged = (bloom: string, day: Day): Fact =>
    covered('v3', bloom, { day, blooms: [{ bloom, sex: 'female', code: 'Kf' }] });
  phone.say('2025-07-18T18:00:00Z', tagged('old', '2025-07-19'));
  phone.say('2025-07-19T04:30:00Z', pollinated('v3', 'old', 'v2/m-v'));
  expect(link(phone, 'f', 'tag')).toBe('pending: tag.untilHarvest');
  phone.say('2026-07-24T18:00:00Z', tagged('again', '2026-07-25'));
  phone.say('2026-07-25T04:30:00Z', pollinated('v3', 'again', 'v2/m-v'));
  expect(link(phone, 'f', 'tag')).toBe('doubtful: tag.shared');
  expect(link(phone, 'again', 'tag')).toBe('doubtful: tag.shared');
});

test('it may stand open for some minutes until insects fly, by the hours of its day', () => {
  const shut = (minute: string, openMinutes: number): string => {
    const phone = garden();
    phone.say(at(minute), pollinated('v1', 'f', 'v2/m-v', { openMinutes }));
    return link(phone, 'f', 'closedAgain');
  };
  // Sunrise is at 4:06 by this clock: bees fly from first light.
  expect(shut('03:30', 10)).toMatch(/^holds/);
  expect(shut('04:30', 10)).toBe('doubtful: closed.openFor');
});

describe('what was noted of a day’s opening rules that day', () => {
  const gourd = (coveredAt: string, notes: readonly (readonly [string, 'open' | 'notYet'])[]): string => {
    const phone = begin([
      { variety: 'v', crop: 'bottleGourd', plants: ['v1', 'v2'] },
      { variety: 'w', crop: 'bottleGourd', plants: ['w1'] },
    ]);
    inFlower(phone);
    for (const [time, seen] of notes)
      phone.say(at(time), { kind: 'hours.seen', body: { crop: 'bottleGourd', day: DAY, seen } });
    phone.say(at(coveredAt), covered('v1', 'f'));
    return link(phone, 'f', 'cover');
  };

  test('found open at half past six, covered at half past seven', () => {
    // Sunset is at 21:20 here: they open from 20:20 on.
    expect(gourd('18:30', [])).toBe('holds: cover.before');
    expect(gourd('18:30', [['17:30', 'open']])).toBe('broken: cover.late');
    expect(gourd('17:00', [['17:30', 'open']])).toBe('holds: cover.before');
  });

  test('found shut still, it had not opened before that', () => {
    expect(gourd('20:00', [])).toBe('broken: cover.late');
    expect(gourd('20:00', [['20:30', 'notYet']])).toBe('holds: cover.before');
    // Of two notes that contradict each other the worse counts.
    expect(
      gourd('20:00', [
        ['20:30', 'notYet'],
        ['19:45', 'open'],
      ]),
    ).toBe('broken: cover.late');
  });
});

describe('a visit that is put right', () => {
  const visit = (phone: Phone, female: number, male = 0): Fact[] =>
    walkFacts(
      {
        ...{ plant: 'v1', day: DAY, eve: { female, male }, green: { female: 0, male: 0 } },
        method: 'tape',
      },
      {
        journal: phone.journal,
        variety: phone.journal.all('variety').get('v')!,
        crop: cropOf('pepo') as CoveredCrop,
        newId: () => `n${phone.journal.size}`,
        tags: [`T${phone.journal.size}`],
      },
    );
  const blooms = ({ journal }: Phone): readonly string[] =>
    journal.all('walk').get(walkId('v1', DAY))?.blooms ?? [];
  const begun = (): Phone => {
    const phone = begin([
      { variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] },
      { variety: 'w', crop: 'pepo', plants: ['w1'] },
    ]);
    inFlower(phone);
    phone.say(EVENING, ...visit(phone, 1));
    return phone;
  };

  test('a flower that is added after it had opened was covered then, and not the evening before', () => {
    const phone = begun();
    const [first] = blooms(phone);
    phone.say(at('09:30'), ...visit(phone, 2));
    const added = blooms(phone).find((bloom) => bloom !== first)!;
    expect(link(phone, first!, 'cover')).toBe('holds: cover.before');
    expect(link(phone, added, 'cover')).toBe('broken: cover.late');
    // Put right once more, each keeps its own time.
    phone.say(at('09:40'), ...visit(phone, 2, 1));
    expect(link(phone, first!, 'cover')).toBe('holds: cover.before');
    expect(link(phone, added, 'cover')).toBe('broken: cover.late');
  });

  test('to fewer keeps the one that was pollinated', () => {
    const phone = begun();
    phone.say(EVENING, ...visit(phone, 2));
    const [first, second] = blooms(phone);
    phone.say(at('04:30'), pollinated('v1', second!, 'v2/m'));
    phone.say(at('09:30'), ...visit(phone, 1));
    expect(blooms(phone)).toEqual([second]);
    expect(link(phone, second!, 'cover')).toBe('holds: cover.before');
    expect(phone.journal.all('bloom').has(first!)).toBe(false);
    phone.say(at('09:40'), ...visit(phone, 0));
    expect(link(phone, second!, 'cover')).toBe('holds: cover.before');
  });
});

test('a neighbour’s flower that was counted a day later does not say that it had none before', () => {
  const guard = (...facts: readonly Fact[]): string => {
    const phone = begin(
      ['v', 'w'].map((variety) => ({ variety, crop: 'okra' as const, plants: [`${variety}1`] })),
    );
    phone.say(at('12:00'), ...lookedAround('okra', DAY), ...facts);
    phone.say(at('08:30'), pollinated('v1', 'f', 'v1/m', OPEN));
    return link(phone, 'f', 'cover');
  };
  const later = addDays(DAY, 2);
  const open = { female: 1, male: 0 };
  expect(guard({ kind: 'counted', body: { plant: 'w1', day: later, open } })).toBe('unknown: guard.notNoted');
  expect(guard({ kind: 'flowering.seen', body: { variety: 'w', day: later } })).toBe('holds: guard.distance');
});

test('a bag over the tape at ten covers what was covered the evening before', () => {
  const phone = garden();
  phone.say(at('04:30'), pollinated('v1', 'f', 'v2/m-v'));
  phone.say(at('10:00'), covered('v1', 'f', { method: 'bag' }));
  expect(link(phone, 'f', 'cover')).toBe('holds: cover.before');
  // What was only marked was not covered before.
  const marked = begin(['v', 'w'].map((variety) => ({ variety, crop: 'pepo', plants: [`${variety}1`] })));
  inFlower(marked);
  marked.say(EVENING, covered('v1', 'f', { method: 'none' }));
  marked.say(at('10:00'), covered('v1', 'f'));
  expect(link(marked, 'f', 'cover')).toBe('broken: cover.late');
});

test('an F1 is a known parent of a cross, and no parent of a pure line', () => {
  const phone = garden();
  const [described] = [...phone.journal.entries()].filter(
    ({ kind, body }) => kind === 'variety.described' && (body as { variety: string }).variety === 'w',
  );
  phone.say('2026-05-01T09:30:00Z', {
    kind: 'amended',
    body: {
      ...{ target: described!.id, of: 'variety.described' },
      body: { ...described!.body, seedSource: 'f1' } as never,
    },
  });
  phone.say('2026-07-01T09:00:00Z', {
    kind: 'mating.set',
    body: { mating: 'x', mother: 'v', father: 'w', purpose: 'seedForFun', ownPollen: 'never', from: DAY },
  });
  phone.say(at('04:30'), pollinated('v1', 'f', 'w2/m-w'));
  expect(link(phone, 'f', 'seedSource')).toBe('holds: seed.ownGuarded');
  expect(chainOf(phone, 'f').grade).toBe('true');
  phone.say(EVENING, covered('w1', 'g'));
  phone.say(at('04:40'), pollinated('w1', 'g', 'w2/m-w'));
  expect(link(phone, 'g', 'seedSource')).toBe('broken: seed.f1');
});
