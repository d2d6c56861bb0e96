import type { FlowerStage } from '@/core/crops/flowerForm';
import { FLOWER } from './flower';
import type { FormWords, Telling } from './form';

const TASSEL: Readonly<Record<FlowerStage, Telling>> = {
  pin: { part: 'leaf', text: 'Still wrapped in its leaves: days off.' },
  green: { part: 'tassel', text: 'Out, but its branches lie close and no anther hangs: not yet.' },
  eve: {
    part: 'anthers',
    text: 'The first anthers hang from the middle: it has begun to shed. Shake it, then bag it.',
  },
  open: {
    part: 'anthers',
    text: 'Anthers hang from all branches: it sheds for days. Shake it, then bag it: next morning’s pollen is its own.',
  },
  spent: { part: 'tassel', text: 'Bare and pale: it has shed.' },
};
const SHOOT: Readonly<Record<FlowerStage, Telling>> = {
  pin: { part: 'shoot', text: 'A small shoot: some days off. Soon it gets its bag.' },
  green: { part: 'shoot', text: 'A shoot without silk: it is bagged now, before any shows.' },
  eve: { part: 'shoot', text: 'A fat shoot without silk: bag it at once, it shows next.' },
  open: {
    part: 'silk',
    text: 'Silk is out, and without a bag it has met the air: too late for seed. To eat, it takes pollen now.',
  },
  spent: { part: 'silk', text: 'Brown and dry: it is over.' },
};

const TASSEL_STAGES: Readonly<Record<FlowerStage, string>> = {
  pin: 'not out yet',
  green: 'not shedding yet',
  eve: 'begins to shed',
  open: 'sheds pollen',
  spent: 'has shed',
};
const SHOOT_STAGES: Readonly<Record<FlowerStage, string>> = {
  pin: 'very young',
  green: 'no silk yet',
  eve: 'silk comes next',
  open: 'with silk',
  spent: 'silk is over',
};

export const GRASS: FormWords = {
  bearing: ['ear', 'ears'],
  giver: ['tassel', 'tassels'],
  asksAt: {
    early: 'is the silk dry and brown, the ear thicker?',
    set: 'does it fill to the tip when you feel through the husk?',
    kept: 'is it there, and full?',
  },
  seen: { misshapen: 'Gaps in it', yellowing: 'Thin, empty' },
  sexes: { female: 'Shoot', male: 'Tassel', perfect: 'Shoot' },
  stages: (sex) => (sex === 'male' ? TASSEL_STAGES : SHOOT_STAGES),
  ages: (sex) => (sex === 'male' ? TASSEL : SHOOT),
  asksWhen: (sex) =>
    sex === 'male' ? 'Afternoon. Bag this tassel now, for seed?' : 'Bag this shoot now, for seed?',
  when: { now: 'Yes, now', later: 'Not yet', over: 'Too late' },
  cover: (sex) =>
    sex === 'male' ? 'Shake it and bag it this afternoon.' : 'Bag it now, before any silk shows.',
  pollinate: FLOWER.pollinate,
  habit: 'The tassel on top is male, the ears at the stem are female.',
  steps: {
    collect: 'Tap the tassel into its bag and take the bag off',
    check: 'Look for torn bags and silk outside',
    uncover: 'Take the bag off the ear',
    pollinate: 'Tip the pollen over all the silk',
    close: 'Put the tassel bag over the ear and staple it',
    tag: 'Write down ear and tassel',
  },
  missed: { hole: 'Bag torn', open: 'Silk outside', wilted: 'Silk dried up' },
  figures: {
    bearingAfterMales: 'From the first pollen to the first silk',
    receptive: 'Silk is good for',
    opens: 'Sheds from',
    shuts: 'Sheds until',
    setPrior: 'Of ten ears worked, that fill',
    routineEvery: 'To eat: shake tassels over silk every',
  },
  season: { males: 'Tassels shed', bearing: 'Silk is out' },
  walk: {
    next: 'For tomorrow',
    sign: 'Silk shows inside the bag; a tassel has begun to shed.',
    later: 'Bag now, before any silk shows',
    eve: {
      female: { label: 'Bagged ears with silk', glyph: 'silk' },
      male: { label: 'Tassels to bag', glyph: 'tassel' },
    },
    green: { female: { label: 'Shoots to bag', glyph: 'ear' } },
  },
  taking: {
    verb: 'Take',
    what: ['tassel bag', 'tassel bags'],
    check: 'Look for tears.',
    how: 'Bend the tassel over, tap it, and take the bag off level. In dry heat its pollen lives for an hour or two.',
  },
  giving: {
    says: 'Put over the ear the tassel bag of',
    from: 'Swap the shoot bag, quickly, for the tassel bag from',
    none: 'No tassel is left for it',
    shut: 'Shake, fold it round the stalk, staple',
  },
  pick: {
    drawing: 'tassel',
    steps: [
      'Bend the tassel over and tap it, so that the pollen falls into the bag.',
      'Take the bag off level, fold it shut, and keep it in the shade.',
      'Go straight to the ears: in dry heat the pollen lives for an hour or two.',
    ],
  },
  bring: {
    drawing: 'ear',
    steps: [
      'Have the tassel bag open in one hand, pull the shoot bag off with the other, and slip the tassel bag over.',
      'Shake it, fold it round the stalk and staple it.',
      'The silk should be an even brush: cut the tip of the ear the evening before.',
    ],
  },
};
