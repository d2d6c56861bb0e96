import type { FlowerKind, SignTable } from '../signs/sign';
import type { GrassForm } from '../../crops/flowerForm';
import type { FormFacts } from './form';

const TASSEL = {
  branches: {
    pin: [0.97, 0.03],
    green: [0.7, 0.3],
    eve: [0.12, 0.88],
    open: [0.03, 0.97],
    spent: [0.03, 0.97],
  },
  anthers: {
    pin: [0.97, 0.01, 0.01, 0.01],
    green: [0.94, 0.03, 0.01, 0.02],
    // The first ones hang from the middle of the central branch.
    eve: [0.35, 0.6, 0.03, 0.02],
    open: [0.02, 0.16, 0.78, 0.04],
    spent: [0.05, 0.04, 0.04, 0.87],
  },
} as const;

const SHOOT_SILK = {
  pin: [0.98, 0.01, 0.005, 0.005],
  green: [0.97, 0.02, 0.005, 0.005],
  // Silk that shows is out, and has met the air: whatever flew is on it.
  eve: [0.95, 0.04, 0.005, 0.005],
  open: [0.02, 0.38, 0.56, 0.04],
  spent: [0.01, 0.01, 0.08, 0.9],
} as const;

const isTassel = ({ sex }: FlowerKind): boolean => sex === 'male';

/**
 * Signs of corn: the tassel on top, the shoots at the nodes.
 *
 * @example grassSigns.organ({ sex: 'male', stage: 'open' })[0] // 0.99: on top
 */
const grassSigns: SignTable = {
  organ: (kind) => (isTassel(kind) ? [0.99, 0.01] : [0.01, 0.99]),
  branches: (kind) => (isTassel(kind) ? TASSEL.branches[kind.stage] : [0.9, 0.1]),
  hangingAnthers: (kind) => (isTassel(kind) ? TASSEL.anthers[kind.stage] : [0.97, 0.01, 0.01, 0.01]),
  silk: (kind) => (isTassel(kind) ? [0.97, 0.01, 0.01, 0.01] : SHOOT_SILK[kind.stage]),
  size: (kind) =>
    ({
      pin: [0.9, 0.09, 0.01],
      green: [0.3, 0.6, 0.1],
      eve: [0.05, 0.45, 0.5],
      open: [0.01, 0.19, 0.8],
      spent: [0.01, 0.14, 0.85],
    })[kind.stage],
};

export const GRASS: FormFacts<GrassForm> = {
  signs: () => grassSigns,
  sexesApart: true,
  fates: ['growing', 'yellowing', 'scattered', 'emptyTip', 'oneSide'],
  gaps: ['scattered', 'emptyTip', 'oneSide'],
  saidBy: { yellowing: 'empty' },
  mistakes: ['silkOutside', 'ownTassel', 'oneDayOfSilk'],
  rogueBy: {
    young: ['vigour', 'stemColour'],
    beforePollen: ['habit', 'earliness', 'tassel', 'silk'],
    atFruit: ['earHeight'],
    ripe: ['kernels'],
  },
};
