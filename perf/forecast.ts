import { seededChance } from '../demo/chance';
import { Journal } from '../src/core/journal/journal';
import { openingForecast } from '../src/core/opening/openingForecast';
import { addDays } from '../src/core/time/calendar';
import { BenchGarden } from './benchGarden';
import { ratioOf, report } from './ratio';

const DAY = '2026-07-19';
const DAYS = 5;
const EVENINGS = 14;
const PER_BED = 50;

/** A garden of squash whose buds were counted on two weeks of evenings. */
function countedGarden(plants: number): Journal {
  const chance = seededChance(12);
  const garden = new BenchGarden();
  for (let b = 0; b < plants / PER_BED; b += 1) {
    const [bed, variety] = [`bed${b}`, `variety${b}`];
    garden.say('bed.laid', {
      bed,
      name: `B${b}`,
      x: 0,
      y: b * 3,
      length: 30,
      width: 1,
      rows: 1,
      turn: 0,
      every: 0.5,
    });
    garden.sayVariety(variety, b);
    const ids = Array.from({ length: PER_BED }, (_, i) => `p${b}-${i}`);
    garden.say('plants.set', {
      bed,
      row: 1,
      variety,
      plants: ids.map((plant, i) => ({ plant, place: i + 1 })),
    });
    for (const plant of ids) {
      for (let ago = 0; ago < EVENINGS; ago += 1) {
        const buds = () => ({
          female: Math.floor(chance.between(0, 2)),
          male: Math.floor(chance.between(0, 4)),
        });
        garden.say('scouted', { plant, day: addDays(DAY, -ago), eve: buds(), green: buds(), pin: buds() });
      }
    }
  }
  const journal = new Journal();
  journal.add(garden.entries);
  return journal;
}

/** Expecting the flowers of ten times as many plants. */
export async function forecastBench(): Promise<void> {
  const site = { id: 'g', name: '', place: '', latitude: 52, longitude: 0, zone: 'Europe/London' };
  const [few, many] = [countedGarden(300), countedGarden(3000)];
  const forecast = (journal: Journal) => () => openingForecast(journal, site, DAY, DAYS);
  // What was folded once is kept: only the forecast itself is compared.
  forecast(few)();
  forecast(many)();
  report('flowers to expect of 3,000 plants against 300', await ratioOf(forecast(many), forecast(few)), 11);
}
