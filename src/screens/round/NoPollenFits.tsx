import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { PollenElsewhere } from '@/core/due/pollenElsewhere';
import type { Journal } from '@/core/journal/journal';
import { plantLabel } from '@/core/records/plantLabel';
import { useGarden } from '@/data/hooks/useGarden';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';

/** Of more plants it is said how many there are. */
const NAMED = 3;

/** What can still be done for a female without pollen: another plant's, tomorrow's, and next time what was kept. */
export function NoPollenFits({ without }: { readonly without: PollenElsewhere }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useGarden().store;
  const { others, mating } = without;
  return (
    <View style={{ gap: SPACE.s, marginVertical: SPACE.s }}>
      <Text variant="small">{sayWithoutPollen(without, journal, f)}</Text>
      {others.length > 0 && mating !== undefined ? (
        <Button
          title="Let other plants father"
          onPress={() => router.push({ pathname: '/garden/cross', params: { id: mating } })}
          style={{ alignSelf: 'flex-start' }}
        />
      ) : null}
    </View>
  );
}

/** The same in words. */
function sayWithoutPollen(
  { until, father, others, keeps }: PollenElsewhere,
  journal: Journal,
  f: Format,
): string {
  const name = journal.all('variety').get(father)?.name ?? 'its father';
  const some =
    others.length > NAMED
      ? f.count(others.length, 'other plant', 'other plants')
      : others.map((plant) => plantLabel(journal, plant)).join(', ');
  return [
    others.length > 0 ? `${some} of ${name} have pollen today, and are not named in the cross.` : '',
    until === undefined
      ? `This flower takes pollen today only. Look for buds of ${name} this evening, for the next female.`
      : `It takes pollen until ${f.weekday(until)}: leave its cover on, and look for buds of ${name} this evening.`,
    keeps ? 'Its pollen keeps for some days: keep what is left over of it.' : '',
  ]
    .filter((each) => each !== '')
    .join(' ');
}
