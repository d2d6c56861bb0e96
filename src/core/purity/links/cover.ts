import type { Bloom, Uncovering } from '../../journal/state';
import { isCovered } from '../../journal/isCovered';
import { reason } from '../../text/reason';
import { toMs } from '../../time/calendar';
import { type Link, link, type PurityEvidence } from '../chain';

export function coverLink({ bloom, opensOn }: PurityEvidence): Link {
  if (!isCovered(bloom)) return link('cover', 'broken', reason('cover.none'));
  const opens = bloom.day === undefined ? undefined : opensOn(bloom.day, bloom.plant);
  const method = { method: bloom.cover.method };
  if (uncoveringsOf(bloom).some((each) => wasBefore(each, bloom)))
    return link('cover', 'broken', reason('cover.offBefore', method));
  if (opens === undefined) return link('cover', 'unknown', reason('cover.timeUnknown', method));
  if (Date.parse(bloom.cover.at) >= opens) return link('cover', 'broken', reason('cover.late', method));
  return link('cover', 'holds', reason('cover.before', { ...method, at: bloom.cover.at }));
}

/** All that was found of a cover that came off. */
export const uncoveringsOf = ({ uncovered, uncoverings }: Bloom): readonly Uncovering[] =>
  uncoverings ?? (uncovered ? [uncovered] : []);

/** Was the cover off before the bloom got any pollen? */
export const wasBefore = ({ at }: Uncovering, { pollination }: Pick<Bloom, 'pollination'>): boolean =>
  !pollination || toMs(at) < toMs(pollination.at);
