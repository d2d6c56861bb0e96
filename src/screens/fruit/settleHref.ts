import type { Href } from 'expo-router';
import type { Variety } from '@/core/journal/state';
import type { RemedyReason } from '@/core/purity/remedies';

interface Asked {
  readonly metres?: string;
  readonly day?: string;
  /** Of which it is not known whether it was in flower: of the garden, or outside. */
  readonly source?: string;
  readonly isOutside?: boolean;
}

/** Where it is noted when something flowers; without a name where all that crosses is listed. */
export function sourceHref(source: string | undefined, isOutside = false): Href {
  if (source === undefined) return '/garden/crossing';
  return { pathname: isOutside ? '/garden/outside' : '/garden/variety', params: { id: source } };
}

/**
 * The page on which what is not known of a fruit's seed is settled, where there is one.
 *
 * @param asked how far has to be looked, for which day, and whose flowers nobody noted.
 */
export function settleHref(
  code: RemedyReason,
  { variety, crop }: Variety,
  { source, isOutside, ...asked }: Asked = {},
): Href | undefined {
  switch (code) {
    case 'remedy.lookAround':
      return { pathname: '/garden/looked', params: { crop, ...asked } };
    case 'remedy.askSource':
      return { pathname: '/garden/describe', params: { id: variety } };
    case 'remedy.noteFlowering':
      return sourceHref(source, isOutside);
    default:
      return undefined;
  }
}
