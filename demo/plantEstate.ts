import { SEASON, VARIETIES, type DemoVariety, type PlantedVariety } from './estate';
import { BARRIERS, OTHERS, OUTSIDE, SURROUNDINGS } from './neighbours';
import type { GoesOn } from './lastSummer';
import { SECOND_PHONE, type Phones } from './phones';

/**
 * Writes down the demo garden on a day in May: its beds and plants, and what grows next to them.
 *
 * @param before the summer before, whose beds and varieties go on.
 * @returns the variety of each plant that is walked.
 */
export function plantEstate(
  phones: Phones,
  { beds, varieties: known, sown }: GoesOn,
): Map<string, DemoVariety> {
  phones.goTo('2026-05-20', 10);
  phones.tap(['device.named', { letter: 'K', name: 'First phone' }]);
  phones.tap(['season.named', { season: phones.id(), ...SEASON }]);
  const varieties = new Map<string, DemoVariety>();
  for (const variety of VARIETIES)
    for (const plant of plantVariety(phones, { beds, known, sown }, variety)) varieties.set(plant, variety);
  for (const other of OTHERS) plantVariety(phones, { beds, known, sown }, other);
  for (const barrier of BARRIERS) phones.tap(['barrier.set', { barrier: phones.id(), ...barrier }]);
  for (const outside of OUTSIDE) phones.tap(['outside.described', { source: phones.id(), ...outside }]);
  phones.tap(['surroundings.described', SURROUNDINGS]);
  phones.device = SECOND_PHONE;
  phones.tap(['device.named', { letter: 'T', name: 'Second phone' }]);
  return varieties;
}

/** @returns its plants, row by row. */
function plantVariety(
  phones: Phones,
  { beds, known, sown }: Pick<GoesOn, 'beds' | 'sown'> & { readonly known: GoesOn['varieties'] },
  planted: PlantedVariety,
): string[] {
  const variety = known.get(planted.body.name)!;
  phones.tap(['variety.described', { variety, ...planted.body }]);
  const planting = sown.get(planted.body.name);
  return planted.rows.flatMap((row) => {
    const plants = Array.from({ length: planted.plantsPerRow }, (_, i) => ({
      plant: phones.id(),
      place: i + 1,
    }));
    phones.tap([
      'plants.set',
      { bed: beds.get(planted.bed)!, row, variety, plants, ...(planting && { planting }) },
    ]);
    return plants.map(({ plant }) => plant);
  });
}
