import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { cornersInARow, freeBedNames, freeCorner, type BedArrangement } from '@/core/garden/bedRows';
import type { Fact } from '@/core/journal/entry';
import type { Bed } from '@/core/journal/state';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { optionsOf } from '../words/options';
import { compareBeds } from './usePlan';

interface Typed {
  count: string;
  length: string;
  width: string;
  rows: string;
  path: string;
  arrangement: BedArrangement;
}
type Checked = Pick<Typed, 'arrangement'> &
  Readonly<Record<'count' | 'length' | 'width' | 'rows' | 'path', number>>;

const ARRANGEMENT_NAMES: Readonly<Record<BedArrangement, string>> = {
  sideBySide: 'Side by side, with paths between',
  endToEnd: 'In a line, one behind the other',
};

/** What most small beds measure, metres. Our defaults. */
const USUAL = { length: 6, width: 1.2, path: 0.5 };

/** Several beds by a few numbers: new ones, or those of a list that nobody has placed yet. */
export function BedsScreen() {
  const { placing } = useLocalSearchParams<{ placing?: string }>();
  const { journal } = useGarden().store;
  const beds = [...journal.all('bed').values()];
  const unplaced = beds.filter((bed) => bed.unplaced).sort(compareBeds);
  return placing && unplaced.length > 0 ? (
    <PlaceBeds beds={unplaced} others={beds.filter((bed) => !bed.unplaced)} />
  ) : (
    <NewBeds beds={beds} />
  );
}

const bedFact = (body: Bed): Fact => ({ kind: 'bed.laid', body });

function NewBeds({ beds }: { readonly beds: readonly Bed[] }) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('beds', {
    count: '4',
    length: f.typedLength(USUAL.length),
    width: f.typedLength(USUAL.width),
    rows: '1',
    path: f.typedLength(USUAL.path),
    arrangement: 'sideBySide',
  });
  const save = handleSubmit(({ count, length, width, rows, path, arrangement }) => {
    const sizes = Array.from({ length: count }, () => ({ length, width }));
    const from = freeCorner(beds, path);
    const corners = cornersInARow(sizes, { path, arrangement, from });
    const names = freeBedNames(
      beds.map(({ name }) => name),
      count,
    );
    record(
      corners.map((corner, i) =>
        bedFact({ bed: newId(), name: names[i]!, ...corner, length, width, rows, turn: 0 }),
      ),
    );
    router.replace('/garden');
  });
  return (
    <Page
      title="Several beds"
      foot={<Button variant="main" size="big" title="Add the beds" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <Text>Pace them out: a step is some 75 cm. Each bed can be moved and resized later.</Text>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField control={control} name="count" label="How many" numeric />
          <FormField control={control} name="rows" label="Rows in each" numeric />
        </View>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField control={control} name="length" label={`Length, ${f.unit.length}`} numeric />
          <FormField control={control} name="width" label={`Width, ${f.unit.length}`} numeric />
        </View>
        <FormField control={control} name="path" label={`Path between two, ${f.unit.length}`} numeric />
        <FormChoice
          control={control}
          name="arrangement"
          label="How they lie"
          options={optionsOf(ARRANGEMENT_NAMES)}
        />
      </View>
    </Page>
  );
}

interface PlaceBedsProps {
  readonly beds: readonly Bed[];
  readonly others: readonly Bed[];
}

/** The beds of a list, laid beside each other in its order: from then on distances count. */
function PlaceBeds({ beds, others }: PlaceBedsProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { control, handleSubmit } = useCheckedForm<
    Pick<Typed, 'path' | 'arrangement'>,
    Pick<Checked, 'path' | 'arrangement'>
  >('placeBeds', { path: f.typedLength(USUAL.path), arrangement: 'sideBySide' });
  const save = handleSubmit(({ path, arrangement }) => {
    const corners = cornersInARow(beds, { path, arrangement, from: freeCorner(others, path) });
    record(beds.map(({ unplaced: _unplaced, ...bed }, i) => bedFact({ ...bed, ...corners[i]! })));
    router.replace('/garden');
  });
  return (
    <Page
      title="Where the beds lie"
      foot={<Button variant="main" size="big" title="Place the beds" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <Text>
          {`${beds.map(({ name }) => name).join(', ')}: in this order, as large as the list says. Move single ones afterwards, on the plan or by their numbers.`}
        </Text>
        <FormField control={control} name="path" label={`Path between two, ${f.unit.length}`} numeric />
        <FormChoice
          control={control}
          name="arrangement"
          label="How they lie"
          options={optionsOf(ARRANGEMENT_NAMES)}
        />
      </View>
    </Page>
  );
}
