import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { CROP_IDS, cropOf, type CropId } from '@/core/crops/catalogue';
import { seenCropOf } from '@/core/flowers/kindsOf';
import { growingCrops } from '@/core/due/outings';
import { useGarden } from '@/data/hooks/useGarden';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { CropPicture } from '../identify/CropRows';
import { Page } from '../shell/Page';
import { CropGuide } from './CropGuide';

/** The field guide: a page for each crop. */
export function GuideScreen() {
  const { crop } = useLocalSearchParams<{ crop?: string }>();
  const known = CROP_IDS.find((id) => id === crop);
  return known ? <CropGuide crop={cropOf(known)} /> : <Crops />;
}

/** What grows here first, then all others. */
function Crops() {
  const { store } = useGarden();
  const here = growingCrops(store.journal).map(({ id }) => id);
  const others = CROP_IDS.filter((id) => !here.includes(id));
  return (
    <Page title="Field guide">
      <Text tone="soft" style={{ marginBottom: SPACE.m }}>
        A page for each crop: how its flowers look, when they open, how they are worked, and what goes wrong.
      </Text>
      {here.length > 0 ? <Rows title="In your garden" crops={here} /> : null}
      <Rows title={here.length > 0 ? 'Other crops' : 'All crops'} crops={others} />
    </Page>
  );
}

function Rows({ title, crops }: { readonly title: string; readonly crops: readonly CropId[] }) {
  const router = useRouter();
  return (
    <View style={{ marginBottom: SPACE.l }}>
      <Text variant="heading" level={2}>
        {title}
      </Text>
      {crops.map((id) => {
        const seen = seenCropOf(id);
        const { name, types } = cropOf(id);
        return (
          <ListRow
            key={id}
            glyph={seen ? <CropPicture crop={seen} stage="open" /> : <View style={{ width: 44 }} />}
            title={name}
            note={types}
            onPress={() => router.push({ pathname: '/more/guide', params: { crop: id } })}
          />
        );
      })}
    </View>
  );
}
