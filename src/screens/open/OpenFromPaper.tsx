import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { openFromPaper, readOpenCount, type OpenCount, type ReadCount } from '@/core/due/openFromPaper';
import { openNowOf, type OpenPlant } from '@/core/due/openNow';
import { withTrials } from '@/core/due/withTrials';
import { plantLabel } from '@/core/records/plantLabel';
import { addDays, atClock, dayAt, MS_PER_HOUR } from '@/core/time/calendar';
import { useDraft } from '@/data/hooks/useDraft';
import { useStore, useZone } from '@/data/hooks/useGarden';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Field } from '@/ui/parts/Field';
import { LongList } from '@/ui/parts/LongList';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { WithUndo } from '../shell/WithUndo';

type When = 'today' | 'yesterday';
const WHEN = [
  { value: 'today', title: 'Today' },
  { value: 'yesterday', title: 'Yesterday' },
] as const;

const ROW_HEIGHT = 96;
const HOURS = 24;
/** Somebody who says “from seven to eight” is taken by the middle of it. */
const MIDDLE = 0.5;

/** What was counted at open flowers with a pencil, entered plant by plant in the paper's order. */
export function OpenFromPaper() {
  const f = useFormat();
  const router = useRouter();
  const zone = useZone();
  const { journal, clock } = useStore();
  const record = useRecord();
  const [when, setWhen] = useState<When>('today');
  const [hour, setHour] = useState<string>('');
  const today = dayAt(clock.now(), zone);
  const day = when === 'today' ? today : addDays(today, -1);
  const [typed, setTyped, dropTyped] = useDraft<Readonly<Record<string, string>>>(`open-paper/${day}`, {});
  const plants = useView('open-paper', [day], ({ store, garden }) =>
    withTrials(
      store.journal,
      garden,
      openNowOf(store.journal, garden, atClock(day, 12, garden.zone), { anyHour: true }),
    ).filter(({ tried }) => !tried),
  );
  if (!plants) return null;
  if (plants.length === 0)
    return (
      <EmptyPage
        title="From paper"
        text="Nothing is grown here to eat that is pollinated at open flowers."
        lead={{ title: 'To Today', to: '/' }}
      />
    );
  const read = new Map(
    plants.flatMap(({ plant: { plant } }) => {
      const text = typed?.[plant]?.trim();
      return text ? [[plant, readOpenCount(text)] as const] : [];
    }),
  );
  const counts = new Map(
    [...read].flatMap(([plant, each]): [string, OpenCount][] => (each.ok ? [[plant, each.count]] : [])),
  );
  const wrong = read.size - counts.size;
  const at = hour === '' ? undefined : atClock(day, Number(hour), zone) + MIDDLE * MS_PER_HOUR;
  const early = at !== undefined && at - MIDDLE * MS_PER_HOUR > clock.now();
  const enter = (): void => {
    if (at === undefined) return;
    record(openFromPaper(journal, plants, counts, Math.min(at, clock.now())), whenSaved(dropTyped));
    router.replace('/open');
  };
  return (
    <Page
      title="From paper"
      foot={
        <WithUndo work="open" size="big">
          <Button
            variant="main"
            size="big"
            title={`Enter ${f.count(counts.size, 'plant', 'plants')}`}
            disabled={counts.size === 0 || wrong > 0 || at === undefined || early}
            onPress={enter}
            style={{ flex: 1 }}
          />
        </WithUndo>
      }
    >
      <View style={{ gap: SPACE.m }}>
        <Text tone="soft">
          Beside each plant as on the paper: females, males, and how many females got pollen, such as 2 3 1. A
          single 0: none was open. Leave empty what nobody came to. Whose pollen it was is not known then.
        </Text>
        <Choice<When> label="When" row value={when} options={WHEN} onChange={setWhen} />
        <ChooseOne
          name="Hour"
          sheet="At about what hour?"
          value={hour}
          options={[
            { value: '', title: 'Not said yet' },
            ...Array.from({ length: HOURS }, (_, each) => ({
              value: String(each),
              title: `From ${f.hour(each)} to ${f.hour(each + 1)} o’clock`,
            })),
          ]}
          onChange={setHour}
        />
        {early ? <Text tone="rust">That hour has not come yet.</Text> : null}
        {hour === '' && counts.size > 0 ? <Text live>Say at about what hour it was.</Text> : null}
        {wrong > 0 ? (
          <Text tone="rust" live>{`${f.count(wrong, 'line wants', 'lines want')} another look.`}</Text>
        ) : null}
        <LongList items={plants} keyOf={({ plant }) => plant.plant} rowHeight={ROW_HEIGHT}>
          {(here: OpenPlant) => {
            const { plant } = here.plant;
            const fault = sayFault(read.get(plant));
            return (
              <View style={{ paddingVertical: SPACE.xs }}>
                <Field
                  label={`${plantLabel(journal, plant)}, ${here.variety.name}`}
                  value={typed?.[plant] ?? ''}
                  onChange={(text) => setTyped({ ...typed, [plant]: text })}
                  {...(here.open && {
                    note: `Entered already: ${f.count(here.open.female, 'female', 'females')}, ${f.count(here.open.male, 'male', 'males')}. What you type puts it right.`,
                  })}
                  {...(fault !== undefined && { error: fault })}
                />
              </View>
            );
          }}
        </LongList>
      </View>
    </Page>
  );
}

function sayFault(read: ReadCount | undefined): string | undefined {
  if (!read || read.ok) return undefined;
  switch (read.why) {
    case 'numbers':
      return 'Females, males, got pollen: 2 3 1. Or a single 0.';
    case 'pollen':
      return 'How many females got pollen? Add it as the third number.';
    case 'more':
      return 'More females got pollen than were open.';
    case 'many':
      return 'So many flowers are on no plant.';
  }
}
