import type { Browser } from '@playwright/test';
import { addDays } from '../src/core/time/calendar';
import { BenchGarden } from './benchGarden';
import { gardenTab } from './gardenTab';
import { FRUIT_TAPS, tapsBench } from './taps';

const [FEW, MANY] = [30, 3_000] as const;
const FLOWERS_OF_EACH = 10;
const PLANTS_A_BED = 30;
/** The demo is opened on 18 July; looks are due of the youngest. */
const LAST_DAY = '2026-07-16';
const DAYS = 40;

/** Plants of a few varieties with ten pollinated flowers each, of which most were looked at. */
function gardenOf(fruits: number): BenchGarden {
  const garden = new BenchGarden();
  const plants = fruits / FLOWERS_OF_EACH;
  for (let bed = 0; bed * PLANTS_A_BED < plants; bed += 1) {
    const [id, variety] = [`b${bed}`, `v${bed}`];
    const own = Math.min(PLANTS_A_BED, plants - bed * PLANTS_A_BED);
    garden.on(addDays(LAST_DAY, -2 * DAYS));
    garden.say('bed.laid', {
      ...{ bed: id, name: `B${bed}`, x: 0, y: 3 * bed, length: 16, width: 1, rows: 1, turn: 0, every: 0.5 },
    });
    garden.say('variety.described', {
      ...{ variety, name: `Variety ${bed}`, crop: 'pepo', purpose: 'seedToKeep' },
      ...{ seedSource: 'ownGuarded', ownPollen: 'lastResort', traits: {} },
    });
    garden.say('plants.set', {
      ...{ bed: id, row: 1, variety },
      plants: Array.from({ length: own }, (_, i) => ({ plant: `p${bed}-${i}`, place: i + 1 })),
    });
    for (let i = 0; i < own * FLOWERS_OF_EACH; i += 1) {
      const [plant, other] = [`p${bed}-${i % own}`, `p${bed}-${(i + 1) % own}`];
      const [bloom, male] = [`f${bed}-${i}`, `m${bed}-${i}`];
      const day = addDays(LAST_DAY, -(i % DAYS));
      garden.on(day);
      garden.say('covered', {
        ...{ plant, day, method: 'tape' },
        blooms: [{ bloom, sex: 'female', code: '' }],
      });
      garden.say('pollinated', {
        ...{ bloom, plant, donors: [{ plant: other, bloom: male }], found: 'shut' },
        ...{ method: 'maleFlower', shutAgain: true, tagged: true },
      });
      const looked = addDays(day, 8);
      if (looked > LAST_DAY) continue;
      garden.on(looked);
      garden.say('looked', { bloom, seen: i % 3 === 0 ? 'yellowing' : 'growing' });
    }
  }
  return garden;
}

/** The longest task after a tap on the pages of fruit, with 3,000 fruits and with 30. */
export async function manyFruitsBench(browser: Browser, base: string): Promise<void> {
  for (const fruits of [FEW, MANY]) {
    const page = await gardenTab(browser, base, gardenOf(fruits));
    await tapsBench(page, `${fruits} fruits`, FRUIT_TAPS);
    await page.context().close();
  }
}
