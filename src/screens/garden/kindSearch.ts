import Fuse from 'fuse.js';
import type { CropId } from '@/core/crops/catalogue';
import { KINDS, kindCalled } from '@/core/crossing/kinds';

export interface FoundKind {
  readonly name: string;
  readonly crops: readonly CropId[];
}

const NAMES: readonly FoundKind[] = KINDS.flatMap(({ names, crops }) =>
  names.map((name) => ({ name, crops })),
);

const index = new Fuse(NAMES, {
  keys: ['name'],
  threshold: 0.34,
  ignoreLocation: true,
  minMatchCharLength: 2,
});

/** Kinds whose name is like what was typed, the likest first; each name once. */
export function findKinds(typed: string, most = 6): FoundKind[] {
  const text = typed.trim();
  if (text.length < 2) return [];
  const exact = kindCalled(text);
  const found = index.search(text, { limit: most }).map(({ item }) => item);
  if (!exact) return found;
  const first = NAMES.find(({ name, crops }) => crops === exact.crops && kindCalled(name) === exact)!;
  const same = found.find(({ name }) => kindCalled(name) === exact) ?? first;
  return [same, ...found.filter((each) => each !== same)].slice(0, most);
}
