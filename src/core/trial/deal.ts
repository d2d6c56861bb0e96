import { seededChance } from '../random/chance';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Dealt, TrialSide } from '../journal/kinds/trial';
import type { Garden, Trial } from '../journal/state';
import { byId } from '../text/byId';
import { groupBy } from '../text/groupBy';
import type { Day } from '../time/types';
import { otherSide, runningTrial } from './running';
import { trialPairs, type TrialPair } from './trialPairs';

/** A flower, or the flowers of a visit, that may be in a trial. */
interface MayBeDealt {
  readonly bloom: string;
  readonly plant: string;
  readonly variety: string;
}

/**
 * The ways that fall to flowers of a day, of those varieties of which a trial runs. What was dealt stays as it was. The
 * first flower of a pair on a plant gets either way by chance, the second the other; chance comes from the trial, the
 * plant and the number of the pair, so that planning again changes nothing, and nobody can choose.
 *
 * @param certain is it known that these flowers are there? Else each is dealt as if it were the only one: of plants
 * that may have none open, no number may keep others from their turn.
 * @returns by flower; those that are in no trial, or beyond its pairs, are missing.
 * @example dealOn(new Journal(), garden, '2026-07-19', []).size // 0
 */
export function dealOn(
  journal: Journal,
  garden: Garden,
  day: Day,
  flowers: readonly MayBeDealt[],
  certain = true,
): ReadonlyMap<string, Dealt & { readonly trial: Trial }> {
  const ways = new Map<string, Dealt & { readonly trial: Trial }>();
  if (journal.all('trial').size === 0) return ways;
  for (const [variety, own] of groupBy(flowers, (flower) => flower.variety)) {
    const fresh: MayBeDealt[] = [];
    for (const flower of own) {
      const { bloom, plant } = flower;
      const held = journal.all('bloom').get(bloom)?.dealt;
      const trial = held && journal.all('trial').get(held.trial);
      if (trial) ways.set(bloom, { bloom, plant, side: held.side, trial });
      else fresh.push(flower);
    }
    const trial = runningTrial(journal, variety, day);
    if (!trial) continue;
    const pairs = trialPairs(journal, garden, trial, day);
    for (const dealt of dealFresh(trial, pairs, fresh, certain)) ways.set(dealt.bloom, { ...dealt, trial });
  }
  return ways;
}

function dealFresh(
  trial: Trial,
  pairs: readonly TrialPair[],
  fresh: readonly MayBeDealt[],
  certain: boolean,
): Dealt[] {
  if (pairs.filter(({ state }) => state === 'known').length >= trial.pairs) return [];
  let begun = pairs.filter(({ state }) => state !== 'lost').length;
  const dealt: Dealt[] = [];
  const ofPlant = groupBy(pairs, ({ plant }) => plant);
  const plants = [...groupBy(fresh, (flower) => flower.plant)].sort(([a], [b]) => byId(a, b));
  for (const [plant, own] of plants) {
    const before = ofPlant.get(plant) ?? [];
    // Ways that have fallen more often than the other leave pairs open.
    const open = before.flatMap(({ state, units: [one, other] }): TrialSide[] =>
      state === 'lost' || (one && other) ? [] : [one ? 1 : 0],
    );
    let number = before.length;
    for (const { bloom } of [...own].sort((a, b) => byId(a.bloom, b.bloom))) {
      let side = open.shift();
      if (side === undefined) {
        if (begun >= trial.pairs) break;
        if (certain) begun += 1;
        side = sideByChance(`${trial.trial}|${plant}|${number}`);
        open.push(otherSide(side));
        number += 1;
      }
      dealt.push({ bloom, plant, side });
    }
  }
  return dealt;
}

/**
 * The facts of what was dealt, one for each trial: those of these flowers that have not been dealt yet.
 *
 * @example dealtFacts(journal, day, []) // []
 */
export function dealtFacts(
  journal: Journal,
  day: Day,
  ways: readonly (Dealt & { readonly trial: Pick<Trial, 'trial'> })[],
): Fact[] {
  const fresh = ways.filter(({ bloom }) => journal.all('bloom').get(bloom)?.dealt === undefined);
  return [...groupBy(fresh, ({ trial }) => trial.trial)].map(([trial, own]) => ({
    kind: 'trial.dealt',
    body: { trial, day, dealt: own.map(({ bloom, plant, side }) => ({ bloom, plant, side })) },
  }));
}

const sideByChance = (text: string): TrialSide => (seededChance(seedOf(text)).index(2) === 0 ? 0 : 1);

/** A number from a text: FNV-1a, 32 bits [Fowler, Noll & Vo 1991]. */
function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash | 0;
}
