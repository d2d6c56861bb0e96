import type { Bloom } from '../../journal/state';
import { isCovered } from '../../journal/isCovered';
import { reason } from '../../text/reason';
import { toMs } from '../../time/calendar';
import { type Link, link, type PurityEvidence } from '../chain';

export function coverLink({ bloom, opensOn }: PurityEvidence): Link {
  if (!isCovered(bloom)) return link('cover', 'broken', reason('cover.none'));
  const opens = bloom.day === undefined ? undefined : opensOn(bloom.day);
  const method = { method: bloom.cover.method };
  if (wasUncoveredBefore(bloom)) return link('cover', 'broken', reason('cover.offBefore', method));
  if (opens === undefined) return link('cover', 'unknown', reason('cover.timeUnknown', method));
  if (Date.parse(bloom.cover.at) >= opens) return link('cover', 'broken', reason('cover.late', method));
  return link('cover', 'holds', reason('cover.before', { ...method, at: bloom.cover.at }));
}

/** Was its cover off before it got any pollen? */
export const wasUncoveredBefore = ({ uncovered, pollination }: Bloom): boolean =>
  uncovered !== undefined && (!pollination || toMs(uncovered.at) < toMs(pollination.at));
