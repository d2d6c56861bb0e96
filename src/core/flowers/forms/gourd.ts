import type { GourdForm } from '../../crops/flowerForm';
import { byStage, type FlowerKind, type SignTable } from '../signs/sign';
import type { FormFacts } from './form';

const isMale = ({ sex }: FlowerKind): boolean => sex === 'male';

/** How far the fruitlet under a female flower can be told, at each age: even, swelling, a small fruit. */
const UNDER_FEMALE = {
  pin: [0.14, 0.62, 0.24],
  green: [0.05, 0.45, 0.5],
  eve: [0.02, 0.2, 0.78],
  open: [0.02, 0.13, 0.85],
  spent: [0.02, 0.15, 0.83],
} as const;

/** A stalk widens a little into its flower: some take that for a fruitlet, in tiny buds more often. */
const underMale = (stage: FlowerKind['stage']): readonly number[] =>
  stage === 'pin' ? [0.86, 0.12, 0.02] : [0.94, 0.05, 0.01];

/** A bud of pale green petals shows its age by a first trace of yellow where flowers are small, by its seams else. */
const COLOUR = byStage({
  pin: [0.95, 0.03, 0.01, 0.01],
  green: [0.84, 0.13, 0.02, 0.01],
  eve: [0.05, 0.79, 0.15, 0.01],
  open: [0.01, 0.04, 0.87, 0.08],
  spent: [0.02, 0.06, 0.42, 0.5],
});

/**
 * Signs of flowers with a fruitlet below the petals of the female.
 *
 * @example gourdSigns(form).inside({ sex: 'male', stage: 'open' })[0] // 0.96: one column
 */
function gourdSigns(form: GourdForm): SignTable {
  return {
    under: (kind) => (isMale(kind) ? underMale(kind.stage) : UNDER_FEMALE[kind.stage]),
    stalkLength: (kind) => {
      const long = !isMale(kind)
        ? 0.14
        : form.maleStalk === 'short'
          ? 0.25
          : kind.stage === 'pin'
            ? 0.4
            : 0.86;
      return [1 - long, long];
    },
    grouping: (kind) => {
      const clustered = !isMale(kind) ? 0.06 : form.males === 'clustered' ? 0.72 : 0.12;
      return [1 - clustered, clustered];
    },
    ...(form.bearsOnSideShoots && {
      shoot: (kind: FlowerKind) => (isMale(kind) ? [0.78, 0.22] : [0.08, 0.92]),
    }),
    size: byStage({
      pin: [0.9, 0.09, 0.01],
      green: [0.15, 0.7, 0.15],
      eve: [0.02, 0.25, 0.73],
      open: [0.01, 0.09, 0.9],
      spent: [0.02, 0.2, 0.78],
    }),
    colour: COLOUR,
    feel: byStage({
      pin: [0.22, 0.73, 0.05],
      green: [0.7, 0.25, 0.05],
      eve: [0.06, 0.9, 0.04],
      open: [0.17, 0.73, 0.1],
      spent: [0.05, 0.05, 0.9],
    }),
    tip: byStage({
      pin: [0.98, 0.01, 0.01],
      green: [0.98, 0.01, 0.01],
      eve: [0.95, 0.03, 0.02],
      open: [0.05, 0.92, 0.03],
      spent: [0.15, 0.08, 0.77],
    }),
    inside: ({ sex }) =>
      ({ male: [0.96, 0.02, 0.02], female: [0.02, 0.95, 0.03], perfect: [0.03, 0.09, 0.88] })[sex],
  };
}

export const GOURD: FormFacts<GourdForm> = {
  signs: gourdSigns,
  staysShut: true,
  fadedPollenServes: true,
  fates: ['growing', 'yellowing', 'misshapen', 'endRot', 'gone'],
  plants: true,
  saidBy: { misshapen: 'tapered' },
  mistakes: [
    'greenForEve',
    'onlyMales',
    'holeOverlooked',
    'pressedTooHard',
    'tagOnFlower',
    'endRotForPollen',
  ],
  rogueBy: {
    young: ['vigour', 'leaf'],
    beforePollen: ['habit', 'earliness', 'fruitlet'],
    atFruit: ['fruitShape', 'fruitSkin'],
    ripe: ['fruitShape', 'fruitSkin', 'flesh'],
  },
};
