import { pollinationsOf } from '../../journal/pollinations';
import { reason } from '../../text/reason';
import { MS_PER_MINUTE, toMs } from '../../time/calendar';
import { type Link, link, type PurityEvidence, worstOf } from '../chain';
import type { Uncovering } from '../../journal/state';
import { uncoveringsOf, wasBefore } from './cover';

/**
 * What the cover did after the last pollen. Off on a day on which the bloom could still take pollen it let insects in;
 * where nobody knows the day, it may have been then.
 */
function stayedShut({ bloom, receptiveUntil }: PurityEvidence, uncovered: Uncovering): Link {
  const last = pollinationsOf(bloom).at(-1);
  const from = last?.day ?? bloom.day;
  const found = { found: uncovered.found };
  const { day } = uncovered;
  if (receptiveUntil === undefined || from === undefined)
    return link('closedAgain', 'unknown', reason('closed.offUnknown', found));
  if (day !== undefined) {
    if (day > receptiveUntil) return link('closedAgain', 'holds', reason('closed.offLater', found));
    const state = uncovered.found === 'whole' || uncovered.found === 'off' ? 'broken' : 'doubtful';
    return link('closedAgain', state, reason('closed.offTooEarly', { ...found, day }));
  }
  return link(
    'closedAgain',
    receptiveUntil > from ? 'doubtful' : 'unknown',
    reason('closed.offUnknown', found),
  );
}

/** Was it shut after every pollination, and did it stay so? */
export function closedAgainLink(evidence: PurityEvidence): Link {
  const { bloom } = evidence;
  const pollinations = pollinationsOf(bloom);
  if (bloom.role === 'open') return link('closedAgain', 'broken', reason('closed.leftOpen'));
  if (pollinations.length === 0) return link('closedAgain', 'pending', reason('pollination.notYet'));
  const after = uncoveringsOf(bloom).filter((each) => !wasBefore(each, bloom));
  const exposed = wasExposed(evidence);
  const leftOpen = pollinations.some(({ shutAgain }) => !shutAgain);
  return worstOf([
    ...(leftOpen ? [link('closedAgain', 'broken', reason('closed.leftOpen'))] : []),
    ...(exposed ? [exposed] : []),
    ...after.map((each) => stayedShut(evidence, each)),
    ...(after.length === 0 ? [link('closedAgain', 'holds', reason('closed.atOnce'))] : []),
  ]);
}

/** It stood open for some minutes: before insects fly that does no harm. */
function wasExposed({ bloom, insectsOn }: PurityEvidence): Link | undefined {
  const exposed = pollinationsOf(bloom).filter(({ openMinutes = 0 }) => openMinutes > 0);
  if (exposed.length === 0) return undefined;
  const minutes = Math.max(...exposed.map(({ openMinutes = 0 }) => openMinutes));
  const wasBeforeInsects = exposed.every(({ at, day = bloom.day, openMinutes = 0 }) => {
    const insects = day === undefined ? undefined : insectsOn(day);
    return insects !== undefined && toMs(at) + openMinutes * MS_PER_MINUTE <= insects;
  });
  return wasBeforeInsects
    ? link('closedAgain', 'holds', reason('closed.beforeInsects', { minutes }))
    : link('closedAgain', 'doubtful', reason('closed.openFor', { minutes }));
}
