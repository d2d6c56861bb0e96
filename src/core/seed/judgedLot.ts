import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { grownThen } from '../journal/past';
import type { Bloom, Garden } from '../journal/state';
import { gradeApartFrom, type Grade, type Purity } from '../purity/fruitPurity';
import { daysOf, isolationInSteps } from '../planning/isolationOf';
import type { IsolationOf } from '../purity/guards';
import { GRADE_OF_SOURCE, lotPurity, type LotPurity } from '../purity/lotPurity';
import { purityOf } from '../purity/purityOf';
import type { InSteps } from '../time/inSteps';
import { fruitDescent } from './descent';
import type { Content } from './lotContents';

/** What is in a lot, with its grade. */
export interface GradedContent {
  readonly content: Content;
  readonly grade: Grade;
  /** It comes of a cross that is known, and is true to no variety: judged is whether its parents are those that were meant. */
  readonly ofCross?: true;
  /** Its flesh was bitter where that can poison: nothing of it is kept, however true it is. */
  readonly bitter?: true;
}

export interface JudgedLot {
  readonly graded: readonly GradedContent[];
  /** Nothing where nobody knows what is in it. */
  readonly purity: LotPurity | undefined;
}

/**
 * How pure a lot is, by each fruit and each packet that is in it; with a pause before each.
 */
export function* judgeLotInSteps(
  journal: Journal,
  garden: Garden,
  contents: readonly Content[],
): InSteps<JudgedLot> {
  const fruits = contents.flatMap((content) =>
    content.from === 'fruit' ? (journal.all('bloom').get(content.bloom) ?? []) : [],
  );
  const isolationOf = yield* isolationInSteps(journal, garden, daysOf(fruits));
  const graded: GradedContent[] = [];
  for (const content of contents) {
    yield undefined;
    graded.push(gradedContent(journal, garden, content, isolationOf));
  }
  const purity = lotPurity(
    graded.map(({ content, grade }) => ({ id: contentId(content), share: content.share, grade })),
  );
  return { graded, purity };
}

/** The fruit, or the lot from elsewhere. */
export const contentId = (content: Content): string =>
  content.from === 'fruit' ? content.bloom : content.lot;

function gradedContent(
  journal: Journal,
  garden: Garden,
  content: Content,
  isolationOf: IsolationOf,
): GradedContent {
  if (content.from === 'elsewhere') return { content, grade: GRADE_OF_SOURCE[content.source] };
  const bloom = journal.all('bloom').get(content.bloom);
  if (bloom && isBitter(journal, bloom)) return { content, grade: 'notForSeed', bitter: true };
  const purity = bloom && purityOf(journal, garden, bloom, { isolationOf });
  return purity && isOfCross(journal, bloom, purity)
    ? { content, grade: gradeApartFrom(purity, 'seedSource'), ofCross: true }
    : { content, grade: purity?.grade ?? 'unproven' };
}

/** Were its parents sown from a known cross, so that what is grown of it differs by intent? */
function isOfCross(journal: Journal, bloom: Bloom, { chain }: Purity): boolean {
  const sown = chain.find(({ link }) => link === 'seedSource');
  const differs = sown?.reasons.some(({ code }) => code === 'seed.f1' || code === 'seed.father.f1') === true;
  const { of } = fruitDescent(journal, bloom);
  return differs && (of === 'cross' || of === 'complex');
}

/** Bitter flesh of a squash or gourd is the mark of a cross that can poison. */
function isBitter(journal: Journal, { plant, day, opened }: Bloom): boolean {
  const crop = opened?.taste === 'bitter' ? grownThen(journal, plant, day)?.variety.crop : undefined;
  return crop !== undefined && cropOf(crop).cautions.includes('bitterFruit');
}
