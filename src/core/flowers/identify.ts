import type { FlowerStage, StyleLength } from '../crops/flowerForm';
import type { VarietyTraits } from '../crops/traits';
import { expectedInformationGain } from './informationGain';
import { kindsOf, signsOf, type SeenCrop } from './kindsOf';
import {
  SHOWS_ONLY,
  SIGNS,
  type Evidence,
  type FlowerKind,
  type Likelihood,
  type SignId,
  type SignTable,
  type SignValue,
} from './signs/sign';

export interface Belief {
  readonly kind: FlowerKind;
  readonly chance: number;
}

/** How a sign that was seen speaks for what the flower is taken for. */
interface Speaks {
  readonly sign: SignId;
  /** How many times likelier than not it made the most likely sex, age or style; below 1 it speaks against. */
  readonly sex: number;
  readonly stage: number;
}

export interface Identification {
  /** The likeliest first; the chances sum to 1. */
  readonly beliefs: readonly Belief[];
  readonly sex: Ranked<FlowerKind['sex']>;
  readonly stage: Ranked<FlowerStage>;
  /** Where flowers differ in it. */
  readonly style?: Ranked<StyleLength>;
  /** What was seen, what speaks most for the likeliest sex and age first. */
  readonly speaking: readonly Speaks[];
  /** What does not fit with the rest of what was seen: look at it once more. */
  readonly conflicting: readonly SignId[];
  /** What is still worth looking at, the most telling first. Bits. */
  readonly next: readonly { readonly sign: SignId; readonly bits: number }[];
}

/** The likeliest, and how likely. */
interface Ranked<T> {
  readonly most: T;
  readonly chance: number;
}

/** Seen less often than this, given all else that was seen, a sign is said to contradict it. Our default. */
const CONFLICT_BELOW = 0.08;
/** Less than this is not worth a look, bits. Our default. */
const WORTH_A_LOOK = 0.02;

/**
 * What a flower is, by what is seen of it. Signs are taken to be independent of each other once sex and age are known
 * (naive Bayes); signs that were not looked at say nothing.
 *
 * @param evidence signs that the crop does not have are ignored.
 * @example identify(pepo, {}, { under: 'fruitlet', tip: 'open' }).sex.most // 'female'
 */
export function identify(crop: SeenCrop, traits: VarietyTraits, evidence: Evidence): Identification {
  const possible = kindsOf(crop, traits);
  const table = signsOf(crop.flower);
  const seen = seenSigns(table, evidence);
  const believe = (signs: readonly Seen[]): Belief[] =>
    normalised(
      possible.map(({ kind, chance }) => ({
        kind,
        chance: signs.reduce((product, { likelihood, value }) => product * likelihood(kind)[value]!, chance),
      })),
    );
  const beliefs = believe(seen);
  const sex = mostLikely(beliefs, ({ sex }) => sex);
  const stage = mostLikely(beliefs, ({ stage }) => stage);
  const without = seen.map((sign) => ({ ...sign, rest: believe(seen.filter((other) => other !== sign)) }));
  return {
    beliefs: beliefs.toSorted((a, b) => b.chance - a.chance),
    sex,
    stage,
    ...(beliefs.some(({ kind }) => kind.style) && {
      style: mostLikely(beliefs, ({ style }) => style ?? 'long'),
    }),
    speaking: without
      .map(({ sign, likelihood, value, rest }) => ({
        sign,
        sex: likelihoodRatio(rest, likelihood, value, (kind) => kind.sex === sex.most),
        stage: likelihoodRatio(rest, likelihood, value, (kind) => kind.stage === stage.most),
      }))
      .toSorted((a, b) => Math.max(b.sex, b.stage) - Math.max(a.sex, a.stage)),
    conflicting: without
      .filter(
        ({ likelihood, value, rest }) =>
          seen.length > 1 && chanceOf(rest, likelihood, value) < CONFLICT_BELOW,
      )
      .map(({ sign }) => sign),
    next: gains(table, evidence, beliefs),
  };
}

