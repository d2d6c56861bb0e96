import { dropCurve, type DropBracket } from '../analysis/dropCurve';
import { setByFactor } from '../analysis/setByFactor';
import type { SetTrial } from '../analysis/setTrials';
import { liveSeason } from './liveSeason';
import type { FlowerInTruth } from './playedPlanting';
import { AS_PLANNED, type SimulatedGarden } from './simulatedGarden';
import { stageOf } from './stage';
import { natureOf } from './truth';

/** What estimates see of a season, held against what was true in it. */

const gardenOf = (plants: number, kept: number): SimulatedGarden => ({
  from: '2026-06-20',
  latitude: 48,
  climate: { coldMin: -2, coldMax: 4, warmMin: 14, warmMax: 25 },
  endsIn: 60,
  plantings: [
    {
      ...{ variety: 'v', crop: 'pepo', forSeed: true, glass: false, plants },
      ...{ startsIn: 0, flowersFor: 30, bearsAfter: [0, 0] },
      ...{ females: { mean: 0.3, of: 1e9 }, males: { mean: 9, of: 1e9 }, malesWanted: 1, serves: 99 },
      ...{ covered: true, takes: 3, outing: 'morning' },
      worth: Array.from({ length: 18 }, (_, point) => 1 - 0.04 * point),
      ...{
        kept: [kept],
        insects: [0.3],
        hanging: [],
        picked: 0,
        pickedCovered: 0,
        doneToday: false,
        ripensIn: [50, 60],
        dropsBy: 14,
      },
    },
  ],
});

const seasonsOf = (plants: number, kept: number, seasons: number): FlowerInTruth[][] => {
  const [stage, nature] = [stageOf(gardenOf(plants, kept)), natureOf(99)];
  return Array.from({ length: seasons }, (_, season) => {
    const flowers: FlowerInTruth[] = [];
    liveSeason(stage, nature, { way: AS_PLANNED, season, watch: (flower) => flowers.push(flower) });
    return flowers;
  });
};

const trialOf = ({ plant, minute, drops }: FlowerInTruth): SetTrial => ({
  ...{ plant: `p${plant}`, variety: 'v' },
  fate: drops === undefined ? { yes: true, until: Infinity } : { yes: false, until: drops },
  factors: { hour: minute / 60 },
});

/** Looks every three or four days, as one comes by, until day 22. */
function bracketOf({ plant, day, drops = Infinity }: FlowerInTruth): DropBracket {
  const off = (plant + day) % 4;
  let after = 0;
  for (let look = 3 - (off % 3); look <= 22; look += 3 + (off % 2)) {
    if (drops <= look) return { plant: `p${plant}`, after, by: look };
    after = look;
  }
  return { plant: `p${plant}`, after, by: Infinity };
}

/** How often each interval holds the truth, and by how much the shares are off on average. */
function judge({
  plants,
  kept,
  seasons,
  every,
}: {
  plants: number;
  kept: number;
  seasons: number;
  every: number;
}) {
  const all = seasonsOf(plants, kept, seasons);
  const flowers = all.flat();
  const truth = flowers.reduce((sum, { chance }) => sum + chance, 0) / flowers.length;
  const growing = (day: number): number =>
    flowers.filter(({ drops = Infinity }) => drops > day).length / flowers.length;
  const found = all.map((season, i) => {
    const [{ counted, believed }] = setByFactor(season.map(trialOf), 'variety') as [
      ReturnType<typeof setByFactor>[number],
    ];
    // The curve takes a hundred times as long as the rest; of fewer than five plants it has no band.
    const curve = i % every === 0 ? dropCurve(season.map(bracketOf)) : undefined;
    const band = curve?.days.find(({ day }) => day === 7)?.band;
    const holds = ({ low, high }: { readonly low: number; readonly high: number }): boolean =>
      low <= truth && truth <= high;
    return {
      counted: holds({ low: counted.low!, high: counted.high! }),
      believed: holds(believed),
      curve: band && band[0] <= growing(7) && growing(7) <= band[1],
      off: counted.share! - truth,
      drawn: believed.share - truth,
    };
  });
  const share = (of: 'counted' | 'believed' | 'curve'): number => {
    const known = found.flatMap((each) => each[of] ?? []);
    return known.filter(Boolean).length / known.length;
  };
  const mean = (of: 'off' | 'drawn'): number => found.reduce((sum, each) => sum + each[of], 0) / seasons;
  return {
    holds: [share('counted'), share('believed'), share('curve')],
    off: mean('off'),
    drawn: mean('drawn'),
  };
}

// Of 120 times 0.95 is seen as 0.88 or less once in a thousand, of 40 times as 0.82. Over 300 seasons, at shares of 0.2,
// 0.55 and 0.85, intervals of shares hold 0.95 to 0.97 with 40 plants and 0.96 to 0.98 with six, and the curve's band on
// days 4, 7 and 12 0.93 to 0.99 and 0.92 to 0.96.
test.each([
  { plants: 40, kept: 0.55, seasons: 120, every: 3, least: 0.82, off: 0.01 },
  { plants: 6, kept: 0.2, seasons: 120, every: 1, least: 0.88, off: 0.03 },
])('intervals of what is stated at 95 % hold with $plants plants', ({ least, off, ...garden }) => {
  const found = judge(garden);
  for (const share of found.holds) expect(share).toBeGreaterThanOrEqual(least);
  expect(Math.abs(found.off)).toBeLessThan(off);
  expect(Math.abs(found.drawn)).toBeLessThan(off);
});
