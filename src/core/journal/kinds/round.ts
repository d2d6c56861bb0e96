import type { KindDefinitions } from './definition';
import type { RoundBodies } from './roundBodies';
import { upcastMissed, upcastPicked, upcastPlanned, upcastPollinated } from './roundBefore';

/** The subjects that entries of each kind may name. */
export interface RoundAbout {
  readonly 'round.planned': 'round';
  readonly picked: 'round' | 'bloom';
  readonly pollinated: 'round' | 'bloom';
  readonly missed: 'round' | 'bloom';
  readonly uncovered: 'bloom';
  readonly 'stop.left': 'round';
  readonly tagged: 'bloom';
}

export const ROUND_KINDS: KindDefinitions<RoundBodies, RoundAbout> = {
  'round.planned': {
    // Version 3: stops without pollen.
    version: 3,
    structural: false,
    clockDays: true,
    upcast: upcastPlanned,
    subjects: ({ round }, each) => each('round', round),
  },
  picked: {
    // Version 3: a male that was not open yet; 4: hands.
    version: 4,
    structural: false,
    clockDays: true,
    upcast: upcastPicked,
    subjects: ({ round, blooms, spoiled }, each) => {
      each('round', round);
      for (const flower of blooms) each('bloom', flower);
      for (const { bloom } of spoiled) each('bloom', bloom);
    },
  },
  pollinated: {
    // Version 3: heads rubbed together; 4: shaken in its bag; 5: hands; 6: the father's anthers.
    version: 6,
    structural: false,
    clockDays: true,
    upcast: upcastPollinated,
    subjects: ({ round, bloom }, each) => {
      if (round !== undefined) each('round', round);
      each('bloom', bloom);
    },
  },
  missed: {
    // Version 3: a flower that was not open yet; 4: some of a cohort; 5: left to the insects.
    version: 5,
    structural: false,
    clockDays: true,
    upcast: upcastMissed,
    subjects: ({ round, bloom }, each) => {
      if (round !== undefined) each('round', round);
      each('bloom', bloom);
    },
  },
  uncovered: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ bloom }, each) => each('bloom', bloom),
  },
  'stop.left': {
    version: 1,
    structural: false,
    clockDays: false,
    subjects: ({ round }, each) => each('round', round),
  },
  tagged: {
    version: 1,
    structural: false,
    clockDays: true,
    subjects: ({ bloom, of }, each) => {
      each('bloom', bloom);
      each('bloom', of);
    },
  },
};
