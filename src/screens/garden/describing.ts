import { type CropId, cropOf } from '@/core/crops/catalogue';
import type { Sowing } from '@/core/crops/variety';
import type { VarietyTraits } from '@/core/crops/traits';
import type { Bodies } from '@/core/journal/kinds/kinds';
import type { Variety } from '@/core/journal/state';

type Plain = Pick<Variety, 'name' | 'purpose' | 'seedSource' | 'ownPollen'>;

export interface Typed extends Plain {
  crop: CropId | undefined;
  traits: VarietyTraits;
  how: Sowing['how'] | 'unknown';
  day: string;
  daysToFlower: string;
  fruitWanted: string;
  note: string;
}

export interface Checked extends Plain {
  crop: CropId;
  traits: VarietyTraits;
  how: Typed['how'];
  day?: string;
  daysToFlower?: number;
  fruitWanted?: number;
  note?: string;
}

export const NEW: Typed = {
  name: '',
  crop: undefined,
  purpose: 'seedToKeep',
  seedSource: 'unknown',
  ownPollen: 'lastResort',
  traits: {},
  how: 'unknown',
  day: '',
  daysToFlower: '',
  fruitWanted: '',
  note: '',
};

export const typedOf = ({ sowing, daysToFlower, fruitWanted, ...held }: Variety): Typed => ({
  name: held.name,
  crop: held.crop,
  purpose: held.purpose,
  seedSource: held.seedSource,
  ownPollen: held.ownPollen,
  traits: held.traits,
  note: held.note ?? '',
  how: sowing?.how ?? 'unknown',
  day: sowing?.day ?? '',
  daysToFlower: String(daysToFlower ?? ''),
  fruitWanted: String(fruitWanted ?? ''),
});

export function bodyOf(given: Checked, variety: string): Bodies['variety.described'] {
  const { how, day, daysToFlower, fruitWanted, note, traits, ...plain } = given;
  const variable = new Set<string>(cropOf(given.crop).variableTraits);
  return {
    variety,
    ...plain,
    // Answers to the questions of another crop are dropped with it.
    traits: Object.fromEntries(Object.entries(traits).filter(([trait]) => variable.has(trait))),
    ...(how !== 'unknown' && day && { sowing: { how, day } }),
    ...(daysToFlower !== undefined && { daysToFlower }),
    ...(fruitWanted !== undefined && { fruitWanted }),
    ...(note && { note }),
  };
}
