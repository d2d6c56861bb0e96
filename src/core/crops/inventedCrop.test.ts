import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { Fact } from '../journal/entry';
import { entryOf } from '@testing/entries';
import type { Garden } from '../journal/state';
import type * as JournalModule from '../journal/journal';
import type * as OutingsModule from '../due/outings';
import type * as WalkFactsModule from '../outing/walkFacts';
import type * as FlowersDueModule from '../due/flowersDue';
import type * as OutingRequestModule from '../round/outingRequest';
import type * as PlanOutingModule from '../round/planOuting';
import type * as StopsModule from '../round/stops';
import type * as TodayModule from '../today/today';
import type * as IdentifyModule from '../flowers/identify';
import type * as KindsOfModule from '../flowers/kindsOf';
import type * as MistakesModule from '../guide/mistakes';
import type * as PurityOfModule from '../purity/purityOf';
import type * as SunModule from '../time/sun';

/**
 * A crop that nobody grows, with an odd way: it opens at noon and is pollinated twice, a day apart, with males that are
 * kept overnight. This file is all there is of it.
 */
const NOONBELL = `
import type { CropFacts, Span } from './crop';
import { GOURD, ourDefault } from './figures';

export const noonbell: CropFacts = {
  ...GOURD,
  name: 'Noonbell',
  types: 'of no kitchen',
  species: 'Nulla meridiana',
  group: 'noonbell',
  pollenVector: 'insects',
  hours: { from: 'noon', opens: ourDefault<Span>([0, 0.5], 'h'), shuts: ourDefault<Span>([3, 4], 'h') },
  receptive: ourDefault<Span>([48, 60], 'h'),
  malesWanted: { fruit: ourDefault(1, 'count'), seed: ourDefault(1, 'count') },
  protocols: {
    seed: {
      walk: { daysBefore: 1, fromSunset: ourDefault(-2, 'h') },
      cover: { bearing: 'eve', male: 'eve' },
      collect: { takes: ourDefault(10, 's'), serves: ourDefault(2, 'count'), keeps: ourDefault(1, 'd') },
      pollinate: { takes: ourDefault(30, 's'), times: ourDefault(2, 'count'), apart: ourDefault(1, 'd') },
      close: true,
      tag: true,
    },
  },
};
`;

/**
 * A crop with perfect flowers of a form of its own, each worked with its own pollen by a needle: none is carried.
 */
const NEEDLECUP = `
import type { CropFacts, Span } from './crop';
import { ISOLATION_ONLY, ourDefault, OUTCROSSER, SELFER_ISOLATION, development } from './figures';

export const needlecup: CropFacts = {
  ...ISOLATION_ONLY,
  ...SELFER_ISOLATION,
  name: 'Needlecup',
  types: 'of no kitchen',
  species: 'Nulla acuta',
  family: 'mallow',
  group: 'needlecup',
  pollenVector: 'insects',
  outcrossing: OUTCROSSER,
  flower: { type: 'cup' } as never,
  hours: { from: 'sunrise', opens: ourDefault<Span>([0, 1], 'h'), shuts: ourDefault<Span>([5, 6], 'h') },
  methods: ['brush'],
  covers: ['bag'],
  development: development(8, 500, 30),
  protocols: {
    seed: {
      walk: { daysBefore: 1, fromSunset: ourDefault(-3, 'h') },
      cover: { bearing: 'eve' },
      pollinate: { takes: ourDefault(20, 's'), times: ourDefault(1, 'count'), apart: ourDefault(0, 'd') },
      close: true,
      tag: true,
    },
  },
};
`;

/** The form of its flowers: they are shut, then open. */
const CUP = `
import type { FormFacts } from './form';
import { byStage } from '../signs/sign';

export const CUP: FormFacts<never> = {
  signs: () => ({
    tip: byStage({
      pin: [0.9, 0.05, 0.05], green: [0.9, 0.05, 0.05], eve: [0.9, 0.05, 0.05],
      open: [0.05, 0.9, 0.05], spent: [0.05, 0.05, 0.9],
    }),
  }),
  mistakes: ['brushedOnce'],
  rogueBy: { young: ['leaf'], beforePollen: ['habit'], atFruit: [], ripe: ['flesh'] },
};
`;

const CORE = path.join(__dirname, '..');
const SCRATCH = path.join(CORE, '../../test-results');

