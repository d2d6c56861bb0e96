import { reason, type Reason } from '../text/reason';
import { type Purity } from './fruitPurity';
import type { Link, LinkState, PurityReason } from './chain';

export type RemedyReason =
  | 'remedy.trueSeed'
  | 'remedy.askSource'
  | 'remedy.coverEvening'
  | 'remedy.tighterCover'
  | 'remedy.widerTape'
  | 'remedy.cleanBrush'
  | 'remedy.cutEvening'
  | 'remedy.weatherproofTag'
  | 'remedy.fresher'
  | 'remedy.noteMales'
  | 'remedy.checkMale'
  | 'remedy.coverMales'
  | 'remedy.leaveSpoiled'
  | 'remedy.openLast'
  | 'remedy.emasculateBud'
  | 'remedy.byHand'
  | 'remedy.cageBefore'
  | 'remedy.cageAlone'
  | 'remedy.cleanInsects'
  | 'remedy.cageShut'
  | 'remedy.shutAtOnce'
  | 'remedy.tag'
  | 'remedy.ownTag'
  | 'remedy.tagLoosely'
  | 'remedy.rogueEarly'
  | 'remedy.lookAround'
  | 'remedy.noteFlowering';

/** What would have made a link hold. Common practice, no source. */
const REMEDIES: Readonly<Partial<Record<PurityReason, RemedyReason>>> = {
  'seed.swapped': 'remedy.askSource',
  'seed.unknown': 'remedy.askSource',
  'seed.openGarden': 'remedy.trueSeed',
  'seed.f1': 'remedy.trueSeed',
  'seed.father.swapped': 'remedy.askSource',
  'seed.father.unknown': 'remedy.askSource',
  'seed.father.openGarden': 'remedy.trueSeed',
  'seed.father.f1': 'remedy.trueSeed',
  'tag.shared': 'remedy.ownTag',
  'tag.swapped': 'remedy.tagLoosely',
  'tag.swappedWithBad': 'remedy.tagLoosely',
  'plants.besideOffType': 'remedy.rogueEarly',
  'cover.none': 'remedy.coverEvening',
  'cover.late': 'remedy.coverEvening',
  'intact.wilted': 'remedy.fresher',
  'intact.hole': 'remedy.tighterCover',
  'intact.torn': 'remedy.widerTape',
  'intact.insect': 'remedy.tighterCover',
  'intact.open': 'remedy.tighterCover',
  'pollen.unnamed': 'remedy.noteMales',
  'pollen.anyMale': 'remedy.noteMales',
  'pollen.otherVariety': 'remedy.checkMale',
  'pollen.otherThanMeant': 'remedy.checkMale',
  'pollen.otherPlantThanMeant': 'remedy.checkMale',
  'pollen.spoiled': 'remedy.leaveSpoiled',
  'pollen.visitedBefore': 'remedy.openLast',
  'pollen.uncovered': 'remedy.coverMales',
  'pollen.coveredLate': 'remedy.coverMales',
  'pollen.cutLate': 'remedy.cutEvening',
  'pollen.brushCarried': 'remedy.cleanBrush',
  'pollen.brushNotNoted': 'remedy.cleanBrush',
  'pollen.open': 'remedy.byHand',
  'pollen.notEmasculated': 'remedy.emasculateBud',
  'pollen.emasculatedLate': 'remedy.emasculateBud',
  'pollen.controlsSet': 'remedy.tighterCover',
  'guard.cageOpen': 'remedy.cageShut',
  'guard.cageInTurn': 'remedy.cageShut',
  'guard.cageLate': 'remedy.cageBefore',
  'guard.cageMixed': 'remedy.cageAlone',
  'guard.cageMixedRarely': 'remedy.cageAlone',
  'guard.cageCaught': 'remedy.cleanInsects',
  'guard.cageSetAlone': 'remedy.cageShut',
  'guard.rarely': 'remedy.coverEvening',
  'guard.notNoted': 'remedy.noteFlowering',
  'guard.notLooked': 'remedy.lookAround',
  'closed.leftOpen': 'remedy.shutAtOnce',
  'closed.openFor': 'remedy.shutAtOnce',
  'tag.gone': 'remedy.tagLoosely',
  'tag.hardToRead': 'remedy.weatherproofTag',
  'tag.never': 'remedy.tag',
  'tag.backAgain': 'remedy.tagLoosely',
  'tag.tiedAnew': 'remedy.tagLoosely',
  'plants.motherOffType': 'remedy.rogueEarly',
  'plants.fatherOffType': 'remedy.rogueEarly',
  'plants.notTypical': 'remedy.rogueEarly',
  'plants.motherInDoubt': 'remedy.rogueEarly',
  'plants.fatherInDoubt': 'remedy.rogueEarly',
};

const remediesOf = (
  { chain }: Pick<Purity, 'chain'>,
  states: readonly LinkState[],
): Reason<RemedyReason>[] => {
  const codes = states.flatMap((state) =>
    chain
      .filter((link) => link.state === state)
      .flatMap(({ reasons }) => reasons.flatMap(({ code }) => REMEDIES[code] ?? [])),
  );
  return [...new Set(codes)].map((code) => reason(code));
};

/**
 * What would have made a fruit's seed better, each once, what matters most first; nothing for one of which no link is weak
 * or broken.
 *
 * @example remediesFor(purityOfAFlowerLeftOpen) // [{ code: 'remedy.shutAtOnce', params: {} }]
 */
export const remediesFor = (purity: Pick<Purity, 'chain'>): Reason<RemedyReason>[] =>
  remediesOf({ chain: [...purity.chain, ...lackingIn(purity)] }, ['broken', 'doubtful']);

/** Of a link of which it is not known what stands in for its cover: what it lacks itself. */
const lackingIn = ({ chain }: Pick<Purity, 'chain'>): Link[] =>
  chain.flatMap((link): Link[] =>
    link.state === 'unknown' && link.reasons.length > 1
      ? [{ ...link, state: 'doubtful', reasons: link.reasons.slice(1) }]
      : [],
  );

/**
 * What would settle what is not known of a fruit's seed, each once; nothing where all that can be known is.
 *
 * @example settlesFor(purityOfAnOpenFlowerAlone) // [{ code: 'remedy.lookAround', params: {} }]
 */
export const settlesFor = ({ chain }: Pick<Purity, 'chain'>): Reason<RemedyReason>[] =>
  // What is not known comes first; what follows is what it lacks.
  remediesOf({ chain: chain.map((each) => ({ ...each, reasons: each.reasons.slice(0, 1) })) }, ['unknown']);
