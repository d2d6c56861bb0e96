import { logistic, type LogisticFit } from '../statistics/logistic';
import { beyondT, t95 } from '../statistics/normal';
import { groupBy } from '../text/groupBy';
import { byName } from '../text/byName';
import { isUnseen, SET_FACTORS, setOf, type SetCounts, type SetFactor, type SetTrial } from './setTrials';
import { trialFates, type TrialFates } from './trialFates';

/** How strong the evidence is that something goes with set, with many comparisons corrected for. */
export type Evidence = 'strong' | 'some' | 'none';

/** A side of a comparison: flowers with a factor from a value to another, or of that name, and how many of them set. */
export interface Side extends SetCounts {
  readonly from: number | string;
  readonly to: number | string;
}

/** What goes with set, all else alike. */
export interface SetEffect {
  readonly factor: SetFactor;
  readonly less: Side;
  readonly more: Side;
  /** How much the share that sets differs from `less` to `more`, all else alike, with its 95 % interval. */
  readonly difference: number;
  readonly low: number;
  readonly high: number;
  readonly evidence: Evidence;
  /** Where nothing is shown: about how many flowers more would show a difference of this size, if it is real. */
  readonly flowersMore?: number;
}

/** Why nothing can be said of a factor. */
export type NotTold =
  | { readonly factor: SetFactor; readonly why: 'notNoted' | 'alwaysSame' | 'fewPlants' }
  /** It always comes with another factor, or with a variety. */
  | { readonly factor: SetFactor; readonly why: 'together'; readonly with: SetFactor | 'variety' };

export type BetterSet =
  | { readonly enough: false; readonly flowers: number; readonly plants: number; readonly needed: number }
  | {
      readonly enough: true;
      readonly flowers: number;
      readonly plants: number;
      readonly effects: readonly SetEffect[];
      readonly notTold: readonly NotTold[];
    };

/** Fewer flowers, plants, or flowers that set or failed, tell nothing of what goes with it. Our defaults. */
const FEWEST = { flowers: 20, plants: 4, each: 5 } as const;
/** A factor is asked where it is known of so many of the flowers; the others are taken to be as the mean. Our default. */
const NOTED = 0.8;
/** On either side of a comparison, at least so many flowers on so many plants. Our defaults. */
const SIDE = { flowers: 4, plants: 2 } as const;
/** Terms that widen another's spread by more than this cannot be told apart from it [a common rule for inflation]. */
const MAX_INFLATION = 10;
/** Hours that are counted apart by less than this are alike. Our default. */
const HOURS_APART = 0.5;
/** More than this is more than a garden has. */
const MAX_MORE = 2_000;
/** Two-sided, for 95 % with a chance of 80 % to find it: (1.96 + 0.84)². */
const FOUND_MOSTLY = 7.85;

/**
 * What goes with better set: a penalised logistic regression over all factors at once and the varieties, plants as
 * clusters; each factor as the difference of the shares it predicts, averaged over the flowers there are. Comparisons
 * are corrected for as Holm does [1979, Scandinavian Journal of Statistics 6, 65–70]. It says what goes together, not
 * what causes what.
 *
 * A flower that nobody looked at again grew on, or it fails as late as failures of its variety do (`trialFates`): were it
 * left out, where looks were fewer there would seem to be less set. How late they fail is an estimate, which is made again
 * without each plant.
 *
 * @example betterSet(trials) // { enough: false, flowers: 12, plants: 3, needed: 8 }
 */
export function betterSet(all: readonly SetTrial[], fates: TrialFates = trialFates(all)): BetterSet {
  const trials = fates.trials.toSorted((a, b) => byName(a.plant, b.plant));
  const plants = new Set(trials.map(({ plant }) => plant)).size;
  const { hits, of } = setOf(trials);
  const needed = Math.max(
    FEWEST.flowers - of,
    FEWEST.plants - plants,
    FEWEST.each - hits,
    FEWEST.each - (of - hits),
  );
  const about = { flowers: of, plants };
  if (needed > 0) return { enough: false, ...about, needed };
  const notTold: NotTold[] = [];
  const asked = SET_FACTORS.flatMap((factor): Term[] => {
    const terms = termsOf(trials, factor);
    if (typeof terms === 'string') {
      notTold.push({ factor, why: terms });
      return [];
    }
    return terms;
  });
  const fitOf = fitter(trials, fates);
  let columns: readonly Column[] = varietyColumns(trials);
  let fit = fitOf(columns);
  const terms: Term[] = [];
  for (const term of asked) {
    const more = fitOf([...columns, term]);
    if (more && isApart(more)) {
      columns = [...columns, term];
      fit = more;
      terms.push(term);
    } else notTold.push({ factor: term.factor, ...togetherWith(columns, term, fitOf) });
  }
  const effects = fit ? terms.map((term) => effectOf(trials, columns, term, fit)) : [];
  return { enough: true, ...about, effects: withEvidence(effects, about.flowers), notTold };
}

