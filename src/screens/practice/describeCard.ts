import { cropOf } from '@/core/crops/catalogue';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import type { SignId } from '@/core/flowers/signs/sign';
import type { Finding, FlowerCard } from '@/core/practice/cards';
import { describe } from '../words/flowers';

const FROM_SIDE: readonly SignId[] = [
  'under',
  'stalkLength',
  'size',
  'colour',
  'tip',
  'organ',
  'branches',
  'hangingAnthers',
  'silk',
  'petals',
];

/** For who cannot see the drawing: what it shows, not what it is. */
export function describeCard({ crop: id, kind, exercise, finding }: FlowerCard, face: boolean): string {
  const crop = cropOf(id) as SeenCrop;
  if (face) return describe(crop, kind, ['inside']);
  const found = exercise === 'seed' && finding ? ` ${FOUND[finding]}` : '';
  return describe(crop, kind, FROM_SIDE) + found;
}

const FOUND: Readonly<Record<Finding, string>> = {
  covered: 'Its cover is intact.',
  uncovered: 'It has no cover.',
  hole: 'Its cover is intact. There is a hole at its base.',
  slipped: 'Its cover hangs at its side.',
  faded: 'It has no cover.',
};
