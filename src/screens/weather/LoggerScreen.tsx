import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { readFacts } from '@/core/opening/weatherOn';
import type { LoggerMapping } from '@/core/records/loggerMapping';
import { loggerReader, LONGEST_LOGGER_FILE, type LoggerAnswer } from '@/data/files/loggerReader';
import { pickFile } from '@/data/files/pick';
import { errorText } from '@/data/device/errorText';
import { useZone } from '@/data/hooks/useGarden';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { Outdated } from '@/worker/client';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { LoggerPreview } from './LoggerPreview';

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading' }
  | { readonly at: 'refused'; readonly text: string }
  | { readonly at: 'preview'; readonly text: string; readonly answer: LoggerAnswer };

/** Readings from the file of a weather logger: columns, units and zone are guessed, shown and changed before anything is imported. */
export function LoggerScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const zone = useZone();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });
  const reader = useRef<ReturnType<typeof loggerReader>>(undefined);

  const read = async (text: string, mapping?: LoggerMapping): Promise<void> => {
    const asked = (reader.current ??= loggerReader());
    try {
      const answer = await asked.ask((remote) => remote.read(text, zone, mapping));
      setStage(answer ? { at: 'preview', text, answer } : TOO_LONG);
    } catch (error) {
      if (!(error instanceof Outdated)) setStage({ at: 'refused', text: errorText(error) });
    }
  };
  const choose = async (): Promise<void> => {
    const file = await pickFile('.csv,.tsv,.txt,text/csv');
    if (!file) return;
    if (file.size > LONGEST_LOGGER_FILE) {
      setStage(TOO_LONG);
      return;
    }
    setStage({ at: 'reading' });
    await read(await file.text());
  };
  const stop = (): void => {
    reader.current?.cancel();
    setStage({ at: 'idle' });
  };
  const file = stage.at === 'preview' ? stage.answer.file : undefined;
  return (
    <Page
      title="Readings from a logger"
      foot={
        file && file.readings.length > 0 ? (
          <Button
            variant="main"
            size="big"
            title={`Import ${f.count(file.readings.length, 'hour', 'hours')}`}
            onPress={() =>
              record(
                readFacts(file.readings, 'logger', zone),
                eitherWay(() => router.replace('/weather')),
              )
            }
          />
        ) : undefined
      }
    >
      <View style={{ gap: SPACE.m }}>
        <Text>
          The file of a weather logger or station, as it exports it: one row for each reading, with date and
          time and the temperature of the air. Humidity, rain, wind and sunlight are read too. Readings are
          put together by the hour.
        </Text>
        {stage.at === 'reading' ? (
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
            <Text live>Reading the file…</Text>
            <Button title="Stop" onPress={stop} />
          </View>
        ) : (
          <Button title="Choose a file" onPress={() => void choose()} />
        )}
        {stage.at === 'refused' ? (
          <Text tone="rust" live>
            {stage.text} Nothing was imported.
          </Text>
        ) : null}
        {stage.at === 'preview' ? (
          <LoggerPreview
            answer={stage.answer}
            onMapping={(mapping) => {
              // Shown at once, so that the next change adds to it.
              setStage({ ...stage, answer: { ...stage.answer, mapping } });
              void read(stage.text, mapping);
            }}
          />
        ) : null}
      </View>
    </Page>
  );
}

const TOO_LONG: Stage = { at: 'refused', text: 'This file is too long: 20 million characters at most.' };
