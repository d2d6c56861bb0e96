import type { Href } from 'expo-router';
import type { Variety } from '@/core/journal/state';
import type { RemedyReason } from '@/core/purity/remedies';

/**
 * The page on which what is not known of a fruit's seed is settled, where there is one.
 *
 * @param asked how far has to be looked, and for which day.
 */
export function settleHref(
  code: RemedyReason,
  { variety, crop }: Variety,
  asked: { readonly metres?: string; readonly day?: string } = {},
): Href | undefined {
  switch (code) {
    case 'remedy.lookAround':
      return { pathname: '/garden/looked', params: { crop, ...asked } };
    case 'remedy.askSource':
      return { pathname: '/garden/describe', params: { id: variety } };
    case 'remedy.noteFlowering':
      return '/garden/crossing';
    default:
      return undefined;
  }
}
