/** Where a figure comes from. `memory`: published, quoted from memory. `default`: our own choice. */
export type Standing = 'practice' | 'memory' | 'default';

/** A figure with its unit and standing. */
export interface Figure<T = number> {
  readonly value: T;
  readonly unit: 'h' | 'd' | 'degC' | 'share' | 'count' | 'min' | 's' | 'm';
  readonly standing: Standing;
  readonly source?: string;
}

/** From and to, both in the figure's unit. */
export type Span = readonly [number, number];

export type CropId = 'pepo' | 'maxima' | 'moschata' | 'argyrosperma';

/** What the handbook knows of a crop whose flowers are male or female and last one morning. */
export interface Crop {
  readonly id: CropId;
  /** Botanical name. */
  readonly species: string;
  /** Opening of the flowers, hours from sunrise, on a mild morning. */
  readonly opens: Figure<Span>;
  /** Shutting of the flowers, hours from sunrise, on a mild morning. */
  readonly shuts: Figure<Span>;
  /** Clock hour by which to be done whatever the sun says, where growers name one. */
  readonly doneByClock?: Figure;
  /** Below this air temperature at dawn the flowers open late. */
  readonly floor: Figure;
  /** Chance that one hand-pollinated flower sets, before own records speak. */
  readonly setPrior: Figure;
  /** Males wanted for each female. */
  readonly males: { readonly fruit: Figure; readonly seed: Figure };
  /** Days from pollination to eating stage and to ripe seed on the vine. */
  readonly eatAfter: Figure<Span>;
  readonly seedAfter: Figure<Span>;
  /** Days on which to look at a fruitlet: early sign, set, kept. */
  readonly looks: { readonly early: Figure<Span>; readonly set: Figure<Span>; readonly kept: Figure };
}
