import { STYLE_LENGTHS, type NightshadeForm } from '../../crops/flowerForm';
import { byStage, type SignTable } from '../signs/sign';
import type { FormFacts } from './form';

/** How far the stigma stands beyond the anthers, is level with them, or ends below, for each length of style. */
const STYLE = { long: [0.9, 0.08, 0.02], medium: [0.12, 0.76, 0.12], short: [0.02, 0.1, 0.88] } as const;

/**
 * Signs of perfect flowers of the tomato's family.
 *
 * @example nightshadeSigns(form).petals({ sex: 'perfect', stage: 'eve' })[1] // 0.84: colouring, not open
 */
function nightshadeSigns({ styles }: NightshadeForm): SignTable {
  return {
    petals: byStage({
      pin: [0.98, 0.01, 0.005, 0.005],
      green: [0.9, 0.08, 0.01, 0.01],
      eve: [0.12, 0.84, 0.03, 0.01],
      open: [0.01, 0.06, 0.9, 0.03],
      spent: [0.01, 0.02, 0.12, 0.85],
    }),
    size: byStage({
      pin: [0.92, 0.07, 0.01],
      green: [0.22, 0.68, 0.1],
      eve: [0.03, 0.37, 0.6],
      open: [0.01, 0.09, 0.9],
      spent: [0.05, 0.25, 0.7],
    }),
    anthers: byStage({
      pin: [0.97, 0.02, 0.005, 0.005],
      green: [0.9, 0.09, 0.005, 0.005],
      eve: [0.25, 0.72, 0.02, 0.01],
      open: [0.02, 0.28, 0.65, 0.05],
      spent: [0.01, 0.04, 0.15, 0.8],
    }),
    feel: byStage({
      pin: [0.2, 0.75, 0.05],
      green: [0.15, 0.8, 0.05],
      eve: [0.15, 0.8, 0.05],
      open: [0.2, 0.75, 0.05],
      spent: [0.1, 0.05, 0.85],
    }),
    ...(styles && { style: ({ style = 'long' }) => STYLE[style] }),
  };
}

export const NIGHTSHADE: FormFacts<NightshadeForm> = {
  signs: nightshadeSigns,
  styles: ({ styles }) => (styles ? STYLE_LENGTHS : []),
  saidBy: { misshapen: 'tapered' },
  mistakes: ['endRotForPollen'],
  rogueBy: {
    young: ['vigour', 'stemColour', 'leaf'],
    beforePollen: ['habit', 'leaf', 'flowerColour'],
    atFruit: ['fruitShape', 'fruitSkin'],
    ripe: ['fruitShape', 'fruitSkin', 'flesh'],
  },
};
