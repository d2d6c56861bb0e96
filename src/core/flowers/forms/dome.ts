import { byStage, type SignTable } from '../signs/sign';
import type { DomeForm } from '../../crops/flowerForm';
import type { FormFacts } from './form';

/**
 * Signs of strawberry flowers.
 *
 * @example domeSigns.anthers({ sex: 'perfect', stage: 'spent' })[3] // 0.82: brown
 */
const domeSigns: SignTable = {
  petals: byStage({
    pin: [0.98, 0.01, 0.005, 0.005],
    green: [0.88, 0.1, 0.01, 0.01],
    eve: [0.15, 0.8, 0.04, 0.01],
    open: [0.01, 0.06, 0.9, 0.03],
    spent: [0.01, 0.02, 0.12, 0.85],
  }),
  anthers: byStage({
    pin: [0.96, 0.03, 0.005, 0.005],
    green: [0.85, 0.13, 0.01, 0.01],
    eve: [0.15, 0.82, 0.02, 0.01],
    open: [0.02, 0.33, 0.58, 0.07],
    spent: [0.01, 0.02, 0.15, 0.82],
  }),
  centre: byStage({
    pin: [0.97, 0.02, 0.01],
    green: [0.95, 0.04, 0.01],
    eve: [0.8, 0.19, 0.01],
    open: [0.03, 0.87, 0.1],
    spent: [0.01, 0.22, 0.77],
  }),
  size: byStage({
    pin: [0.9, 0.09, 0.01],
    green: [0.2, 0.7, 0.1],
    eve: [0.04, 0.46, 0.5],
    open: [0.01, 0.14, 0.85],
    spent: [0.03, 0.37, 0.6],
  }),
};

export const DOME: FormFacts<DomeForm> = {
  signs: () => domeSigns,
  saidBy: { misshapen: 'tapered' },
  mistakes: ['brushedOnce'],
  rogueBy: {
    young: ['leaf'],
    beforePollen: ['habit', 'leaf', 'flowerColour'],
    atFruit: ['berries'],
    ripe: ['flesh'],
  },
};
