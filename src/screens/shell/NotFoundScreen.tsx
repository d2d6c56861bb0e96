import { useRouter } from 'expo-router';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { Page } from './Page';

export function NotFoundScreen() {
  const router = useRouter();
  return (
    <Page title="No such page">
      <Words>This address leads nowhere in the garden.</Words>
      <Action
        kind="main"
        size="big"
        title="To Today"
        onPress={() => router.replace('/')}
        style={{ marginTop: SPACE.l }}
      />
    </Page>
  );
}
