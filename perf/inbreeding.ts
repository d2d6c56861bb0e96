import { seededChance } from '../demo/chance';
import { inbreedingOf, type Individual } from '../src/core/population/inbreeding';
import { ratioOf, report } from './ratio';

/** Inbreeding of a pedigree of many generations against the plain recursion from plant to parents. */

const PLANTS = 5_000;
const GENERATIONS = 12;
const TIMES_AS_FAST = 10;
/** The recursion takes minutes for all: it is timed on one plant of so many. */
const ONE_OF = 25;

/** Generations of the same size, each plant of a mother and a father of the one before. */
function pedigree(): Individual[] {
  const chance = seededChance(29);
  const each = Math.ceil(PLANTS / GENERATIONS);
  return Array.from({ length: PLANTS }, (_, i): Individual => {
    const generation = Math.floor(i / each);
    if (generation === 0) return { parents: [] };
    const parent = (): number => (generation - 1) * each + Math.floor(chance.next() * each);
    return { parents: [{ mother: parent(), father: parent(), share: 1 }] };
  });
}

/** Coancestry by its rule: half the sum of the younger one's parents [Malécot 1948]. */
function plainly(individuals: readonly Individual[], plants: readonly number[]): number[] {
  const parentsOf = individuals.map(({ parents }) => parents[0]);
  const coancestry = (a: number | undefined, b: number | undefined): number => {
    if (a === undefined || b === undefined) return 0;
    if (a < b) return coancestry(b, a);
    const parents = parentsOf[a];
    if (a === b) return parents ? (1 + coancestry(parents.mother, parents.father)) / 2 : 0.5;
    return parents ? (coancestry(parents.mother, b) + coancestry(parents.father, b)) / 2 : 0;
  };
  return plants.map((plant) => coancestry(parentsOf[plant]?.mother, parentsOf[plant]?.father));
}

/** The tabular method: every relationship of every two, row by row. */
function byTable(individuals: readonly Individual[]): Float64Array {
  const rows: Float64Array[] = [];
  return Float64Array.from(individuals, ({ parents: [pair] }, i) => {
    const row = new Float64Array(i + 1);
    rows.push(row);
    const { mother, father } = pair ?? {};
    const at = (a: number, b: number): number => (a > b ? rows[a]![b]! : rows[b]![a]!);
    if (mother === undefined || father === undefined) {
      row[i] = 1;
      return 0;
    }
    for (let j = 0; j < i; j += 1) row[j] = (at(mother, j) + at(father, j)) / 2;
    row[i] = 1 + at(mother, father) / 2;
    return row[i]! - 1;
  });
}

export async function inbreedingBench(): Promise<void> {
  const individuals = pedigree();
  const some = individuals.flatMap((_, i) => (i % ONE_OF === 0 ? [i] : []));
  const table = byTable(individuals);
  const { coefficients } = inbreedingOf(individuals);
  const farthest = coefficients.reduce((most, f, i) => Math.max(most, Math.abs(f - table[i]!)), 0);
  report('inbreeding of 5,000 plants, farthest from the tabular method, billionths', farthest * 1e9, 1);
  report(
    `time for it, times ${TIMES_AS_FAST}, against the plain recursion`,
    (TIMES_AS_FAST / ONE_OF) *
      (await ratioOf(
        () => inbreedingOf(individuals),
        () => plainly(individuals, some),
        { runs: 3 },
      )),
    1,
  );
}
