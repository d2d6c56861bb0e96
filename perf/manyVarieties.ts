import type { Browser } from '@playwright/test';
import { BenchGarden } from './benchGarden';
import { gardenTab } from './gardenTab';
import { median, report } from './ratio';
import { link, longestTask, type Tap } from './taps';

const PLANTS_OF_EACH = 15;
const FEW = 10;
const MANY = 200;
const RUNS = 3;
const BOUND = 2;

/** Varieties of one species, a bed each, of which some flowers were pollinated. */
function gardenOf(varieties: number): BenchGarden {
  const garden = new BenchGarden();
  for (let v = 0; v < varieties; v += 1) {
    const [bed, variety] = [`b${v}`, `v${v}`];
    const plants = Array.from({ length: PLANTS_OF_EACH }, (_, i) => ({ plant: `p${v}-${i}`, place: i + 1 }));
    const [x, y] = [(v % 20) * 10, 3 * Math.floor(v / 20)];
    garden.say('bed.laid', { bed, name: `B${v}`, x, y, length: 8, width: 1, rows: 1, turn: 0, every: 0.5 });
    garden.say('variety.described', {
      ...{ variety, name: `Variety ${v}`, crop: 'pepo', purpose: 'seedToKeep' },
      ...{ seedSource: 'ownGuarded', ownPollen: 'lastResort', traits: {} },
    });
    garden.say('plants.set', { bed, row: 1, variety, plants });
    const [plant, male] = [`p${v}-0`, `p${v}-1`];
    garden.say('covered', {
      ...{ plant, day: '2026-07-10', method: 'tape' },
      blooms: [{ bloom: `f${v}`, sex: 'female', code: '' }],
    });
    garden.say('covered', {
      ...{ plant: male, day: '2026-07-10', method: 'tape' },
      blooms: [{ bloom: `m${v}`, sex: 'male', code: '' }],
    });
    garden.say('pollinated', {
      ...{ bloom: `f${v}`, plant, donors: [{ plant: male, bloom: `m${v}` }], found: 'shut' },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
    });
  }
  return garden;
}

const PAGES: readonly Tap[] = [
  { what: 'the plan', on: '/', where: link('Garden') },
  { what: 'crossing', on: '/garden', where: link('Crossing') },
  { what: 'the calendar', on: '/garden', where: link('Calendar') },
  {
    what: 'a variety',
    on: '/garden/crossing',
    where: (page) => page.getByText(/^Variety \d+$/).first(),
  },
  { what: 'a fruit', on: '/fruit', where: (page) => page.getByText(/, not looked at yet$/).first() },
];

/** The longest task of opening the pages of the garden with 200 varieties of one species and 3,000 plants, against ten. */
export async function manyVarietiesBench(browser: Browser, base: string): Promise<void> {
  const few = await gardenTab(browser, base, gardenOf(FEW));
  const many = await gardenTab(browser, base, gardenOf(MANY));
  for (const tap of PAGES) {
    const ratios: number[] = [];
    for (let run = 0; run <= RUNS; run += 1) {
      const ratio =
        ((await longestTask(many, tap)) ?? Infinity) / Math.max(50, (await longestTask(few, tap)) ?? 50);
      // The first still compiles.
      if (run > 0) ratios.push(ratio);
    }
    report(`longest task of opening ${tap.what}, ${MANY} varieties against ${FEW}`, median(ratios), BOUND);
  }
  await few.context().close();
  await many.context().close();
}