interface Seen {
  readonly sign: SignId;
  readonly likelihood: Likelihood;
  /** Its place among the values of the sign. */
  readonly value: number;
}

const idsOf = (table: SignTable): SignId[] => (Object.keys(SIGNS) as SignId[]).filter((sign) => table[sign]);

const seenSigns = (table: SignTable, evidence: Evidence): Seen[] =>
  idsOf(table).flatMap((sign) => {
    const value = (SIGNS[sign] as readonly string[]).indexOf(evidence[sign] ?? '');
    return value < 0 ? [] : [{ sign, likelihood: table[sign]!, value }];
  });

/** What is learnt from each sign on average, times the chance that it can be seen at all. */
const gains = (table: SignTable, evidence: Evidence, beliefs: readonly Belief[]): Identification['next'] =>
  idsOf(table)
    .filter((sign) => evidence[sign] === undefined)
    .map((sign) => ({ sign, bits: chanceToSee(sign, beliefs) * gainOf(table[sign]!, beliefs) }))
    .filter(({ bits }) => bits >= WORTH_A_LOOK)
    .toSorted((a, b) => b.bits - a.bits);

const gainOf = (likelihood: Likelihood, beliefs: readonly Belief[]): number =>
  expectedInformationGain(
    beliefs.map(({ chance }) => chance),
    beliefs.map(({ kind }) => likelihood(kind)),
  );

const chanceToSee = (sign: SignId, beliefs: readonly Belief[]): number => {
  const shows = SHOWS_ONLY[sign];
  return beliefs.reduce(
    (sum, { kind, chance }) => (shows?.includes(kind.stage) === false ? sum : sum + chance),
    0,
  );
};

/** Found less often than this whatever the flower is, a value is not offered. Our default. */
const OFFERED_FROM = 0.05;

/**
 * The values of a sign that flowers of a variety may show.
 *
 * @example valuesToOffer(pepo, {}, 'inside') // ['column', 'lobes']: no flower of it has both
 */
export function valuesToOffer<Id extends SignId>(
  crop: SeenCrop,
  traits: VarietyTraits,
  sign: Id,
): readonly SignValue<Id>[] {
  const likelihood = signsOf(crop.flower)[sign];
  const kinds = kindsOf(crop, traits);
  return (SIGNS[sign] as readonly SignValue<Id>[]).filter((_, i) =>
    kinds.some(({ kind }) => (likelihood?.(kind)[i] ?? 0) >= OFFERED_FROM),
  );
}

/** How often a value is found, by what is believed. */
const chanceOf = (beliefs: readonly Belief[], likelihood: Likelihood, value: number): number =>
  beliefs.reduce((sum, { kind, chance }) => sum + chance * likelihood(kind)[value]!, 0);

/** How many times likelier a value is on the kinds that are meant than on the others. */
function likelihoodRatio(
  beliefs: readonly Belief[],
  likelihood: Likelihood,
  value: number,
  meant: (kind: FlowerKind) => boolean,
): number {
  const on = normalised(beliefs.filter(({ kind }) => meant(kind)));
  const off = normalised(beliefs.filter(({ kind }) => !meant(kind)));
  return on.length === 0 || off.length === 0
    ? 1
    : chanceOf(on, likelihood, value) / chanceOf(off, likelihood, value);
}

function normalised(beliefs: readonly Belief[]): Belief[] {
  const sum = beliefs.reduce((all, { chance }) => all + chance, 0);
  return beliefs.map(({ kind, chance }) => ({ kind, chance: chance / sum }));
}

function mostLikely<T extends string>(beliefs: readonly Belief[], of: (kind: FlowerKind) => T): Ranked<T> {
  const chances = new Map<T, number>();
  for (const { kind, chance } of beliefs) chances.set(of(kind), (chances.get(of(kind)) ?? 0) + chance);
  const [most, chance] = [...chances].reduce((best, each) => (each[1] > best[1] ? each : best));
  return { most, chance };
}
