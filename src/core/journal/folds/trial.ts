import type { Dealt } from '../kinds/trial';
import type { Trial } from '../state';
import { type EntryAbout, taking } from '../taking';

const takeOf = taking<'trial'>()({ 'trial.planned': 'last', 'trial.dealt': 'all', 'trial.ended': 'last' });

/** What fell to a flower first stands, whatever another phone dealt it. */
export function reduceTrial(_id: string, entries: readonly EntryAbout<'trial'>[]): Trial | undefined {
  const taken = takeOf(entries);
  const planned = taken['trial.planned'];
  if (!planned) return undefined;
  const dealt = new Map<string, Dealt & Pick<Trial['dealt'][number], 'day'>>();
  for (const { body } of taken['trial.dealt'])
    for (const each of body.dealt)
      if (!dealt.has(each.bloom)) dealt.set(each.bloom, { ...each, day: body.day });
  const ended = taken['trial.ended'];
  return {
    ...planned.body,
    plannedAt: planned.at,
    dealt: [...dealt.values()],
    ...(ended && { endedAt: ended.at }),
  };
}
