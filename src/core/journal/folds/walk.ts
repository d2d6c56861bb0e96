import { parseWalkId } from '../kinds/walk';
import type { Mutable } from './bloomParts';
import type { PollenFlight } from '../kinds/walk';
import type { EntryAbout } from '../taking';
import type { RowPollinated, Walk } from '../state';

const NO_BUDS = { female: 0, male: 0 };

/** One for all walks that have none. */
const NONE: readonly string[] = [];

const plus = (held: readonly string[], more: readonly string[]): readonly string[] =>
  held.length === 0 ? more : [...new Set([...held, ...more])];

export function reduceWalk(id: string, entries: readonly EntryAbout<'walk'>[]): Walk | undefined {
  const first = entries[0];
  if (!first) return undefined;
  // Named by nearly all, so that the id need not be taken apart.
  const { plant, day } = 'plant' in first.body ? first.body : parseWalkId(id);
  // Filled in one pass: an old journal has one for every plant and day.
  const walk: Mutable<Walk> = {
    plant,
    day,
    at: first.at,
    eve: NO_BUDS,
    green: NO_BUDS,
    blooms: NONE,
    coveredGreen: NONE,
    receptive: NONE,
    coveredEntries: NONE,
    coveredGreenEntries: NONE,
    receptiveEntries: NONE,
    emasculatedEntries: NONE,
  };
  for (const entry of entries) readWalk(entry, walk);
  return walk;
}

/** A kind that names a walk and has no case here does not compile. */
function readWalk({ id, at, device, kind, body }: EntryAbout<'walk'>, walk: Mutable<Walk>): void {
  switch (kind) {
    case 'scouted':
      walk.at = at;
      walk.eve = body.eve;
      walk.green = body.green;
      if (body.pin) walk.pin = body.pin;
      walk.scoutedEntry = id;
      break;
    case 'covered': {
      const blooms = body.blooms.map(({ bloom }) => bloom);
      if (body.stage === 'green') {
        walk.coveredGreen = plus(walk.coveredGreen, blooms);
        walk.coveredGreenEntries = plus(walk.coveredGreenEntries, [id]);
      } else {
        walk.blooms = plus(walk.blooms, blooms);
        walk.coveredEntries = plus(walk.coveredEntries, [id]);
      }
      break;
    }
    case 'receptive':
      walk.receptive = plus(walk.receptive, body.blooms);
      walk.receptiveEntries = plus(walk.receptiveEntries, [id]);
      break;
    case 'emasculated':
      walk.emasculatedEntries = plus(walk.emasculatedEntries, [id]);
      break;
    case 'swept':
      walk.swept = true;
      break;
    case 'rowPollinated':
      // What pollen did may be noted a moment after the shaking.
      walk.rowPollinated = shaken(walk.rowPollinated, { at, method: body.method, device }, body.flew);
      break;
    case 'counted':
      walk.open = body.open;
      walk.countedEntry = id;
      break;
    case 'stripped':
      walk.stripped = (walk.stripped ?? 0) + body.count;
      break;
  }
}

function shaken(
  before: RowPollinated | undefined,
  now: RowPollinated,
  flew: PollenFlight | undefined = before?.flew,
): RowPollinated {
  return flew ? { ...now, flew } : now;
}
