import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { cagesNow, type CageNow } from '@/core/planning/cages';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { dayAt } from '@/core/time/calendar';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { UndoFoot } from '../round/ProgressHead';

/** Cages that keep insects out: what stands in them, and whether they are shut today. */
export function CagesScreen() {
  const router = useRouter();
  const view = useView('cages', [], ({ store: { journal }, garden, now }) => ({
    cages: cagesNow(journal, dayAt(now, garden.zone)),
  }));
  if (!view) return null;
  return (
    <Page title="Cages" foot={<UndoFoot work="cages" />}>
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
  const { name, plants, varieties, openToday, openDays, today } = cage;
  const opened = openDays > 0 ? `, open on ${f.count(openDays, 'day', 'days')} so far` : '';
  return (
    <View style={{ marginTop: SPACE.m }}>
      <ListRow
        title={name}
        note={`${f.count(plants, 'plant', 'plants')}${varieties.length > 0 ? `: ${varieties.join(', ')}` : ''}. ${openToday ? 'Open to insects today' : 'Shut today'}${opened}.`}
        onPress={() => router.push({ pathname: '/garden/cage', params: { id: cage.cage } })}
      />
      {openToday ? null : (
        <Button
          title="Open to insects today"
          label={`Cage ${name} is open to insects today`}
          onPress={() => record([{ kind: 'cage.opened', body: { cage: cage.cage, day: today } }])}
          style={{ alignSelf: 'flex-start' }}
        />
      )}
    </View>
  );
}
