import type { Unpicked } from '@/core/years/closing';

/** What became of fruit that nobody had picked by the end of a season. */
export const FRUIT_END_NAMES: Readonly<Record<Unpicked, string>> = {
  onPlant: 'Still on the plant',
  frosted: 'It was there when frost came',
  eaten: 'Picked and eaten',
  unseen: 'Gone, nobody knows since when',
};

/** The same, where there is little room. */
export const FRUIT_ENDS_SHORT: Readonly<Record<Unpicked, string>> = {
  onPlant: 'Still there',
  frosted: 'Frosted',
  eaten: 'Eaten',
  unseen: 'Gone',
};
