import type { HeadForm } from '../../crops/flowerForm';
import { byStage, type SignTable } from '../signs/sign';
import type { FormFacts } from './form';

/** Signs of a head of florets: its rays unfold, then florets open ring by ring, then its back turns yellow. */
const HEAD_SIGNS: SignTable = {
  rays: byStage({
    pin: [0.98, 0.01, 0.005, 0.005],
    green: [0.93, 0.06, 0.005, 0.005],
    eve: [0.08, 0.8, 0.115, 0.005],
    open: [0.01, 0.05, 0.9, 0.04],
    spent: [0.005, 0.01, 0.135, 0.85],
  }),
  florets: byStage({
    pin: [0.98, 0.015, 0.005],
    green: [0.97, 0.025, 0.005],
    eve: [0.86, 0.13, 0.01],
    open: [0.04, 0.92, 0.04],
    spent: [0.01, 0.1, 0.89],
  }),
  back: byStage({
    pin: [0.99, 0.01],
    green: [0.99, 0.01],
    eve: [0.99, 0.01],
    open: [0.96, 0.04],
    spent: [0.35, 0.65],
  }),
  size: byStage({
    pin: [0.9, 0.09, 0.01],
    green: [0.15, 0.7, 0.15],
    eve: [0.03, 0.37, 0.6],
    open: [0.01, 0.14, 0.85],
    spent: [0.01, 0.14, 0.85],
  }),
};

export const HEAD: FormFacts<HeadForm> = {
  signs: () => HEAD_SIGNS,
  fates: ['growing', 'yellowing', 'emptyRing', 'scattered', 'emptyMiddle'],
  gaps: ['emptyRing', 'scattered', 'emptyMiddle'],
  saidBy: { yellowing: 'empty' },
  mistakes: ['raysOut', 'oneRing', 'ownHead'],
  rogueBy: {
    young: ['vigour', 'stemColour'],
    beforePollen: ['habit', 'earliness', 'leaf'],
    atFruit: ['rays'],
    ripe: ['drySeed'],
  },
};
