import { useRouter } from 'expo-router';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';

/** Today in a garden without plants. */
export function NewGarden() {
  const router = useRouter();
  return (
    <Page title="No plants yet">
      <Words>Put your beds and plants on the plan. Then this page says what to do, and when.</Words>
      <Action
        kind="main"
        size="big"
        title="To the garden"
        onPress={() => router.push('/garden')}
        style={{ marginTop: SPACE.l }}
      />
    </Page>
  );
}
