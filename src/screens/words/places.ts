import type { Journal } from '@/core/journal/journal';
import type { Plant } from '@/core/journal/state';
import { placeNumber } from '@/core/records/plantLabel';

/** Where a plant stands, in two parts: `Bed C, row 2, plant` and `4`. */
export interface PlaceParts {
  readonly where: string;
  readonly number: string;
}

/** Letters of a bed that is only numbered: it needs the word in front, and one that has a name does not. */
const SHORT_NAME = 4;

/** A bed as one speaks of it: `Bed C`, `Top bed`. */
export const sayBed = (name: string): string => (name.length <= SHORT_NAME ? `Bed ${name}` : name);

/** The same within a sentence: `bed C`, `Top bed`. */
export const bedInSentence = (name: string): string => (name.length <= SHORT_NAME ? `bed ${name}` : name);

/** `Bed A, B`, or `Top bed, Bed B`. */
export const sayBeds = (names: readonly string[]): string =>
  names.every((name) => name.length <= SHORT_NAME) ? `Bed ${names.join(', ')}` : names.map(sayBed).join(', ');

export function placeParts(journal: Journal, plant: Plant | undefined): PlaceParts {
  if (!plant) return { where: 'A plant that is not on the plan', number: '' };
  const bed = journal.all('bed').get(plant.bed)?.name ?? '?';
  const plants = plant.count > 1 ? 'plants' : 'plant';
  return { where: `${sayBed(bed)}, row ${plant.row}, ${plants}`, number: placeNumber(plant) };
}

/** Where a plant stands, in words: `Bed C, row 2, plant 4`. */
export function sayPlace(journal: Journal, plant: Plant | undefined): string {
  const { where, number } = placeParts(journal, plant);
  return number ? `${where} ${number}` : where;
}
