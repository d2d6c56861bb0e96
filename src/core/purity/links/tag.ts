import type { TagState } from '../../journal/kinds/fruit';
import { byTime } from '../../journal/order';
import type { Retag } from '../../journal/state';
import { pollinationsOf } from '../../journal/pollinations';
import { reason } from '../../text/reason';
import { type Link, link, type PurityEvidence, worstOf } from '../chain';

/**
 * A tag that was never tied, or is gone at a look or at harvest: nobody can say which fruit this is. One that was hard
 * to read, or is there after it was gone or never tied, may be that of another; that it is there at harvest heals
 * nothing.
 */
export function tagLink({
  bloom: flower,
  sharesTag,
  swappedWithBad,
}: Pick<PurityEvidence, 'bloom' | 'sharesTag' | 'swappedWithBad'>): Link {
  const { pollination, harvest, looks, retags = [] } = flower;
  const kept = flower.role === 'open' && flower.code !== '';
  if (!pollination && !kept) return link('tag', 'pending', reason('pollination.notYet'));
  const seen = [
    ...[...looks.flatMap(({ at, tag }) => (tag ? [{ at, tags: [tag] }] : [])), ...retags.map(asSeen)]
      .sort(byTime)
      .flatMap(({ tags }) => tags),
    ...(harvest ? [harvest.tagThere ? ('there' as const) : ('gone' as const)] : []),
  ];
  const tied = kept || flower.of !== undefined || pollinationsOf(flower).some(({ tagged }) => tagged);
  const wasTiedAnew = retags.some(({ was }) => was === 'gone');
  const found = [
    harvest
      ? link('tag', 'holds', reason('tag.present'))
      : link('tag', 'pending', reason('tag.untilHarvest')),
  ];
  // Nobody can be sure which of the two it is: it is as bad as the other may be.
  if (swappedWithBad) found.push(link('tag', 'broken', reason('tag.swappedWithBad')));
  if (retags.some(({ was }) => was === 'swapped')) found.push(link('tag', 'doubtful', reason('tag.swapped')));
  if (sharesTag) found.push(link('tag', 'doubtful', reason('tag.shared')));
  if (seen.includes('hardToRead')) found.push(link('tag', 'doubtful', reason('tag.hardToRead')));
  if (seen.includes('gone'))
    found.push(
      seen.lastIndexOf('there') > seen.lastIndexOf('gone')
        ? link('tag', 'doubtful', reason(wasTiedAnew ? 'tag.tiedAnew' : 'tag.backAgain'))
        : link('tag', 'broken', reason('tag.gone')),
    );
  if (!tied)
    found.push(
      seen.includes('there')
        ? link('tag', 'doubtful', reason('tag.backAgain'))
        : link('tag', 'broken', reason('tag.never')),
    );
  return worstOf(found);
}

/** Who ties another tag saw the old one, or that it was gone; who found it on another fruit saw none of this one's. */
const asSeen = ({ at, was }: Retag): { readonly at: string; readonly tags: readonly TagState[] } => ({
  at,
  tags: SEEN[was],
});

const SEEN: Readonly<Record<Retag['was'], readonly TagState[]>> = {
  there: ['there'],
  gone: ['gone', 'there'],
  swapped: [],
};
