import type { MallowForm } from '../../crops/flowerForm';
import { byStage, type SignTable } from '../signs/sign';
import type { FormFacts } from './form';

/** Signs of a mallow's flower, which lasts for a morning: next day it is a twisted roll that falls off. */
const MALLOW_SIGNS: SignTable = {
  petals: byStage({
    pin: [0.98, 0.01, 0.005, 0.005],
    green: [0.95, 0.04, 0.005, 0.005],
    eve: [0.1, 0.87, 0.02, 0.01],
    open: [0.01, 0.04, 0.93, 0.02],
    spent: [0.005, 0.015, 0.02, 0.96],
  }),
  anthers: byStage({
    pin: [0.97, 0.02, 0.005, 0.005],
    green: [0.9, 0.09, 0.005, 0.005],
    eve: [0.2, 0.77, 0.02, 0.01],
    open: [0.01, 0.14, 0.82, 0.03],
    spent: [0.01, 0.02, 0.12, 0.85],
  }),
  size: byStage({
    pin: [0.92, 0.07, 0.01],
    green: [0.15, 0.75, 0.1],
    eve: [0.02, 0.28, 0.7],
    open: [0.01, 0.05, 0.94],
    spent: [0.02, 0.4, 0.58],
  }),
  feel: byStage({
    pin: [0.1, 0.85, 0.05],
    green: [0.1, 0.85, 0.05],
    eve: [0.15, 0.8, 0.05],
    open: [0.3, 0.65, 0.05],
    spent: [0.08, 0.04, 0.88],
  }),
};

export const MALLOW: FormFacts<MallowForm> = {
  signs: () => MALLOW_SIGNS,
  saidBy: { misshapen: 'tapered' },
  mistakes: [],
  rogueBy: {
    young: ['vigour', 'stemColour'],
    beforePollen: ['habit', 'leaf', 'earliness'],
    atFruit: ['pods'],
    ripe: ['pods', 'drySeed'],
  },
};
