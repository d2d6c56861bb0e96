import type { Fact } from '../journal/entry';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import { isFinding, type MissedReason } from '../journal/kinds/roundBodies';
import type { Stop } from '../journal/kinds/stops';
import type { Round } from '../journal/state';
import { toMs } from '../time/calendar';
import { asPlanned, asItShouldBe, missedAt, pickedAtStop, pollinatedAt } from './asPlanned';
import { donorsNow } from './donorsNow';
import { malesHeldAt } from './operations/operations';
import { stopNow } from './stopNow';

/** What is written on paper for why a flower was passed over. Letters that handwriting keeps apart. */
export const PAPER_LETTERS = {
  notYet: 'N',
  hole: 'H',
  open: 'O',
  torn: 'T',
  insect: 'I',
  wilted: 'W',
  broke: 'B',
  notFound: 'F',
  noPollen: 'P',
} as const satisfies Partial<Readonly<Record<MissedReason, string>>>;

export type PaperReason = keyof typeof PAPER_LETTERS;

/** What paper says of a stop: `done`, as planned where there is no `why`; with one, all the same, or not for it. */
export interface PaperMark {
  readonly done: boolean;
  readonly why?: PaperReason;
}

const isReason = (why: MissedReason): why is PaperReason => why in PAPER_LETTERS;

/**
 * Why a stop may have gone otherwise, as far as a letter can say it.
 *
 * @example paperReasons(journal, round, strip) // []
 */
export function paperReasons(journal: Journal, round: Round, stop: Stop): PaperReason[] {
  const wrong = stopNow(journal, round, stop).wrong.filter(isReason);
  return stop.kind === 'pollinate' ? [...wrong, 'noPollen'] : wrong;
}

/** May a stop be done although something was found wrong there? */
export const doneAllTheSame = (stop: Stop, why: PaperReason): boolean =>
  stop.kind === 'pollinate' && isFinding(why);

/** What was typed from paper: of each number what it says, or the first word that says nothing. */
export type TypedPaper =
  | { readonly ok: true; readonly marks: ReadonlyMap<number, PaperMark> }
  | { readonly ok: false; readonly word: string; readonly why: 'word' | 'number' | 'letter' | 'twice' };

/**
 * Reads numbers as they stand on paper: `3` is done, `3-7` are, `5h` had a hole and was passed over, `5h+` had one and
 * was done all the same. Commas, semicolons and spaces part them.
 *
 * @param stops as many as the list has; the first is number 1.
 * @param reasonsOf what a letter may say of a stop.
 * @example readPaper('1-3 5h', stops, reasonsOf) // marks of 1, 2, 3 and 5
 */
export function readPaper(
  typed: string,
  stops: readonly Stop[],
  reasonsOf: (stop: Stop) => readonly PaperReason[],
): TypedPaper {
  const marks = new Map<number, PaperMark>();
  const words = typed
    .replace(/\s*[-–]\s*/g, '-')
    .split(/[\s,;.]+/)
    .filter(Boolean);
  for (const word of words) {
    const parts = /^(\d+)(?:-(\d+))?([a-z])?(\+)?$/i.exec(word);
    if (!parts) return { ok: false, word, why: 'word' };
    const [, from, to = from, letter, plus] = parts;
    const [first, last] = [Number(from), Number(to)];
    if (first < 1 || last > stops.length || last < first) return { ok: false, word, why: 'number' };
    for (let number = first; number <= last; number += 1) {
      const mark = markOf(stops[number - 1]!, letter, plus !== undefined, reasonsOf);
      if (!mark) return { ok: false, word, why: 'letter' };
      if (marks.has(number)) return { ok: false, word, why: 'twice' };
      marks.set(number, mark);
    }
  }
  return { ok: true, marks };
}

function markOf(
  stop: Stop,
  letter: string | undefined,
  plus: boolean,
  reasonsOf: (stop: Stop) => readonly PaperReason[],
): PaperMark | undefined {
  if (letter === undefined) return plus ? undefined : { done: true };
  const why = reasonsOf(stop).find((each) => PAPER_LETTERS[each] === letter.toUpperCase());
  if (why === undefined || (plus && !doneAllTheSame(stop, why))) return undefined;
  return { done: plus, why };
}

/** A round as it was brought home on paper. */
export interface FromPaper {
  /** At the times for which they were planned. */
  readonly facts: readonly Fact[];
  /** Stops of which paper does not say enough: their pollen was to come from males that paper says were no good. */
  readonly unclear: readonly Stop[];
}

/**
 * What is recorded of a list that somebody worked by. A female whose planned males were spoiled gets those of them that
 * were not; where none is left, what she got is not known, and she stays to be entered at her stop.
 *
 * @param marks by the id of the stop; of one that has none nothing is recorded.
 */
export function fromPaper(journal: Journal, round: Round, marks: ReadonlyMap<string, PaperMark>): FromPaper {
  const spoiled = new Set(
    round.stops.flatMap((stop) => (marks.get(stop.stop)?.why !== undefined ? malesSpoiledAt(stop) : [])),
  );
  const facts: Fact[] = [];
  const unclear: Stop[] = [];
  for (const stop of round.stops) {
    const mark = marks.get(stop.stop);
    if (!mark || round.done.has(stop.stop)) continue;
    const said = factsOf(journal, round, stop, mark, spoiled);
    if (said) facts.push(...said.map((fact) => ({ ...fact, at: toMs(stop.eta) }) as Fact));
    else unclear.push(stop);
  }
  return { facts, unclear };
}

/** Males that a stop takes, where it says that they were no good. */
const malesSpoiledAt = (stop: Stop): readonly string[] => (stop.kind === 'pick' ? malesHeldAt(stop) : []);

function factsOf(
  journal: Journal,
  round: Round,
  stop: Stop,
  { done, why }: PaperMark,
  spoiled: ReadonlySet<string>,
): readonly Fact[] | undefined {
  if (stop.kind === 'pick' && why !== undefined)
    return [pickedAtStop(journal, round, stop, { spoiled: stop.blooms.map((bloom) => ({ bloom, why })) })];
  if (stop.kind !== 'pollinate') return asPlanned(journal, round, stop);
  if (why !== undefined && !done) return [missedAt(journal, round, stop, why)];
  const donors = donorsNow(stop, round, journal).filter(({ bloom }) => !spoiled.has(bloom));
  if (donors.length === 0) return undefined;
  const covered = isCovered(journal.all('bloom').get(stop.bloom) ?? {});
  const found = why !== undefined && isFinding(why) ? { found: why } : {};
  return [pollinatedAt(journal, round, stop, { donors, ...asItShouldBe(covered), ...found })];
}
