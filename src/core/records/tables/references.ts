import type { Journal } from '../../journal/journal';
import type { SubjectType } from '../../journal/kinds/definition';
import { varietyEver } from '../../journal/varietyEver';

/** An id where the table that it refers to has it: what nobody describes any more, or not yet, refers to nothing. */
const knownIn =
  (type: SubjectType) =>
  (journal: Journal, id: string | undefined): string | undefined =>
    id !== undefined && journal.all(type).has(id) ? id : undefined;

export const knownPlant = knownIn('plant');
export const knownFlower = knownIn('bloom');
export const knownLot = knownIn('lot');
export const knownPlanting = knownIn('planting');

export const knownVariety = (journal: Journal, id: string | undefined): string | undefined =>
  id === undefined ? undefined : varietyEver(journal, id)?.variety;
