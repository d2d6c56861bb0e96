import { useState } from 'react';
import { View } from 'react-native';
import { MAX_DAYS_RETIMED } from '@/core/journal/limits';
import { correctTimes, daysMoved, daysNamed, type TimeShift } from '@/core/records/correctTimes';
import type { WritingSession } from '@/core/records/writingSessions';
import { addDays, atClock, dayAt, MS_PER_MINUTE } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useGarden } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { FormDay, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { Page } from '../shell/Page';
import { optionsOf } from '../words/options';

export interface RightTimeProps {
  readonly session: WritingSession;
  /** All of its device, the newest first. */
  readonly sessions: readonly WritingSession[];
  readonly zone: string;
  readonly title: string;
  readonly onClose: () => void;
}

interface Typed {
  day: string;
  time: string;
}
interface Checked {
  day: Day;
  time: number;
}

const WHICH = {
  only: 'Only these',
  later: 'These and all recorded later',
  earlier: 'These and all recorded earlier',
} as const;
type Which = keyof typeof WHICH;

const MINUTES_PER_DAY = 24 * 60;

/** When a session really began, and what becomes of its days. */
export function RightTime({ session, sessions, zone, title, onClose }: RightTimeProps) {
  const f = useFormat();
  const { store } = useGarden();
  const [which, setWhich] = useState<Which>('only');
  const [shift, setShift] = useState<TimeShift>();
  const record = useRecord();
  const { control, handleSubmit, setError } = useCheckedForm<Typed, Checked>('times', {
    day: dayAt(session.from, zone),
    time: f.time(session.from),
  });
  const at = sessions.indexOf(session);
  const chosen =
    which === 'only' ? [session] : which === 'later' ? sessions.slice(0, at + 1) : sessions.slice(at);
  const entries = chosen.flatMap((each) => each.entries);
  const named = daysNamed(store.journal, entries);
  const check = handleSubmit(({ day, time }) => {
    const shown = Math.floor(session.from / MS_PER_MINUTE);
    const minutes = Math.round(atClock(day, time, zone) / MS_PER_MINUTE) - shown;
    const now = store.clock.now();
    if (minutes === 0) setError('time', { message: 'That is the time it has now.' });
    else if (Math.abs(minutes) > MAX_DAYS_RETIMED * MINUTES_PER_DAY)
      setError('day', { message: 'That is too far away.' });
    else if (Math.max(...chosen.map(({ to }) => to)) + minutes * MS_PER_MINUTE > now + 10 * MS_PER_MINUTE)
      setError('day', {
        message: 'Then it would end after now. Set the clock of this device first, if it is wrong.',
      });
    else setShift({ by: minutes, days: named.length > 0 ? daysMoved(minutes) : 0 });
  });
  return (
    <Page
      title={title}
      foot={
        <View style={{ flexDirection: 'row', gap: SPACE.s }}>
          <Button
            variant="main"
            size="big"
            title={shift ? 'Correct the times' : 'Check'}
            onPress={
              shift
                ? () => record(correctTimes(store.journal, entries, shift), eitherWay(onClose))
                : () => void check()
            }
            style={{ flex: 1 }}
          />
          <Button size="big" title="Back" onPress={shift ? () => setShift(undefined) : onClose} />
        </View>
      }
    >
      {!shift ? (
        <View style={{ gap: SPACE.m }}>
          <Text>When did this really begin, by the clock in the garden?</Text>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m }}>
            <FormDay control={control} name="day" label="Day" />
            <FormField control={control} name="time" label="Time" />
          </View>
          <Choice label="What to correct" value={which} options={optionsOf(WHICH)} onChange={setWhich} />
        </View>
      ) : (
        <WhatBecomes
          shift={shift}
          named={named}
          sessions={chosen}
          zone={zone}
          onDays={(days) => setShift({ ...shift, days })}
        />
      )}
    </Page>
  );
}

interface WhatBecomesProps {
  readonly shift: TimeShift;
  /** Days of flowers that the entries name. */
  readonly named: readonly Day[];
  readonly sessions: readonly WritingSession[];
  readonly zone: string;
  readonly onDays: (days: number) => void;
}

/** Days by which the calculated one may be off: a walk is for the next morning, also after midnight. */
const NEAR = [-1, 0, 1] as const;

/** What the correction does, before it is saved; the grower knows best which day's flowers these were. */
function WhatBecomes({ shift: { by, days }, named, sessions, zone, onDays }: WhatBecomesProps) {
  const f = useFormat();
  const count = sessions.reduce((sum, { entries }) => sum + entries.length, 0);
  const said = (ms: number): string => `${f.date(dayAt(ms, zone))}, ${f.time(ms)}`;
  const options = NEAR.map((near) => {
    const moved = daysMoved(by) + near;
    return { value: String(moved), title: named[0] ? f.date(addDays(named[0], moved)) : '' };
  });
  return (
    <View style={{ gap: SPACE.m }}>
      <Text variant="strong">{f.count(count, 'entry moves', 'entries move')}</Text>
      {sessions.slice(0, MAX_SAID).map(({ from, entries: [first] }) => (
        <Text key={first!.id}>{`${said(from)} becomes ${said(from + by * MS_PER_MINUTE)}.`}</Text>
      ))}
      {sessions.length > MAX_SAID ? <Text>{`And ${sessions.length - MAX_SAID} more.`}</Text> : null}
      {named[0] ? (
        <Choice
          label={`What was noted for the flowers of ${f.date(named[0])} belongs to`}
          value={String(days)}
          options={options}
          onChange={(value) => onDays(Number(value))}
        />
      ) : null}
      {named.length > 1 ? (
        <Text tone="soft">{`The other days, up to ${f.date(named.at(-1)!)}, move by as many.`}</Text>
      ) : null}
    </View>
  );
}

const MAX_SAID = 5;
