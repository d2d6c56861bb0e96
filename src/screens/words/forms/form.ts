import type { FlowerStage } from '@/core/crops/flowerForm';
import type { FigureCode } from '@/core/guide/guideFigures';
import type { SeasonStage } from '@/core/guide/usualSeason';
import type { FlowerKind } from '@/core/flowers/signs/sign';
import type { LookStage } from '@/core/fruit/fruitHistory';
import type { LookFinding } from '@/core/journal/kinds/fruit';
import type { Sex as CountedSex } from '@/core/journal/kinds/walk';
import type { GlyphName } from '@/ui/glyphs/Glyph';
import type { MissedReason } from '@/core/journal/kinds/roundBodies';
import type { MorningStep } from '@/core/practice/steps';
import type { HowDrawingName } from '@/ui/flowers/HowDrawing';
import type { Part } from '@/ui/flowers/geometry/shape';

type Sex = FlowerKind['sex'];

/** For one, and for more. */
type Counted = readonly [one: string, more: string];

/** How something is done, for those who do not know it yet: a drawing and a few short steps. */
export interface HowTo {
  readonly drawing: HowDrawingName;
  readonly steps: readonly string[];
}

/** The tell-tale sign: where on the drawing it is, and what it says. */
export interface Telling {
  readonly part: Part;
  readonly text: string;
}

/** Something that is counted on the walk. */
export interface CountWords {
  readonly label: string;
  readonly glyph: GlyphName;
}

/** What the walk asks at a plant: what opens next, then what comes later. */
export interface WalkWords {
  readonly next: string;
  /** How to tell them. */
  readonly sign: string;
  readonly eve: Readonly<Partial<Record<CountedSex, CountWords>>>;
  /** What comes later, where that is counted: without males where they are of no use before their day. */
  readonly later: string;
  readonly green: Readonly<Partial<Record<CountedSex, CountWords>>>;
  /** Flowers that are to get no pollen. */
  readonly controls?: CountWords;
}

/** At the stop where pollen is taken. */
interface TakingWords {
  readonly verb: string;
  readonly what: Counted;
  readonly check: string;
  readonly how: string;
}

/** At the stop where it is given. */
interface GivingWords {
  readonly says: string;
  readonly from: string;
  readonly none: string;
  readonly shut: string;
}

/** All that is said of a form of flower and of no other. */
export interface FormWords {
  /** Which sex, or which part of the plant. */
  readonly sexes: Readonly<Record<Sex, string>>;
  /** Both in one, as an answer beside the others, where that is said in another way. */
  readonly bothInOne?: string;
  readonly stages: (sex: Sex) => Readonly<Record<FlowerStage, string>>;
  /** By what an age is told. */
  readonly ages: (sex: Sex) => Readonly<Record<FlowerStage, Telling>>;
  readonly asksWhen: (sex: Sex) => string;
  /** Answers to that. */
  readonly when: Readonly<Record<'now' | 'later' | 'over', string>>;
  readonly cover: (sex: Sex) => string;
  readonly pollinate: string;
  /** Where the form has words of its own for them. */
  readonly habit?: string;
  readonly steps: Readonly<Partial<Record<MorningStep, string>>>;
  readonly missed: Readonly<Partial<Record<MissedReason, string>>>;
  readonly figures: Readonly<Partial<Record<FigureCode, string>>>;
  readonly season: Readonly<Partial<Record<SeasonStage, string>>>;
  /** On the walk, where all of its crops are covered in one way. */
  readonly walk?: WalkWords;
  /** At a stop: taking pollen, and giving it. */
  readonly taking: TakingWords;
  readonly giving: GivingWords;
  /** What bears, and what gives its pollen, as they are counted. */
  readonly bearing: Counted;
  readonly giver: Counted;
  /** What a look asks, and what may be seen. */
  readonly asksAt: Readonly<Partial<Record<LookStage, string>>>;
  readonly seen: Readonly<Partial<Record<LookFinding, string>>>;
  /** How pollen is got, and brought to what bears. */
  readonly pick?: HowTo;
  readonly bring?: HowTo;
}