/** What a trial is by, beside the constant: one number each. */
interface Column {
  readonly factor: SetFactor | 'variety';
  readonly column: Float64Array;
}

/** A column of which something is said. */
interface Term extends Column {
  readonly factor: SetFactor;
  /** The values that are compared. */
  readonly compared: readonly [number, number];
  readonly sides: readonly [Side, Side];
}

const sideOf = (trials: readonly SetTrial[], from: Side['from'], to: Side['to']): Side => ({
  ...{ from, to },
  ...setOf(trials),
});

const isEnough = (trials: readonly SetTrial[]): boolean =>
  setOf(trials).of >= SIDE.flowers && new Set(trials.map(({ plant }) => plant)).size >= SIDE.plants;

function termsOf(
  trials: readonly SetTrial[],
  factor: SetFactor,
): Term[] | Exclude<NotTold['why'], 'together'> {
  const valueOf = (trial: SetTrial): number | string | undefined => trial.factors[factor];
  const noted = trials.filter((trial) => valueOf(trial) !== undefined);
  if (noted.length < NOTED * trials.length) return 'notNoted';
  const values = noted.map((trial) => valueOf(trial)!);
  if (new Set(values).size < 2) return 'alwaysSame';
  if (typeof values[0] === 'string') return namedTerms(trials, factor);
  const numbers = (values as number[]).toSorted((a, b) => a - b);
  const compared = fewAndMany(numbers, factor === 'hour' ? HOURS_APART : 0);
  if (!compared) return 'alwaysSame';
  const [few, many] = compared;
  const less = noted.filter((trial) => (valueOf(trial) as number) <= few);
  const more = noted.filter((trial) => (valueOf(trial) as number) >= many);
  if (!isEnough(less) || !isEnough(more)) return 'fewPlants';
  const mean = (of: readonly SetTrial[]): number =>
    of.reduce((sum, trial) => sum + (valueOf(trial) as number), 0) / of.length;
  const usual = mean(noted);
  return [
    {
      factor,
      column: Float64Array.from(trials, (trial) => (valueOf(trial) as number | undefined) ?? usual),
      compared: [mean(less), mean(more)],
      sides: [sideOf(less, numbers[0]!, few), sideOf(more, many, numbers.at(-1)!)],
    },
  ];
}

/**
 * Up to which value there are few, and from which on many: by thirds. Where most are alike, those are compared with them
 * that are apart, on the side on which there are more such.
 *
 * @param numbers the lowest first.
 * @param apart what differs by less is alike.
 * @returns nothing where all are alike.
 * @example fewAndMany([1, 1, 1, 1, 3], 0) // [1, 3]
 */
function fewAndMany(
  numbers: readonly number[],
  apart: number,
): readonly [few: number, many: number] | undefined {
  const at = (share: number): number => numbers[Math.round(share * (numbers.length - 1))]!;
  const thirds = [at(1 / 3), at(2 / 3)] as const;
  if (thirds[0] < thirds[1] && thirds[1] - thirds[0] >= apart) return thirds;
  const middle = at(1 / 2);
  const below = numbers.filter((value) => value < middle && value <= middle - apart);
  const above = numbers.filter((value) => value > middle && value >= middle + apart);
  if (below.length === 0 && above.length === 0) return undefined;
  if (below.length >= above.length) return [below.at(-1)!, numbers[below.length]!];
  return [numbers[numbers.length - above.length - 1]!, above[0]!];
}

/** Each name against the one that most have. */
function namedTerms(trials: readonly SetTrial[], factor: SetFactor): Term[] | 'fewPlants' {
  const groups = [...groupBy(trials, (trial) => trial.factors[factor])].flatMap(([name, own]) =>
    typeof name === 'string' && isEnough(own) ? [{ name, own }] : [],
  );
  groups.sort((a, b) => b.own.length - a.own.length || byName(a.name, b.name));
  const [usual, ...others] = groups;
  if (!usual || others.length === 0) return 'fewPlants';
  return others.map(({ name, own }) => ({
    factor,
    column: Float64Array.from(trials, (trial) => Number(trial.factors[factor] === name)),
    compared: [0, 1],
    sides: [sideOf(usual.own, usual.name, usual.name), sideOf(own, name, name)],
  }));
}

/** Varieties of which each has a level of its own; what a level costs grows with their square. Our default. */
const MAX_VARIETIES = 15;

/**
 * Of each variety with several plants its own level, of those with most flowers; the others share one, where they are too
 * few with the largest.
 */
function varietyColumns(trials: readonly SetTrial[]): Column[] {
  const groups = [...groupBy(trials, ({ variety }) => variety)];
  groups.sort(([a, one], [b, other]) => other.length - one.length || byName(a, b));
  const large = groups.filter(([, own]) => isEnough(own)).slice(0, MAX_VARIETIES);
  const rest = groups.filter((group) => !large.includes(group)).flatMap(([, own]) => own);
  return large.slice(isEnough(rest) ? 0 : 1).map(([name]) => ({
    factor: 'variety',
    column: Float64Array.from(trials, ({ variety }) => Number(variety === name)),
  }));
}

