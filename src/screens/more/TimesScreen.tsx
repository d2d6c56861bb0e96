import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { writingSessionsInSteps, type WritingSession } from '@/core/records/writingSessions';
import { dayAt } from '@/core/time/calendar';
import { useGarden } from '@/data/hooks/useGarden';
import { useWhole } from '@/data/hooks/useWhole';
import { useSteps } from '@/data/hooks/useSteps';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import type { Format } from '../format/format';
import { Page } from '../shell/Page';
import { WithUndo } from '../shell/WithUndo';
import { sayAction } from '../words/actions';
import { RightTime } from './RightTime';

/** Sessions shown at once. */
const FIRST_SHOWN = 30;

/** What was written when, and how to put it right where the clock was wrong. */
export function TimesScreen() {
  const router = useRouter();
  const f = useFormat();
  const { store } = useGarden();
  const { chosen } = useLocalSearchParams<{ chosen?: string }>();
  const [shown, setShown] = useState(FIRST_SHOWN);
  const { whenWhole } = useWhole();
  // A wrong clock may have put what is sought years back.
  useEffect(() => whenWhole(async () => undefined), [whenWhole]);
  const version = useView('times', [], () => store.version);
  const begin = useMemo(
    // Again whenever the journal has changed.
    () => (version === undefined ? undefined : () => writingSessionsInSteps(store.journal)),
    [store, version],
  );
  const sessions = useSteps(begin)?.value;
  const zone = store.described?.zone;
  if (!zone) return null;
  const session = sessions?.find(({ entries }) => entries[0]!.id === chosen);
  // By the letter with which its tags begin; one that gave none is not told apart.
  const sayDevice = (device: string): string => {
    const letter = store.journal.all('device').get(device)?.letter;
    return letter ? `Device ${letter}: ` : '';
  };
  if (sessions && session) {
    return (
      <RightTime
        key={chosen}
        session={session}
        sessions={sessions.filter(({ device }) => device === session.device)}
        zone={zone}
        title={sayWhen(session, zone, f)}
        onClose={() => router.setParams({ chosen: undefined })}
      />
    );
  }
  return (
    <Page title="Correct times" ofAllYears foot={<WithUndo />}>
      <View style={{ gap: SPACE.m }}>
        <Text>
          If a device’s clock was wrong while you worked, choose what was recorded then, and say when it
          really was. The order of what you recorded stays.
        </Text>
        <View>
          {sessions?.slice(0, shown).map((each) => (
            <ListRow
              key={each.entries[0]!.id}
              title={sayWhen(each, zone, f)}
              note={
                sayDevice(each.device) + sayWhat(each, f, (entries) => sayAction(entries, store.journal, f))
              }
              tone={each.clockWentBack ? 'rust' : 'ink'}
              onPress={() => router.setParams({ chosen: each.entries[0]!.id })}
            />
          ))}
        </View>
        {sessions && shown < sessions.length ? (
          <Button title="Show more" onPress={() => setShown(shown + 100)} />
        ) : null}
      </View>
    </Page>
  );
}

function sayWhen({ from, to }: WritingSession, zone: string, f: Format): string {
  const [first, last] = [dayAt(from, zone), dayAt(to, zone)];
  if (first === last && f.time(from) === f.time(to)) return `${f.date(first)}, ${f.time(from)}`;
  return `${f.date(first)}, ${f.time(from)} to ${first === last ? '' : `${f.date(last)}, `}${f.time(to)}`;
}

function sayWhat(
  { entries, clockWentBack }: WritingSession,
  f: Format,
  say: (entries: WritingSession['entries']) => string,
): string {
  const [first] = entries;
  const begins = say(entries.filter(({ action }) => action === first!.action));
  const many = entries.length > 1 ? `${f.number(entries.length)} entries, first: ` : '';
  const back = clockWentBack
    ? 'The clock went back before this: these times are wrong, or those recorded before. '
    : '';
  return `${back}${many}${begins}`;
}
