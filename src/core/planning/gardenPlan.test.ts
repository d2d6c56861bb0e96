import { livedSeason } from '@testing/seasons';
import { KINDS } from '../journal/kinds/kinds';
import type { Entry, Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import { gardenPlan, varietyReports, type VarietyReport } from './gardenPlan';

const TODAY = '2026-07-18';
const SEASON = livedSeason('demo');

/** The same garden before anything flowered. */
const UNSEEN = SEASON.filter(({ kind }) => KINDS[kind].structural);

const reportsWith = (...facts: readonly Fact[]): Map<string, VarietyReport> => reportsOf(SEASON, facts);

function reportsOf(entries: readonly Entry[], facts: readonly Fact[]): Map<string, VarietyReport> {
  const journal = new Journal();
  journal.add(entries);
  const last = SEASON.at(-1)!;
  journal.add(
    facts.map(
      ({ kind, body }, i) =>
        ({
          ...last,
          id: `new-${i}`,
          kind,
          v: KINDS[kind].version,
          lamport: last.lamport + 1 + i,
          body,
        }) as never,
    ),
  );
  const garden = journal.all('garden').get('')!;
  const reports = varietyReports(gardenPlan(journal, garden, TODAY));
  return new Map(reports.map((report) => [report.variety.name, report]));
}

const DEMO = reportsWith();
const demo = (name: string): VarietyReport => DEMO.get(name)!;

test('the demo has two that cross, and the strict one is told so', () => {
  const { isolation } = demo('Marsh Button');
  expect(isolation.verdict).toBe('tooClose');
  expect(isolation.risks[0]!.id).toBe(demo('Ember Loaf').variety.variety);
  expect(isolation.outcrossing!.low).toBeGreaterThan(0);
  expect(isolation.methods.map(({ method }) => method)).toContain('coverAndHandPollinate');
  expect(demo('Ember Loaf').isolation.verdict).toBe('notRequired');
});

test('the demo has a pair that only looks risky: two pumpkins of different species', () => {
  const lantern = demo('Slate Lantern').isolation.risks.map(({ id }) => id);
  expect(lantern).not.toContain(demo('Marsh Button').variety.variety);
});

test('the demo has a neighbour’s corn too near, and too few mothers', () => {
  const { isolation, mothers } = demo('Mill Sparrow');
  expect(isolation).toMatchObject({
    verdict: 'tooClose',
    risks: [{ where: 'outside', isolatedBy: 'nothing' }],
  });
  expect(isolation.risks[0]!.compatibility.xenia).toBe('spoils');
  expect(mothers.enough).toBe(false);
});

test('the most endangered comes first', () => {
  const verdicts = [...DEMO.values()].map(({ isolation }) => isolation.verdict);
  expect(verdicts[0]).toBe('tooClose');
  expect(verdicts.at(-1)).toBe('notRequired');
});

test('when flowers were seen on the walks that counts, else what the packet says, else it is calculated', () => {
  expect(demo('Marsh Button').flowering).toMatchObject({ by: 'seen' });
  expect(reportsOf(UNSEEN, []).get('Mill Sparrow')!.flowering).toMatchObject({ by: 'days' });
  expect(demo('Harbour Bead').flowering).toMatchObject({ by: 'degreeDays' });
});

test('a first flower that is seen corrects the forecast, and time may then isolate', () => {
  const { variety } = demo('Mill Sparrow').variety;
  const early = reportsOf(UNSEEN, [{ kind: 'flowering.seen', body: { variety, day: '2026-06-10' } }]).get(
    'Mill Sparrow',
  )!;
  expect(early.flowering).toMatchObject({ first: '2026-06-10', by: 'seen' });
  expect(early.isolation.risks[0]).toMatchObject({ isolatedBy: 'time' });
  expect(early.isolation.verdict).toBe('isolated');
});

test('a source that is gone endangers nobody', () => {
  const { id } = demo('Mill Sparrow').isolation.risks[0]!;
  const without = reportsWith({ kind: 'plan.removed', body: { what: 'outside', id } }).get('Mill Sparrow')!;
  expect(without.isolation.verdict).toBe('noRisk');
});

test('a neighbour’s flowering days in the wrong order do not make it safe', () => {
  const source = SEASON.findLast((entry) => entry.kind === 'outside.described')!.body as never as {
    crop: string;
    flowering?: { from: string; to: string };
  };
  const days = { from: '2026-08-20', to: '2026-07-01' };
  const turned = { ...source, flowering: days };
  const right = { ...source, flowering: { from: days.to, to: days.from } };
  const [is, wanted] = [turned, right].map((body) =>
    [...reportsWith({ kind: 'outside.described', body } as never).values()].map(({ isolation }) => isolation),
  );
  expect(is).toEqual(wanted);
});

test('what was seen of an earlier year says nothing of this one', () => {
  const { variety } = demo('Mill Sparrow').variety;
  const early = { kind: 'flowering.seen', body: { variety, day: '2025-07-10' } } as const;
  expect(reportsWith(early).get('Mill Sparrow')).toEqual({
    ...demo('Mill Sparrow'),
    variety: { ...demo('Mill Sparrow').variety, flowered: ['2025-07-10'] },
  });
  const { id } = demo('Mill Sparrow').isolation.risks[0]!;
  const source = SEASON.findLast(
    (entry) => entry.kind === 'outside.described' && (entry.body as { source: string }).source === id,
  )!.body as object;
  const lastYear = { from: '2025-06-01', to: '2025-06-20' };
  const told = { kind: 'outside.described', body: { ...source, flowering: lastYear } } as never;
  expect(reportsWith(told).get('Mill Sparrow')!.isolation).toMatchObject({
    verdict: 'tooClose',
    risks: [{ daysApart: undefined, isolatedBy: 'nothing' }],
  });
});

test('a sowing of an earlier year forecasts nothing', () => {
  const { variety } = demo('Mill Sparrow');
  const { flowered: _, ...body } = { ...variety, sowing: { how: 'sown', day: '2025-05-12' } as const };
  const { flowering, sowing } = reportsOf(UNSEEN, [{ kind: 'variety.described', body }]).get('Mill Sparrow')!;
  expect(sowing).toBeUndefined();
  expect(flowering).toBeUndefined();
});
