import { DEMO, reopenApp, screen, see, stored } from '@testing/app';
import { entryOf } from '@testing/entries';
import { endStop, startMorning } from '@testing/round';
import { cropOf } from '@/core/crops/catalogue';
import { wantsSeed } from '@/core/crops/variety';
import type { Fact, StoredEntry } from '@/core/journal/entry';
import { Journal } from '@/core/journal/journal';

jest.setTimeout(120_000);

const journal = new Journal();
journal.add(DEMO);
/** A plant of squash grown for seed, and two of the same beside it, on which nothing was done yet. */
const squash = [...journal.all('plant').values()].find(({ variety, removed }) => {
  const { crop, purpose } = journal.all('variety').get(variety)!;
  return !removed && wantsSeed(purpose) && cropOf(crop).seedFruits;
})!;
const [LOADED, FRESH] = ['loaded', 'fresh'];
const planted: Fact = {
  kind: 'plants.set',
  body: {
    ...{ bed: squash.bed, row: squash.row, variety: squash.variety },
    plants: [LOADED, FRESH].map((plant, i) => ({ plant, place: 20 + i })),
  },
};

const covered = (plant: string, day: string, blooms: readonly [bloom: string, code: string][]): Fact => ({
  kind: 'covered',
  body: {
    plant,
    day,
    method: 'tape',
    blooms: blooms.map(([bloom, code]) => ({ bloom, sex: 'female', code })),
  },
});
const OFF = ['thin-1', 'thin-2'];
const GROWING = [...OFF, 'old-1', 'old-2', 'old-3'];

/** More than it ripens on one plant, and on another the first female of the season. */
const facts: readonly [at: string, fact: Fact][] = GROWING.flatMap((bloom, i) => {
  const day = i < 2 ? '2026-07-10' : '2026-07-08';
  const pollinated: Fact = {
    kind: 'pollinated',
    body: {
      ...{ bloom, plant: LOADED, donors: [], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
    },
  };
  return [
    [`${day}T01:00:00Z`, covered(LOADED, day, [[bloom, `X${i}00`]])],
    [`${day}T05:00:00Z`, pollinated],
    ['2026-07-18T10:00:00Z', { kind: 'looked', body: { bloom, seen: 'growing' } }],
  ] as [string, Fact][];
});
const MORE = [
  ['2026-05-20T10:00:00Z', planted],
  ...facts,
  ['2026-07-18T17:00:00Z', covered(FRESH, '2026-07-19', [['first', 'Y100']])],
] as const;
const GARDEN = {
  entries: [
    ...DEMO,
    ...MORE.map(([at, fact], i) => {
      const lamport = journal.lamport + i + 1;
      return {
        ...entryOf(fact, { id: `more-${i}`, lamport, at, device: DEMO[0]!.device, action: `more-${i}` }),
        garden: DEMO[0]!.garden,
      };
    }),
  ],
};

const says = (text: RegExp): boolean => screen.queryAllByText(text).length > 0;
const fresh = async () => (await stored()).slice(GARDEN.entries.length);

/** What is tapped at each kind of stop that is seen for the first time; all else as planned. */
const CARDS: readonly [asks: RegExp, taps: readonly (string | RegExp)[]][] = [
  [/^Look for fruit that set by itself$/, ['One fruit more', 'One fruit more', '2 fruits off']],
  // The first of the two is spared.
  [/^Take off 2 fruits$/, [/ off$/, 'Done']],
  [/^Take the .* off$/, ['Off by itself']],
];

test('covers and fruit come off on a round, and the pages of their fruit say so', async () => {
  await startMorning(GARDEN);

  const left = [...CARDS];
  while (left.length > 0) {
    const card = left.findIndex(([asks]) => says(asks));
    const taps = card < 0 ? [/^(Done|None, continue|Leave it|Leave them)$/] : left.splice(card, 1)[0]![1];
    await endStop(...taps);
  }

  const facts = await fresh();
  expect(facts.find(({ kind }) => kind === 'stripped')).toMatchObject({
    body: { plant: FRESH, day: '2026-07-19', count: 2, kept: [] },
  });
  const thinned = facts.filter(({ kind }) => kind === 'removed');
  // The demo may have more to thin that morning.
  const own = thinned.filter(({ body }) => (body as { bloom: string }).bloom.startsWith('thin-'));
  expect(own).toMatchObject([{ body: { how: 'thinned' } }]);
  const uncovered = facts.find(({ kind }) => kind === 'uncovered')!;
  // Nobody knows since when.
  expect(uncovered.body).toMatchObject({ found: 'off' });
  expect(uncovered.body).not.toHaveProperty('day');

  const page = (entry: StoredEntry): string => `/fruit/${(entry.body as { bloom: string }).bloom}`;
  await reopenApp(page(uncovered), GARDEN);
  await see('Cover: off by itself');
  await see('day not known');
  await reopenApp(page(own[0]!), GARDEN);
  await see(/thinned/i);
  const spared = OFF.find((bloom) => bloom !== (own[0]!.body as { bloom: string }).bloom)!;
  await reopenApp(`/fruit/${spared}`, GARDEN);
  await see('Look now');
});
