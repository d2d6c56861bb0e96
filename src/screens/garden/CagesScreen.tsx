import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { type INSECTS_FROM } from '@/core/journal/kinds/planting';
import { cagesNow, type CageNow } from '@/core/planning/cages';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { ListRow } from '@/ui/parts/ListRow';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { dayAt } from '@/core/time/calendar';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { UndoFoot } from '../shell/ProgressHead';

/** Cages that keep insects out: what stands in them, and whether they are shut today. */
export function CagesScreen() {
  const router = useRouter();
  const view = useView('cages', [], ({ store: { journal }, garden, now }) => ({
    cages: cagesNow(journal, dayAt(now, garden.zone)),
  }));
  if (!view) return null;
  return (
    <Page
      title="Cages"
      foot={<UndoFoot work="cages" back={{ title: 'Back to the garden', to: '/garden' }} />}
    >
      <Text tone="soft">
        A cage of fine mesh guards all flowers in it without covering each. It must stand the day before the
        first flower opens. Nothing sets in it unless you pollinate by hand, or put insects in. Two varieties
        that cross can be open in turn, a day each, while the other is shut in.
      </Text>
      {view.cages.map((cage) => (
        <OneCage key={cage.cage} cage={cage} />
      ))}
      <Button
        title="Add a cage"
        onPress={() => router.push('/garden/cage')}
        style={{ marginTop: SPACE.l, alignSelf: 'flex-start' }}
      />
    </Page>
  );
}

function OneCage({ cage }: { readonly cage: CageNow }) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { name, plants, varieties, openToday, openDays, today, stockedSince, crossesOpen, isNext } = cage;
  const [stocking, setStocking] = useState(false);
  const insects = stockedSince ? ` Insects of its own since ${f.date(stockedSince)}.` : '';
  const turn = isNext && !openToday && crossesOpen.length === 0 ? ' It is its turn to be open.' : '';
  const opened = openDays > 0 ? `, open on ${f.count(openDays, 'day', 'days')} so far` : '';
  return (
    <View style={{ marginTop: SPACE.m }}>
      <ListRow
        title={name}
        note={`${f.count(plants, 'plant', 'plants')}${varieties.length > 0 ? `: ${varieties.join(', ')}` : ''}. ${openToday ? 'Open to insects today' : 'Shut today'}${opened}.${turn}${insects}`}
        onPress={() => router.push({ pathname: '/garden/cage', params: { id: cage.cage } })}
      />
      {crossesOpen.length > 0 ? (
        <Text variant="small" tone={openToday ? 'rust' : 'soft'}>
          {openToday
            ? `${crossesOpen.join(', ')} is open today too, and crosses with it: insects go from one to the other.`
            : `${crossesOpen.join(', ')} is open today and crosses with it: leave this one shut.`}
        </Text>
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {openToday ? null : (
          <Button
            title="Open to insects today"
            label={`Open to insects today: cage ${name}`}
            onPress={() => record([{ kind: 'cage.opened', body: { cage: cage.cage, day: today } }])}
          />
        )}
        <Button
          title="Insects put in"
          label={`Insects put in: cage ${name}`}
          onPress={() => setStocking(true)}
        />
      </View>
      <Sheet
        title="Where are they from?"
        open={stocking}
        onClose={() => setStocking(false)}
        closeTitle="Close"
      >
        <Choice<(typeof INSECTS_FROM)[number]>
          label={`Insects put into cage ${name} today`}
          value={undefined}
          options={[
            {
              value: 'clean',
              title: 'Hatched in it, or kept from flowers',
              note: 'they bring no pollen along, and do the work: no round leads there any more',
            },
            {
              value: 'caught',
              title: 'Caught outside',
              note: 'they may bring pollen along: what flowers in the first days is doubtful',
            },
          ]}
          onChange={(from) => {
            record([{ kind: 'cage.stocked', body: { cage: cage.cage, day: today, from } }]);
            setStocking(false);
          }}
        />
      </Sheet>
    </View>
  );
}
