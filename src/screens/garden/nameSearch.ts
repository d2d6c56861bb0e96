import Fuse from 'fuse.js';
import type { CropId } from '@/core/crops/catalogue';
import { COMMON_NAMES, type CommonName } from '@/core/crops/names/commonNameList';
import { findCommonName, normalisedName } from '@/core/crops/names/commonNames';

export interface FoundName {
  readonly name: string;
  readonly crops: readonly CropId[];
}

interface Listed extends FoundName {
  readonly kind: CommonName;
  /** As it is compared with what is typed. */
  readonly plain: string;
}

const NAMES: readonly Listed[] = COMMON_NAMES.flatMap((kind) =>
  kind.names.map((name) => ({ name, crops: kind.crops, kind, plain: normalisedName(name) })),
);

const index = new Fuse(NAMES, {
  keys: ['plain'],
  threshold: 0.34,
  ignoreLocation: true,
  minMatchCharLength: 2,
});

/** Common names similar to what was typed, the most similar first; each name once. */
export function findNames(typed: string, most = 6): FoundName[] {
  const text = normalisedName(typed);
  if (text.length < 2) return [];
  const exact = findCommonName(text);
  const found = index.search(text, { limit: most }).map(({ item }) => item);
  if (!exact) return found;
  const named = NAMES.filter(({ kind }) => kind === exact);
  const first = named.find(({ plain }) => plain === text) ?? named[0]!;
  return [first, ...found.filter((each) => each !== first)].slice(0, most);
}
