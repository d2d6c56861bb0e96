import type { Entry } from './entry';

/** The things an entry can be about. The state of each is folded on its own. */
export type SubjectType =
  | 'garden'
  | 'device'
  | 'season'
  | 'surroundings'
  | 'bed'
  | 'variety'
  | 'barrier'
  | 'outside'
  | 'plant'
  | 'walk'
  | 'flower'
  | 'round'
  | 'weather';

/** Told of each subject in turn. */
export type Visit = (type: SubjectType, id: string) => void;

/** A walk is one plant's visit on the evening before `morning`. */
export const walkId = (plant: string, morning: string): string => `${plant}|${morning}`;

/**
 * Visits the subjects an entry names: a late arrival refolds these and no others. The garden itself and its surroundings
 * go by the empty id. An amendment or a strike names none of its own; it acts on the subjects of its target.
 */
export function visitSubjects(entry: Entry, visit: Visit): void {
  switch (entry.kind) {
    case 'garden.described':
      return visit('garden', '');
    case 'device.named':
      return visit('device', entry.device);
    case 'season.named':
      return visit('season', entry.body.season);
    case 'bed.laid':
      return visit('bed', entry.body.bed);
    case 'variety.described':
    case 'flowering.seen':
      return visit('variety', entry.body.variety);
    case 'barrier.set':
      return visit('barrier', entry.body.barrier);
    case 'outside.described':
      return visit('outside', entry.body.source);
    case 'surroundings.described':
      return visit('surroundings', '');
    case 'plan.removed':
      return visit(entry.body.what, entry.body.id);
    case 'plants.set':
      for (const { plant } of entry.body.plants) visit('plant', plant);
      return;
    case 'plant.removed':
      return visit('plant', entry.body.plant);
    case 'scouted':
      return visit('walk', walkId(entry.body.plant, entry.body.morning));
    case 'covered':
      visit('walk', walkId(entry.body.plant, entry.body.morning));
      for (const { flower } of entry.body.flowers) visit('flower', flower);
      return;
    case 'round.planned':
      return visit('round', entry.body.round);
    case 'picked':
      visit('round', entry.body.round);
      for (const flower of entry.body.flowers) visit('flower', flower);
      for (const { flower } of entry.body.spoiled) visit('flower', flower);
      return;
    case 'pollinated':
    case 'missed':
      visit('round', entry.body.round);
      return visit('flower', entry.body.flower);
    case 'looked':
    case 'removed':
    case 'harvested':
      return visit('flower', entry.body.flower);
    case 'weather.noted':
      return visit('weather', entry.body.day);
    case 'amended':
    case 'struck':
      return;
  }
}

/** Does the entry name that subject? */
export function names(entry: Entry, type: SubjectType, id: string): boolean {
  let found = false;
  visitSubjects(entry, (itsType, itsId) => (found ||= itsType === type && itsId === id));
  return found;
}
