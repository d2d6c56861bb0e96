import Fuse from 'fuse.js';
import type { CropId } from '@/core/crops/catalogue';
import { COMMON_NAMES, findCommonName } from '@/core/crops/names/commonNames';

export interface FoundName {
  readonly name: string;
  readonly crops: readonly CropId[];
}

const NAMES: readonly FoundName[] = COMMON_NAMES.flatMap(({ names, crops }) =>
  names.map((name) => ({ name, crops })),
);

const index = new Fuse(NAMES, {
  keys: ['name'],
  threshold: 0.34,
  ignoreLocation: true,
  minMatchCharLength: 2,
});

/** Common names similar to what was typed, the most similar first; each name once. */
export function findNames(typed: string, most = 6): FoundName[] {
  const text = typed.trim();
  if (text.length < 2) return [];
  const exact = findCommonName(text);
  const found = index.search(text, { limit: most }).map(({ item }) => item);
  if (!exact) return found;
  const first = NAMES.find(({ name, crops }) => crops === exact.crops && findCommonName(name) === exact)!;
  const same = found.find(({ name }) => findCommonName(name) === exact) ?? first;
  return [same, ...found.filter((each) => each !== same)].slice(0, most);
}
