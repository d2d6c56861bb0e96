import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { keptPollen } from '@/core/due/keptPollen';
import { amendOrRecord } from '@/core/journal/amend';
import { isCovered } from '@/core/journal/isCovered';
import { plantLabel } from '@/core/records/plantLabel';
import { formatTagCode } from '@/core/text/tagCode';
import { dayAt } from '@/core/time/calendar';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { UndoFoot } from '../shell/ProgressHead';
import { sayPortion } from './PollenScreen';

/** One portion of kept pollen: of which flowers, how good still, and where it went. */
export function PortionScreen() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { journal } = useStore();
  const view = useView('portion', [id], ({ store, garden, now }) => {
    const today = dayAt(now, garden.zone);
    const portion = keptPollen(store.journal, today).find(({ pollen }) => pollen === id);
    return { today, portion };
  });
  if (!view) return null;
  const { today, portion } = view;
  if (!portion)
    return (
      <EmptyPage
        title="Kept pollen"
        text="This portion is not in the garden any more."
        lead={{ title: 'To Today', to: '/' }}
      />
    );
  const blooms = portion.of.flatMap((each) => journal.all('bloom').get(each) ?? []);
  const bare = blooms.filter((bloom) => !isCovered(bloom)).length;
  return (
    <Page title={portion.name} foot={<UndoFoot work="round" />}>
      <View style={{ gap: SPACE.m }}>
        <Text>{sayPortion(portion, today, f)}</Text>
        {bare > 0 ? (
          <Text tone="rust">
            {`${f.count(bare, 'flower of it was', 'flowers of it were')} not covered before opening: insects may have left other pollen in it.`}
          </Text>
        ) : null}
        <Rename key={portion.name} pollen={id} name={portion.name} />
        {portion.emptied ? null : (
          <Button
            title="Nothing is left of it"
            onPress={() => record([{ kind: 'pollen.emptied', body: { pollen: id } }])}
            style={{ alignSelf: 'flex-start' }}
          />
        )}
        <View>
          <Text variant="heading" level={2}>
            Of these plants
          </Text>
          <Text>{portion.plants.map((plant) => plantLabel(journal, plant)).join(', ')}</Text>
        </View>
        <View>
          <Text variant="heading" level={2}>
            Put on
          </Text>
          {portion.given.length === 0 ? <Text tone="soft">No flower yet.</Text> : null}
          {portion.given.map((bloom) => (
            <ListRow
              key={bloom.bloom}
              title={bloom.code ? formatTagCode(bloom.code) : 'no tag'}
              note={plantLabel(journal, bloom.plant)}
              onPress={() => router.push({ pathname: '/fruit/[id]', params: { id: bloom.bloom } })}
            />
          ))}
        </View>
      </View>
    </Page>
  );
}

/** The name as it is written on the jar or bag. */
function Rename({ pollen, name }: { readonly pollen: string; readonly name: string }) {
  const record = useRecord();
  const { journal } = useStore();
  const { control, handleSubmit } = useCheckedForm<{ name: string }, { name: string }>('portion', { name });
  const save = handleSubmit((checked) => {
    const last = journal.entriesAbout('pollen', pollen).findLast((entry) => entry.kind === 'pollen.mixed');
    if (last?.kind !== 'pollen.mixed') return;
    record([amendOrRecord('pollen.mixed', { ...last.body, ...checked }, last.id)]);
  });
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.s }}>
      <FormField control={control} name="name" label="Name, as on the jar or bag" />
      <Button title="Save" onPress={() => void save()} style={{ marginTop: 28 }} />
    </View>
  );
}