/** The fit of some columns beside a constant, which comes first. */
type Fitter = (columns: readonly Column[]) => LogisticFit | undefined;

function fitter(trials: readonly SetTrial[], { failsAfter, failsAfterWithout }: TrialFates): Fitter {
  const plants = new Map([...new Set(trials.map(({ plant }) => plant))].map((plant, i) => [plant, i]));
  const success = Float64Array.from(trials, ({ fate: { yes } }) => (yes === undefined ? NaN : Number(yes)));
  const hidden = Float64Array.from(trials, (trial) => (isUnseen(trial) ? failsAfter(trial) : 0));
  const places = new Map(trials.map((trial, i) => [trial, i]));
  const changes = [...plants.keys()].map((plant) =>
    failsAfterWithout(plant).map(([trial, after]) => {
      const i = places.get(trial)!;
      return [i, after - hidden[i]!] as const;
    }),
  );
  const cluster = Int32Array.from(trials, ({ plant }) => plants.get(plant)!);
  return (columns) => {
    const terms = 1 + columns.length;
    const rows = new Float64Array(trials.length * terms);
    for (let i = 0; i < trials.length; i += 1) {
      rows[i * terms] = 1;
      for (const [j, { column }] of columns.entries()) rows[i * terms + 1 + j] = column[i]!;
    }
    return logistic({ rows, terms, success, hidden, cluster, changes });
  };
}

/** Can the last column be told apart from the others? */
const isApart = ({ inflation }: LogisticFit): boolean => inflation.at(-1)! <= MAX_INFLATION;

/** With what a term cannot be told apart. */
function togetherWith(
  columns: readonly Column[],
  term: Term,
  fitOf: Fitter,
): { readonly why: 'fewPlants' } | { readonly why: 'together'; readonly with: SetFactor | 'variety' } {
  for (const factor of new Set(columns.map((column) => column.factor))) {
    const fit = fitOf([...columns.filter((column) => column.factor !== factor), term]);
    if (fit && isApart(fit)) return { why: 'together', with: factor };
  }
  return { why: 'fewPlants' };
}

type Estimated = Omit<SetEffect, 'evidence' | 'flowersMore'> & {
  readonly spread: number;
  readonly chance: number;
};

/** The difference of mean predicted shares, and its spread by the delta method. */
function effectOf(
  trials: readonly SetTrial[],
  columns: readonly Column[],
  term: Term,
  { coefficients, covariance, clusters }: LogisticFit,
): Estimated {
  const width = coefficients.length;
  const own = 1 + columns.indexOf(term);
  const gradient = new Float64Array(width);
  let difference = 0;
  for (let i = 0; i < trials.length; i += 1) {
    const row = [1, ...columns.map(({ column }) => column[i]!)];
    const logit = row.reduce((sum, value, j) => sum + value * coefficients[j]!, 0);
    for (const [side, value] of term.compared.entries()) {
      const sign = side === 0 ? -1 : 1;
      const share = 1 / (1 + Math.exp(-(logit + (value - row[own]!) * coefficients[own]!)));
      difference += (sign * share) / trials.length;
      const slope = (sign * share * (1 - share)) / trials.length;
      for (let j = 0; j < width; j += 1) gradient[j]! += slope * (j === own ? value : row[j]!);
    }
  }
  let variance = 0;
  for (let j = 0; j < width; j += 1)
    for (let k = 0; k < width; k += 1) variance += gradient[j]! * covariance[j * width + k]! * gradient[k]!;
  const spread = Math.sqrt(variance);
  // As many plants as there are, less those that the terms use up.
  const degrees = Math.max(1, clusters - width);
  const wide = t95(degrees) * spread;
  const [less, more] = term.sides;
  return {
    factor: term.factor,
    ...{ less, more, difference, spread },
    low: Math.max(-1, difference - wide),
    high: Math.min(1, difference + wide),
    chance: beyondT(coefficients[own]! / Math.sqrt(covariance[own * width + own]!), degrees),
  };
}

/** The more comparisons, the stronger each must be; the clearest come first. */
function withEvidence(found: readonly Estimated[], flowers: number): SetEffect[] {
  const sorted = found.toSorted((a, b) => a.chance - b.chance);
  let worst = 0;
  return sorted.map(({ chance, spread, ...effect }, i): SetEffect => {
    worst = Math.max(worst, Math.min(1, chance * (sorted.length - i)));
    const evidence: Evidence = worst < 0.01 ? 'strong' : worst < 0.05 ? 'some' : 'none';
    const more = Math.ceil((flowers * ((FOUND_MOSTLY * spread ** 2) / effect.difference ** 2 - 1)) / 10) * 10;
    const isWithinReach = evidence === 'none' && more > 0 && more <= MAX_MORE;
    return { ...effect, evidence, ...(isWithinReach && { flowersMore: more }) };
  });
}
