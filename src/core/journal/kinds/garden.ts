import type { Day } from '../../time/types';
import type { KindDefinitions } from './definition';

/** The garden itself, its devices and its seasons. */
export interface GardenBodies {
  'garden.described': {
    readonly name: string;
    readonly place: string;
    readonly latitude: number;
    readonly longitude: number;
    /** IANA zone. */
    readonly zone: string;
  };
  'device.named': { readonly letter: string; readonly name: string };
  'season.named': { readonly season: string; readonly name: string; readonly from: Day; readonly to: Day };
}

/** The subjects that entries of each kind may name. */
export interface GardenAbout {
  readonly 'garden.described': 'garden';
  readonly 'device.named': 'device';
  readonly 'season.named': 'season';
}

export const GARDEN_KINDS: KindDefinitions<GardenBodies, GardenAbout> = {
  // There is one garden in a journal, and it goes by the empty id.
  'garden.described': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: (_body, each) => each('garden', ''),
  },
  'device.named': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: (_body, each, device) => each('device', device),
  },
  'season.named': {
    version: 1,
    structural: true,
    clockDays: false,
    subjects: ({ season }, each) => each('season', season),
  },
};
