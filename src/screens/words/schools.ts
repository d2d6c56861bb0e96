import { COVERS } from './names';
import type { CropCover, Method } from '@/core/crops/crop';
import type { OurWay, SchoolQuestion, Way } from '@/core/guide/schools';
import type { Format } from '../format/format';

export const QUESTIONS: Readonly<Record<SchoolQuestion, string>> = {
  tool: 'What carries the pollen?',
  crossing: 'How to bring the father’s pollen, for a cross?',
  males: 'How many males?',
  ownPlant: 'Pollen of the same plant?',
  cover: 'Cover the flower?',
  hour: 'At what hour?',
  fadedMale: 'Is a faded male of use?',
  lateFemale: 'A female that is closing?',
  again: 'Once, or again?',
  judging: 'When is it known to have set?',
  brush: 'Clean the brush?',
};

const TOOLS: Readonly<Record<Method, string>> = {
  maleFlower: 'the male flower itself',
  anthers: 'a dab with the father’s anthers',
  antherCone: 'the father’s anther cone, slipped over the stigma and left there',
  brush: 'a soft, dry brush',
  swab: 'a cotton swab',
  vibrate: 'vibration',
  shake: 'shaking',
  emasculate: 'emasculation',
  tasselBag: 'the bag of a tassel',
  headToHead: 'head against head',
  shakeInBag: 'a shake in its own bag',
};

export const WAYS: Readonly<Record<Way, string>> = {
  ...TOOLS,
  oneMale: 'one',
  twoMales: 'two',
  fourMales: 'four',
  allMales: 'as many as there are',
  oneTassel: 'one tassel for each ear',
  sharedTassel: 'one tassel for several ears',
  ownPollenFine: 'fine',
  ownPollenAvoided: 'avoided',
  noCover: 'no',
  tiedAfter: 'tied shut afterwards only',
  taped: 'taped before and after',
  baggedThroughout: 'in a bag before and after',
  firstLight: 'at first light',
  inTheMorning: 'in the morning',
  anyTimeOpen: 'whenever it is open',
  fadedUsed: 'yes',
  fadedLeft: 'no',
  lateTried: 'try it',
  lateLeft: 'too late',
  once: 'once',
  sameMorning: 'again the same morning',
  nextDay: 'again the next day',
  petalsGone: 'when the petals are gone',
  growthSeen: 'two or three days of growth',
  lobesBrown: 'when the lobes turn brown, day 4 or 5',
  aWeek: 'after a week',
  manyVisits: 'three or four visits in a day',
  neverWashed: 'never: one variety, indoors',
  brushPerCrop: 'one brush for each crop',
  cleanAtEach: 'at each variety',
};

const OUR_TOOL: Readonly<Record<Method, string>> = {
  anthers:
    'A dab with the father’s anthers, on two mornings: whether there is pollen on them is seen, and none is carried on to another variety.',
  antherCone: 'The anther cone: it goes on shedding where it is.',
  maleFlower: 'The flower itself: it gives most pollen, and nothing is carried over to the next variety.',
  brush: 'A brush: gentle on small flowers.',
  swab: 'A swab: gentle on small flowers.',
  vibrate: 'Vibration: it shakes the pollen out of the tube.',
  shake: 'Shaking: quick, and enough in dry air.',
  emasculate: 'Emasculation.',
  tasselBag:
    'The bag: pollen that was shed in it is known, and stray pollen on the tassel is dead by morning.',
  shakeInBag: 'A shake in its own bag: no other pollen comes to it.',
  headToHead: 'Head against head: quick where two can be bent together.',
};

const OUR_COVER: Readonly<Record<CropCover, string>> = { ...COVERS, cage: 'A cage' };

/** What is done here by default, and why. */
export function sayOurs(ours: OurWay, f: Format): string {
  switch (ours.code) {
    case 'method':
      return OUR_TOOL[ours.method];
    case 'malesOfOthers':
      return `${f.number(ours.fruit)} for fruit, ${f.number(ours.seed)} for seed where there are so many, from different plants: more fathers, and one that is poor does no harm.`;
    case 'oneTasselEach':
      return 'One each. A tassel can serve more ears, but then fewer plants are fathers.';
    case 'othersForSeed':
      return 'For fruit any. For seed other plants first, its own only when there is nothing else: inbred lines weaken.';
    case 'coverForSeed':
      return `By purpose: none for fruit; for seed covered the evening before and again after. ${OUR_COVER[ours.cover]} unless you choose otherwise.`;
    case 'byTheHours':
      return 'By the hours of the day: seed first, before insects fly; fruit until the flowers shut.';
    case 'fadedForFruit':
      return 'For fruit, yes: fewer set. For seed only if it was covered.';
    case 'lateMarked':
      return 'Try it: it is marked as late, and fewer are expected to set.';
    case 'againSameDay':
      return `Once more ${f.count(ours.hours, 'hour', 'hours')} later the same morning. The next day is near useless: it does not open again.`;
    case 'againNextDay':
      return `Again after ${f.count(ours.days, 'day', 'days')}: it stays receptive, and not all takes the first time.`;
    case 'onceOnly':
      return 'Once. The next day is near useless: a female has a single morning.';
    case 'onceOrNextDay':
      return 'Once; again the next day if you want all of it to fill: what is youngest comes last.';
    case 'threeLooks':
      return 'Three looks: an early one, one at which set shows, and one when it is kept for good. What is not due yet is no failure.';
    case 'cleanBrush':
      return 'A clean or a new one at each change of variety among those that cross, and after a suspect plant.';
  }
}
