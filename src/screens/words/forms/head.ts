import type { FlowerStage } from '@/core/crops/flowerForm';
import type { FormWords, Telling } from './form';

const AGES: Readonly<Record<FlowerStage, Telling>> = {
  pin: { part: 'bud', text: 'A small button among the leaves: a week or more.' },
  green: { part: 'sepals', text: 'Green all round, no yellow shows: bag it now, before its rays unfold.' },
  eve: { part: 'petals', text: 'Rays stand up between the green leaves: the first florets open next.' },
  open: { part: 'anthers', text: 'A ring of florets is open, dusty with pollen: brush it.' },
  spent: { part: 'sepals', text: 'No floret is left, the back turns yellow: it is over.' },
};

const STAGES: Readonly<Record<FlowerStage, string>> = {
  pin: 'small button',
  green: 'shut and green',
  eve: 'rays unfold',
  open: 'florets open',
  spent: 'florets are over',
};

export const HEAD: FormWords = {
  bearing: ['head', 'heads'],
  giver: ['head', 'heads'],
  asksAt: {
    early: 'have the florets dried up, and do hulls swell below them?',
    set: 'are the hulls firm between two fingers? A ring of empty ones is a morning that was missed.',
    kept: 'is it there, and its back turning yellow?',
  },
  seen: { growing: 'Filling', misshapen: 'Rings of empty hulls', yellowing: 'Empty' },
  sexes: { female: 'Head', male: 'Head', perfect: 'Head' },
  stages: () => STAGES,
  ages: () => AGES,
  asksWhen: () => 'When do the florets of this head open?',
  when: { now: 'Next morning', later: 'Later', over: 'They are open, or over' },
  cover: () => 'Bag it now, before its rays unfold.',
  pollinate: 'Brush it now.',
  habit: 'A head is many florets, each male and female. They open from the rim inwards, a ring a day.',
  steps: {
    collect: 'Brush open heads of other plants',
    check: 'Look for torn bags and insects inside',
    uncover: 'Take the bag off the head',
    pollinate: 'Brush over the whole ring of open florets',
    close: 'Put the bag back on at once',
    tag: 'Tie the tag below the head',
  },
  missed: { hole: 'Bag torn', open: 'Bag is off', wilted: 'Florets over' },
  figures: {
    receptive: 'Florets of a head open for',
    setPrior: 'Of ten heads worked, that fill',
    malesForSeed: 'Heads of other plants on the brush, for seed',
  },
  season: { flowers: 'Florets open', seed: 'Back of the head is yellow' },
  walk: {
    next: 'For tomorrow',
    sign: 'Look through the bag: the rays have unfolded, and the outermost florets are about to open.',
    later: 'Bag now, before any ray unfolds',
    eve: { female: { label: 'Bagged heads that begin', glyph: 'head' } },
    green: { female: { label: 'Heads to bag', glyph: 'head' } },
  },
  taking: {
    verb: 'Brush',
    what: ['head for its pollen', 'heads for their pollen'],
    check: 'Look for tears, and for insects inside.',
    how: 'Go over the ring of open florets with a soft brush, and put the bag back on.',
  },
  giving: {
    says: 'Brush the head with pollen of',
    from: 'Brush the ring of open florets with pollen from',
    none: 'No pollen is left for it',
    shut: 'Put the bag back on',
  },
  pick: {
    drawing: 'brush',
    steps: [
      'Take the bag off; look that no insect is inside.',
      'Go with a soft brush, or a cloth on your hand, over the ring of open florets until it is yellow.',
      'Put the bag back on. The head stays: it wants pollen of others too.',
    ],
  },
  bring: {
    drawing: 'brush',
    steps: [
      'Go over the whole ring of open florets with the brush that has been on other heads.',
      'Or rub two heads of different plants against each other, gently.',
      'Put the bag back on, and come again each morning or every other one while florets open. It stays on until the back of the head is yellow.',
    ],
  },
};
