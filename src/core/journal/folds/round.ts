import type { EntryAbout } from '../taking';
import type { Round, StopDone } from '../state';

/** What an entry says became of a stop; the plan itself says nothing of it. */
function stopDone({ id, at, kind, body }: EntryAbout<'round'>): StopDone | undefined {
  const became = (stop: string | undefined, outcome: StopDone['outcome']): StopDone | undefined =>
    stop === undefined ? undefined : { stop, entry: id, at, outcome };
  switch (kind) {
    case 'round.planned':
      return undefined;
    case 'pollinated':
      return became(body.stop, 'done');
    case 'missed':
      return became(body.stop, body.why);
    case 'stop.left':
      return became(body.stop, 'skipped');
    case 'picked':
      return became(body.stop, body.blooms.length > 0 ? 'done' : (body.spoiled[0]?.why ?? 'notFound'));
  }
}

/** The last plan counts; what was done keeps its stop id, so a re-planned round knows it is done. */
export function reduceRound(_id: string, entries: readonly EntryAbout<'round'>[]): Round | undefined {
  const planned = entries.findLast((entry) => entry.kind === 'round.planned');
  if (!planned) return undefined;
  const done = new Map<string, StopDone>();
  for (const entry of entries) {
    const was = stopDone(entry);
    if (was) done.set(was.stop, was);
  }
  const { id, lamport, device, at } = planned;
  const { round, day, outing = 'morning', share, stops } = planned.body;
  return { round, day, outing, ...(share && { share }), stops, planned: { id, lamport, device, at }, done };
}
