import type { CropId } from '../catalogue';

/** What distinguishes a species from others of the same common name: stalk, seed and leaf, and what else shows. */
export interface DiagnosticTraits {
  readonly stalk?: string;
  readonly seed?: string;
  readonly leaf?: string;
  readonly other?: string;
}

/**
 * Diagnostic traits of the species that common names mix up. Squash: identification keys of squash breeding reviews and
 * seed-saving guides, from memory; the others common practice, no source.
 */
export const DIAGNOSTIC_TRAITS: Readonly<Partial<Record<CropId, DiagnosticTraits>>> = {
  pepo: {
    stalk: 'hard, with five sharp edges, hardly wider at the fruit',
    seed: 'pale, with a smooth rim of the same colour',
    leaf: 'prickly, pointed, often deeply cut',
  },
  maxima: {
    stalk: 'round, soft and corky, without edges',
    seed: 'fat, white to brown, its thin skin peels',
    leaf: 'large, nearly round, soft hairs',
  },
  moschata: {
    stalk: 'hard, with five smooth edges, spreading like a foot where it meets the fruit',
    seed: 'pale, with a darker, ragged rim',
    leaf: 'soft, often with white flecks',
  },
  argyrosperma: {
    stalk: 'hard and thick, with edges, hardly spreading at the fruit',
    seed: 'large, white or silvery, often with a grey rim and cracked skin',
    leaf: 'large, soft hairs, often flecked',
  },
  bottleGourd: { other: 'white flowers that open at dusk; hard shell' },
  luffa: { other: 'yellow flowers by morning; ridged or smooth long fruit with fibre inside' },
  melon: { seed: 'small, slim, pale', leaf: 'rounded, hardly cut', other: 'sweet smell when ripe' },
  watermelon: {
    seed: 'flat, black, brown or speckled',
    leaf: 'deeply cut into lobes',
    other: 'soft red or yellow flesh',
  },
  citron: { seed: 'red or green', leaf: 'deeply cut into lobes', other: 'hard white flesh' },
  cucumber: { leaf: 'pointed corners, rough', other: 'eaten green; young fruit with spines' },
  waxGourd: { other: 'hairy when young, a grey bloom when ripe' },
  annuum: { other: 'mostly one white flower at a joint, petals without spots' },
  chinense: {
    other: 'two or more flowers at a joint, greenish white, a ring where the calyx meets the stalk',
  },
  frutescens: { other: 'greenish flowers, small upright pods' },
  baccatum: { other: 'white petals with yellow or green spots at their base' },
  pubescens: { seed: 'black', leaf: 'hairy', other: 'violet flowers' },
  commonBean: { other: 'white, pink or violet flowers; the pod snaps; seed leaves come above ground' },
  runnerBean: { other: 'red or white flowers in long spikes; seed leaves stay below ground' },
  limaBean: { seed: 'flat, with lines that fan out', other: 'small greenish flowers' },
  broadBean: { leaf: 'grey-green, square stem', other: 'white flowers with a black spot' },
};
