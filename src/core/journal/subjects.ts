import type { Entry } from './entry';

/** The things an entry can be about. The state of each is folded on its own. */
export type SubjectType =
  'garden' | 'device' | 'season' | 'bed' | 'variety' | 'plant' | 'walk' | 'flower' | 'round' | 'weather';

export type SubjectKey = `${SubjectType}:${string}`;

export const GARDEN: SubjectKey = 'garden:';

/** A walk is one plant's visit on the evening before `morning`. */
export const walkId = (plant: string, morning: string): string => `${plant}|${morning}`;

/**
 * The subjects an entry names: a late arrival refolds these and no others.
 * An amendment or a strike names none of its own; it acts on the subjects of its target.
 */
export function subjectsOf(entry: Entry): SubjectKey[] {
  switch (entry.kind) {
    case 'garden.described':
      return [GARDEN];
    case 'device.named':
      return [`device:${entry.device}`];
    case 'season.named':
      return [`season:${entry.body.season}`];
    case 'bed.laid':
      return [`bed:${entry.body.bed}`];
    case 'variety.described':
      return [`variety:${entry.body.variety}`];
    case 'plants.set':
      return entry.body.plants.map(({ plant }): SubjectKey => `plant:${plant}`);
    case 'plant.removed':
      return [`plant:${entry.body.plant}`];
    case 'scouted':
      return [`walk:${walkId(entry.body.plant, entry.body.morning)}`];
    case 'covered':
      return [
        `walk:${walkId(entry.body.plant, entry.body.morning)}`,
        ...entry.body.flowers.map(({ flower }): SubjectKey => `flower:${flower}`),
      ];
    case 'round.planned':
      return [`round:${entry.body.round}`];
    case 'picked':
      return [
        `round:${entry.body.round}`,
        ...entry.body.flowers.map((flower): SubjectKey => `flower:${flower}`),
        ...entry.body.spoiled.map(({ flower }): SubjectKey => `flower:${flower}`),
      ];
    case 'pollinated':
    case 'missed':
      return [`round:${entry.body.round}`, `flower:${entry.body.flower}`];
    case 'looked':
    case 'removed':
    case 'harvested':
      return [`flower:${entry.body.flower}`];
    case 'weather.noted':
      return [`weather:${entry.body.day}`];
    case 'amended':
    case 'struck':
      return [];
  }
}
