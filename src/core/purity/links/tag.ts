import type { Bloom } from '../../journal/state';
import { pollinationsOf } from '../../journal/pollinations';
import { reason } from '../../text/reason';
import { type Link, link } from '../chain';

/**
 * A tag that was never tied, or is gone at a look or at harvest: nobody can say which fruit this is. One that is hard to
 * read may be that of another.
 */
export function tagLink(flower: Bloom): Link {
  const { pollination, harvest, looks } = flower;
  const kept = flower.role === 'open' && flower.code !== '';
  if (!pollination && !kept) return link('tag', 'pending', reason('pollination.notYet'));
  const seen = looks.findLast(({ tag }) => tag)?.tag;
  if (harvest && !harvest.tagThere) return lostTag();
  if (!harvest && seen === 'gone') return lostTag();
  if (seen === 'hardToRead') return link('tag', 'doubtful', reason('tag.hardToRead'));
  if (harvest) return link('tag', 'holds', reason('tag.present'));
  if (!kept && !pollinationsOf(flower).some(({ tagged }) => tagged))
    return link('tag', 'broken', reason('tag.never'));
  return link('tag', 'pending', reason('tag.untilHarvest'));
}

const lostTag = (): Link => link('tag', 'broken', reason('tag.gone'));
