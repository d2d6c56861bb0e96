import type { RowMethod } from '@/core/crops/crop';
import { POLLEN_FLIGHTS, type PollenFlight } from '@/core/journal/kinds/walk';
import { View } from 'react-native';
import { cropOf, type Crop } from '@/core/crops/catalogue';

import { shelterOf } from '@/core/journal/underGlass';
import { pollenTrouble } from '@/core/opening/pollenTrouble';
import { airAt, weatherOn } from '@/core/opening/weatherOn';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { routineRows, type RoutineRow } from '@/core/due/routine';
import { useStore } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE, usePalette } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { sayBed } from '../words/places';
import { bloomGlyph } from '../words/blooms';
import { sayRoutine } from '../words/guide';
import { sayReason } from '../words/reasons/morning';
import { UndoFoot } from '../shell/ProgressHead';
import { CountFruit } from './CountFruit';
import { FlowerTimer } from './FlowerTimer';

/** Tomato, pepper, aubergine, strawberry, corn to eat: flowers are shaken or brushed row by row, every day or two. */
export function RoutineScreen() {
  const now = useNow();
  const f = useFormat();
  const view = useView('routine', [Math.floor(now / 60_000)], ({ store: { journal }, garden }) => {
    const today = dayAt(now, garden.zone);
    const rows = routineRows(journal, garden, now);
    const weather = weatherOn(journal, garden, today);
    const crops = [...new Set(rows.map(({ crop }) => crop.id))].map((id) => ({
      crop: cropOf(id),
      air: airAt(weather, now, shelterOf(journal, id) === 'glass'),
    }));
    return { today, rows, crops };
  });
  if (!view) return null;
  const { rows, crops, today } = view;
  if (rows.length === 0) {
    return (
      <EmptyPage
        title="Shake the flowers"
        text="Tomatoes, peppers, aubergines and strawberries carry both sexes in one flower. Under glass or netting nothing sets unless somebody shakes or brushes them. A small plot of corn to eat fills better when its tassels are shaken over the silks. Put some on the plan, and their rows stand here."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  }
  const longest = Math.max(...rows.map(({ crop }) => crop.routine.takes.value[1]));
  return (
    <Page
      title={rows.every(({ method }) => method === 'brush') ? 'Brush the flowers' : 'Shake the flowers'}
      aside={
        <View style={{ gap: SPACE.m, marginTop: SPACE.m }}>
          <FlowerTimer seconds={longest} />
          {crops.map(({ crop, air }) => (
            <CropAdvice
              key={crop.id}
              crop={crop}
              reasons={pollenTrouble(crop.weather, air).reasons.map((each) => sayReason(each, f))}
            />
          ))}
          <Text variant="small" tone="soft">
            In the open, wind and insects do most of this: shake where fruit does not set. Wash your hands
            before and after, and leave plants with mottled leaves for last.
          </Text>
        </View>
      }
      foot={<UndoFoot work="routine" />}
    >
      {rows.map((row) => (
        <RowOfPlants key={`${row.bed}|${row.row}|${row.variety.variety}`} row={row} today={today} />
      ))}
    </Page>
  );
}

const DOES: Readonly<Record<RowMethod, string>> = {
  vibrate: 'Vibrated',
  shake: 'Shaken',
  brush: 'Brushed',
};

function RowOfPlants({ row, today }: { readonly row: RoutineRow; readonly today: Day }) {
  const f = useFormat();
  const record = useRecord();
  const palette = usePalette();
  const { journal } = useStore();
  const { bed, variety, crop, plants, method, state } = row;
  const note = (flew?: PollenFlight): void =>
    record([
      {
        kind: 'rowPollinated',
        body: { day: today, plants: plants.map(({ plant }) => plant), method, ...(flew && { flew }) },
      },
    ]);
  const where = `${sayBed(journal.all('bed').get(bed)?.name ?? '?')}, row ${row.row}`;
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: SPACE.m,
        paddingVertical: SPACE.s,
        borderTopWidth: 1.5,
        borderColor: palette.line,
      }}
    >
      <Glyph name={bloomGlyph({ part: crop.parts?.bearing ?? 'flower', sex: 'perfect' })} size={28} />
      <View style={{ flex: 1 }}>
        <Text variant="strong">{where}</Text>
        <Text variant="small" tone={state === 'late' ? 'rust' : 'soft'}>
          {`${f.count(row.standing, 'plant', 'plants')}, ${variety.name}. ${saySince(row, f)}`}
        </Text>
        {row.today && method !== 'brush' ? (
          <Flight where={where} flew={row.today.flew} onTell={note} />
        ) : null}
        <CountFruit row={row} where={where} today={today} />
      </View>
      {state === 'done' || state === 'enough' ? (
        <Text variant="strong">{state === 'done' ? 'Done' : 'Enough'}</Text>
      ) : (
        <Button
          size="big"
          title={DOES[method]}
          label={`${where}: ${DOES[method].toLowerCase()}`}
          onPress={() => note()}
        />
      )}
    </View>
  );
}

const FLIGHTS: Readonly<Record<PollenFlight, { readonly title: string; readonly says: string }>> = {
  cloud: { title: 'A cloud', says: 'Pollen flew: these flowers should set.' },
  little: { title: 'A little', says: 'Little flew: some will set. Shake them again tomorrow.' },
  sticks: {
    title: 'It sticks',
    says: 'The air is too damp, and hardly any will set. Stop here, let air in, and come back when it is drier, around midday.',
  },
};

/** After the shaking, if one looked: did pollen fly? It tells how many will set. */
function Flight({
  where,
  flew,
  onTell,
}: {
  readonly where: string;
  readonly flew: PollenFlight | undefined;
  readonly onTell: (flew: PollenFlight) => void;
}) {
  if (flew) return <Text variant="small">{FLIGHTS[flew].says}</Text>;
  return (
    <View role="group" aria-label={`Did pollen fly? ${where}`} style={{ gap: SPACE.xs, marginTop: SPACE.xs }}>
      <Text variant="small">Did pollen fly?</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.xs }}>
        {POLLEN_FLIGHTS.map((each) => (
          <Button key={each} size="small" title={FLIGHTS[each].title} onPress={() => onTell(each)} />
        ))}
      </View>
    </View>
  );
}

function saySince({ state, last, times, crop }: RoutineRow, f: Format): string {
  const most = crop.routine.forDays?.value[1];
  const which = most === undefined ? '' : ` Day ${f.number(times)} of ${f.number(most)}.`;
  switch (state) {
    case 'begin':
      return most === undefined ? 'Not in the last two weeks.' : 'Begin when silk shows.';
    case 'done':
      return `Done today.${which}`;
    case 'enough':
      return `Done on ${f.count(times, 'day', 'days')}.`;
    case 'rests':
    case 'due':
      return `Last on ${f.shortDay(last!)}.${which}`;
    case 'late':
      return `Last on ${f.shortDay(last!)}: some flowers may have passed.`;
  }
}

/** How, when, and what the air does. */
function CropAdvice({ crop, reasons }: { readonly crop: Crop; readonly reasons: readonly string[] }) {
  const f = useFormat();
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text variant="strong">{crop.name}</Text>
      <Text variant="small">{[sayRoutine(crop, f), ...reasons].join(' ')}</Text>
    </View>
  );
}
