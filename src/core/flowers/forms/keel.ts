import type { KeelForm } from '../../crops/flowerForm';
import { byStage, type SignTable } from '../signs/sign';
import type { FormFacts } from './form';

/** Signs of a pea's or a bean's flower; anthers and stigma are hidden in the keel, and are ripe before it opens. */
const KEEL_SIGNS: SignTable = {
  petals: byStage({
    pin: [0.98, 0.01, 0.005, 0.005],
    green: [0.9, 0.09, 0.005, 0.005],
    eve: [0.05, 0.9, 0.04, 0.01],
    open: [0.01, 0.07, 0.89, 0.03],
    spent: [0.005, 0.015, 0.1, 0.88],
  }),
  size: byStage({
    pin: [0.93, 0.06, 0.01],
    green: [0.2, 0.72, 0.08],
    eve: [0.02, 0.23, 0.75],
    open: [0.01, 0.07, 0.92],
    spent: [0.02, 0.18, 0.8],
  }),
  feel: byStage({
    pin: [0.15, 0.8, 0.05],
    green: [0.15, 0.8, 0.05],
    eve: [0.15, 0.8, 0.05],
    open: [0.2, 0.75, 0.05],
    spent: [0.12, 0.08, 0.8],
  }),
};

export const KEEL: FormFacts<KeelForm> = {
  signs: () => KEEL_SIGNS,
  selfsInBud: true,
  saidBy: { misshapen: 'tapered' },
  mistakes: [],
  rogueBy: {
    young: ['vigour', 'stemColour', 'leaf'],
    beforePollen: ['habit', 'earliness', 'flowerColour'],
    atFruit: ['podSet', 'pods'],
    ripe: ['drySeed'],
  },
};
