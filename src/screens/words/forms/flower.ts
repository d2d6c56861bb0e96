import type { FlowerStage } from '@/core/crops/flowerForm';
import type { FormWords, Telling } from './form';

/** What is said of flowers of any form that has no words of its own. */
export const BUDS: Readonly<Record<'pin' | 'green' | 'eve', string>> = {
  pin: 'Tiny and green: some days off.',
  green: 'Larger, but no colour shows yet: not next morning.',
  eve: 'Colour shows between the green leaves, and it has not opened: next morning.',
};

const STAGES: Readonly<Record<FlowerStage, string>> = {
  pin: 'tiny bud',
  green: 'green bud',
  eve: 'opens next',
  open: 'open',
  spent: 'over',
};

/** Ages that are told by the petals, and before by the bud. */
export const agesByPetals = (bud: typeof BUDS): Readonly<Record<FlowerStage, Telling>> => ({
  pin: { part: 'bud', text: bud.pin },
  green: { part: 'bud', text: bud.green },
  eve: { part: 'bud', text: bud.eve },
  open: { part: 'petals', text: 'It is open: this is its day.' },
  spent: { part: 'petals', text: 'Wilted: it is over.' },
});

const AGES = agesByPetals(BUDS);

/** Of flowers that are both. */
export const PERFECT: Pick<FormWords, 'taking' | 'giving'> = {
  taking: {
    verb: 'Take',
    what: ['flower for pollen', 'flowers for pollen'],
    check: 'Its bag must be whole.',
    how: 'Tap or vibrate it over a clean spoon or dish: dry yellow dust is pollen. Keep it dry.',
  },
  giving: {
    says: 'Touch the stigma with pollen of',
    from: 'Touch the stigma with pollen from',
    none: 'No pollen is left for it',
    shut: 'Close the bag again',
  },
};

/** Of a flower that is kept to its own pollen, whatever its form. */
export const TO_ITSELF: FormWords['giving'] = {
  says: 'Shake the bag on',
  from: 'Shake the bag, and leave it on: it needs no other pollen',
  none: 'Nothing to do here',
  shut: 'Look that the bag is shut',
};

export const FLOWER: FormWords = {
  bearing: ['female', 'females'],
  giver: ['male', 'males'],
  asksAt: {},
  seen: {},
  sexes: { female: 'Female', male: 'Male', perfect: 'Perfect flower' },
  stages: () => STAGES,
  ages: () => AGES,
  asksWhen: () => 'It is evening. When does this flower open?',
  when: { now: 'Next morning', later: 'Later', over: 'It is open, or over' },
  cover: () => 'Cover it tonight.',
  pollinate: 'Pollinate it now.',
  steps: {},
  missed: {},
  figures: {},
  season: {},
  taking: {
    verb: 'Pick',
    what: ['male', 'males'],
    check: 'Look for holes.',
    how: 'Pull the petals off at the base, and keep the pollen dry.',
  },
  giving: {
    says: 'Brush the female with',
    from: 'Brush with the males from',
    none: 'No pollen that fits is left',
    shut: 'Shut it again',
  },
};
