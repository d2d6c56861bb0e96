import type { Crop, CropId, Figure, Span } from './crop';

const practice = <T>(value: T, unit: Figure['unit']): Figure<T> => ({ value, unit, standing: 'practice' });
const chosen = <T>(value: T, unit: Figure['unit']): Figure<T> => ({ value, unit, standing: 'default' });

/** What the four squash species share. */
const SQUASH = {
  floor: {
    value: 10,
    unit: 'degC',
    standing: 'memory',
    source: 'Seaton & Kremer 1939, The influence of climatological factors on anthesis in cucurbits',
  },
  males: { fruit: chosen(2, 'count'), seed: chosen(3, 'count') },
  looks: {
    early: practice<Span>([3, 4], 'd'),
    set: practice<Span>([7, 8], 'd'),
    kept: practice(14, 'd'),
  },
} as const satisfies Partial<Crop>;

export const SQUASH_CROPS: Readonly<Record<CropId, Crop>> = {
  pepo: {
    ...SQUASH,
    id: 'pepo',
    species: 'Cucurbita pepo',
    opens: chosen<Span>([-0.5, 0.5], 'h'),
    shuts: chosen<Span>([4, 6], 'h'),
    doneByClock: practice(10, 'h'),
    setPrior: chosen(0.65, 'share'),
    eatAfter: chosen<Span>([4, 8], 'd'),
    seedAfter: chosen<Span>([50, 60], 'd'),
  },
  maxima: {
    ...SQUASH,
    id: 'maxima',
    species: 'Cucurbita maxima',
    opens: chosen<Span>([-1, 0], 'h'),
    shuts: chosen<Span>([4, 5], 'h'),
    setPrior: chosen(0.6, 'share'),
    eatAfter: chosen<Span>([45, 55], 'd'),
    seedAfter: chosen<Span>([55, 65], 'd'),
  },
  moschata: {
    ...SQUASH,
    id: 'moschata',
    species: 'Cucurbita moschata',
    opens: chosen<Span>([-1, 0], 'h'),
    shuts: chosen<Span>([4, 5], 'h'),
    setPrior: chosen(0.6, 'share'),
    eatAfter: chosen<Span>([50, 60], 'd'),
    seedAfter: chosen<Span>([60, 70], 'd'),
  },
  argyrosperma: {
    ...SQUASH,
    id: 'argyrosperma',
    species: 'Cucurbita argyrosperma',
    opens: chosen<Span>([-1, 0], 'h'),
    shuts: chosen<Span>([4, 4], 'h'),
    setPrior: chosen(0.55, 'share'),
    eatAfter: chosen<Span>([50, 60], 'd'),
    seedAfter: chosen<Span>([60, 70], 'd'),
  },
};

export const CROP_IDS = Object.keys(SQUASH_CROPS) as CropId[];

export const cropOf = (id: CropId): Crop => SQUASH_CROPS[id];
