import { FLOWER, PERFECT } from './flower';
import type { FormWords } from './form';

export const NIGHTSHADE: FormWords = { ...FLOWER, ...PERFECT, pollinate: 'Shake or brush it now.' };