/** The core with more crops: for each its file and its line in the catalogue; the same for their forms. */
function coreWith(crops: Readonly<Record<string, string>>, forms: Readonly<Record<string, string>>): string {
  mkdirSync(SCRATCH, { recursive: true });
  const root = mkdtempSync(path.join(SCRATCH, 'core-'));
  cpSync(CORE, root, { recursive: true, filter: (from) => !from.endsWith('.test.ts') });
  const addLine = (file: string, list: RegExp, name: string, id: string): void => {
    const text = readFileSync(path.join(root, file), 'utf8');
    const line = name === id ? name : `${id}: ${name}`;
    const grown = `import { ${name} } from './${id}';\n${text.replace(list, (head) => `${head}\n  ${line},`)}`;
    if (!grown.includes(`  ${line},`)) throw new Error(`${file} has no such list`);
    writeFileSync(path.join(root, file), grown);
  };
  for (const [id, facts] of Object.entries(crops)) {
    writeFileSync(path.join(root, `crops/${id}.ts`), facts);
    addLine('crops/catalogue.ts', /const FACTS = \{/, id, id);
  }
  for (const [id, facts] of Object.entries(forms)) {
    writeFileSync(path.join(root, `flowers/forms/${id}.ts`), facts);
    addLine('flowers/forms/forms.ts', /const FORMS: .*= \{/, id.toUpperCase(), id);
  }
  return root;
}

const ROOT = coreWith({ noonbell: NOONBELL, needlecup: NEEDLECUP }, { cup: CUP });
const load = <T extends object>(module: string): T => jest.requireActual<T>(path.join(ROOT, module));

afterAll(() => rmSync(ROOT, { recursive: true, force: true }));

const { Journal } = load<typeof JournalModule>('journal/journal');
const { outingsAt, walkAt, dueNow } = load<typeof OutingsModule>('due/outings');
const { walkFacts } = load<typeof WalkFactsModule>('outing/walkFacts');
const { flowersDue } = load<typeof FlowersDueModule>('due/flowersDue');
const { outingRequest } = load<typeof OutingRequestModule>('round/outingRequest');
const { planOuting } = load<typeof PlanOutingModule>('round/planOuting');
const { stopsOf } = load<typeof StopsModule>('round/stops');
const { todayOf } = load<typeof TodayModule>('today/today');
const { purityOf } = load<typeof PurityOfModule>('purity/purityOf');
const { identify } = load<typeof IdentifyModule>('flowers/identify');
const { seenCropOf } = load<typeof KindsOfModule>('flowers/kindsOf');
const { mistakesOf } = load<typeof MistakesModule>('guide/mistakes');
const { sunTimes } = load<typeof SunModule>('time/sun');

const newIds = (): (() => string) => {
  let ids = 0;
  return () => `bloom${(ids += 1)}`;
};

const GARDEN: Garden = { id: 'g', name: 'g', place: '', latitude: 47, longitude: 8, zone: 'Europe/Zurich' };
const HOUR = 3_600_000;

class Yard {
  readonly journal = new Journal();
  #count = 0;

  constructor(crop: string) {
    this.say(
      '2026-07-01T08:00:00Z',
      { kind: 'bed.laid', body: { bed: 'b', name: 'B', x: 0, y: 0, length: 4, width: 1, rows: 1, turn: 0 } },
      {
        kind: 'variety.described',
        body: {
          variety: 'v',
          name: 'v',
          crop: crop as never,
          purpose: 'seedToKeep',
          seedSource: 'boughtLine',
          ownPollen: 'never',
          traits: {},
        },
      },
      {
        kind: 'plants.set',
        body: {
          bed: 'b',
          row: 1,
          variety: 'v',
          plants: ['p1', 'p2'].map((plant, i) => ({ plant, place: i + 1 })),
        },
      },
    );
  }

  say(at: string, ...facts: readonly Fact[]): void {
    this.journal.add(
      facts.map((fact) => {
        this.#count += 1;
        const id = `e${String(this.#count).padStart(4, '0')}`;
        return entryOf(fact, { id, lamport: this.#count, at, device: 'd', action: id });
      }),
    );
  }

  due(day: string) {
    return flowersDue(this.journal, { day, outing: 'midday' });
  }

  /** Goes round a day as planned. */
  goRound(day: string, at: string, outing: 'morning' | 'midday' = 'midday'): string[] {
    const request = outingRequest(this.journal, GARDEN, { day, outing }, Date.parse(at));
    const stops = stopsOf(planOuting(request).rounds[0]!);
    const round = `round-${day}`;
    this.say(at, { kind: 'round.planned', body: { round, day, outing, stops } });
    for (const stop of stops) {
      const where = { round, stop: stop.stop, plant: stop.plant };
      if (stop.kind === 'pick')
        this.say(at, { kind: 'picked', body: { ...where, blooms: stop.blooms, spoiled: [] } });
      else if (stop.kind === 'pollinate') {
        const { bloom, application, donors } = stop;
        this.say(at, {
          kind: 'pollinated',
          body: {
            ...where,
            bloom,
            day,
            ...(application !== undefined && { application }),
            donors,
            found: 'shut',
            method: 'maleFlower',
            shutAgain: true,
            tagged: true,
          },
        });
      }
    }
    return stops.map(({ stop }) => stop);
  }
}

test('a crop whose flowers get their own pollen, with a form of its own, is led through walk, round and purity', () => {
  const yard = new Yard('needlecup');
  const { journal } = yard;
  const evening = '2026-07-10T18:00:00Z';
  const [walked] = walkAt(journal, outingsAt(journal, GARDEN, Date.parse(evening)));
  const { plant, day, variety, crop, roles } = walked!;
  expect(roles).toMatchObject({ bears: true, emasculate: false });
  yard.say(
    evening,
    ...walkFacts(
      {
        ...{ plant: plant.plant, day, method: 'bag' },
        ...{ eve: { female: 2, male: 0 }, green: { female: 0, male: 0 } },
      },
      { journal, variety, crop, newId: newIds(), tags: ['K001', 'K002'] },
    ),
  );
  const due = flowersDue(journal, { day, outing: 'morning' });
  expect([due.females.length, due.males.length, due.shortages]).toEqual([2, 0, []]);
  expect(yard.goRound(day, `${day}T05:00:00Z`, 'morning').sort()).toEqual(['dab-bloom1', 'dab-bloom2']);
  const bloom = journal.all('bloom').get('bloom1')!;
  expect(bloom).toMatchObject({ sex: 'perfect', pollination: { donors: [{ bloom: 'bloom1' }] } });
  expect(flowersDue(journal, { day, outing: 'morning' }).females).toEqual([]);
  const { chain } = purityOf(journal, GARDEN, bloom)!;
  expect(chain.find(({ link }) => link === 'cleanPollen')).toMatchObject({
    state: 'holds',
    reasons: [{ code: 'pollen.ownFlower' }],
  });
  // Its signs and mistakes are those of its form.
  const seen = seenCropOf('needlecup' as never)!;
  expect(identify(seen, {}, { tip: 'open' })).toMatchObject({
    sex: { most: 'perfect' },
    stage: { most: 'open' },
  });
  expect(mistakesOf(seen)).toContain('brushedOnce');
});

test('a crop with an odd way is led through walk, round, second pollination and purity by its file alone', () => {
  const yard = new Yard('noonbell');
  const { journal } = yard;

  // The evening before: the walk begins two hours before sunset, and is for tomorrow.
  const evening = sunTimes('2026-07-10', GARDEN).sunset! - HOUR;
  const walk = dueNow(walkAt(journal, outingsAt(journal, GARDEN, evening)), evening);
  expect(walk.map(({ plant, day }) => [plant.plant, day])).toEqual([
    ['p1', '2026-07-11'],
    ['p2', '2026-07-11'],
  ]);
  expect(todayOf(journal, GARDEN, evening).tasks.next).toMatchObject({ kind: 'walk', size: 2 });
  const newId = newIds();
  walk.forEach(({ plant: { plant }, day, variety, crop }, i) => {
    const eve = i === 0 ? { female: 1, male: 0 } : { female: 0, male: 1 };
    const visit = { plant, day, eve, green: { female: 0, male: 0 }, method: 'bag' } as const;
    const context = { journal, variety, crop, newId, tags: ['K001'] };
    yard.say(new Date(evening).toISOString(), ...walkFacts(visit, context));
  });

  // At noon it opens: an outing of its own.
  const noon = sunTimes('2026-07-11', GARDEN).noon;
  const today = todayOf(journal, GARDEN, noon - HOUR);
  expect(today.about).toMatchObject({ outing: 'midday', day: '2026-07-11', hours: { opens: noon } });
  expect(today.tasks.next).toMatchObject({ kind: 'round', outing: 'midday', size: 1 });
  expect(yard.goRound('2026-07-11', new Date(noon).toISOString())).toEqual(['pick-bloom2', 'dab-bloom1']);
  expect(yard.due('2026-07-11').females).toEqual([]);

  // A day later again, with the male that was kept.
  const again = yard.due('2026-07-12');
  expect(again.buds.females).toMatchObject([{ bloom: 'bloom1', application: 2 }]);
  expect(again.buds.males).toMatchObject([{ bloom: 'bloom2', used: 1 }]);
  expect(yard.goRound('2026-07-12', new Date(noon + 24 * HOUR).toISOString())).toEqual(['dab-bloom1-2']);
  expect(yard.due('2026-07-12').females).toEqual([]);
  expect(yard.due('2026-07-13')).toMatchObject({ females: [], males: [] });

  const bloom = journal.all('bloom').get('bloom1')!;
  expect(bloom.laterPollinations).toHaveLength(1);
  expect(bloom.conflicts).toEqual([]);
  const { chain, soFar } = purityOf(journal, GARDEN, bloom)!;
  expect(chain.filter(({ state }) => state !== 'pending').map(({ state }) => state)).toEqual(
    ['seedSource', 'cover', 'intact', 'cleanPollen', 'closedAgain'].map(() => 'holds'),
  );
  expect(soFar).toBe(true);
});

test('what it does not say is not done: its male is of no use two days later', () => {
  const yard = new Yard('noonbell');
  yard.say('2026-07-10T18:00:00Z', {
    kind: 'covered',
    body: {
      plant: 'p2',
      day: '2026-07-11',
      method: 'bag',
      blooms: [{ bloom: 'm', sex: 'male', code: '' }],
    },
  });
  yard.say('2026-07-11T10:00:00Z', {
    kind: 'picked',
    body: { round: 'r', stop: 's', plant: 'p2', blooms: ['m'], spoiled: [] },
  });
  expect(yard.due('2026-07-12').males.map(({ bloom }) => bloom)).toEqual(['m']);
  expect(yard.due('2026-07-13').males).toEqual([]);
});
