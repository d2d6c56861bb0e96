import { useRouter } from 'expo-router';
import { routineRows } from '@/core/due/routine';
import type { Today } from '@/core/today/today';
import { useGarden } from '@/data/hooks/useGarden';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { LazyFirstSteps } from '../lazy/LazyScreen';
import { Page } from '../shell/Page';
import { sayFirstWalk } from './taskWords';

/** Today in a garden where nothing grows that is led through by hand: what comes first. */
export function NewGarden({ today, now }: { readonly today: Today; readonly now: number }) {
  const router = useRouter();
  const f = useFormat();
  const { journal, described } = useGarden().store;
  const planted = [...journal.all('plant').values()].some(({ removed }) => !removed);
  const shaken = described !== undefined && routineRows(journal, described, now).length > 0;
  const over = journal.hasAny('season');
  return (
    <Page
      title={
        planted
          ? shaken
            ? 'Nothing to shake today'
            : 'Nothing to pollinate by hand'
          : over
            ? 'Nothing stands in the garden'
            : 'No plants yet'
      }
    >
      <Text>
        {planted
          ? shaken
            ? 'In the open, wind and insects see to these flowers. Shake or brush them where they stand under glass, or where fruit does not set; once begun, it stands here when it is due.'
            : 'Nobody needs to be led through what grows here. The garden’s pages say what crosses, how far is far enough and when it flowers.'
          : over
            ? 'Its season is closed. The next one begins with what is planted next.'
            : 'Once plants are on the plan, this page says what to do, and when.'}
      </Text>
      <Button
        variant="main"
        size="big"
        title={planted ? 'To the garden' : 'Import a list or spreadsheet'}
        onPress={() => router.push(planted ? '/garden' : '/garden/table')}
        style={{ marginTop: SPACE.l, marginBottom: SPACE.s }}
      />
      {planted && shaken ? (
        <Button title="Shake or brush flowers" onPress={() => router.push('/routine')} />
      ) : null}
      {planted ? null : (
        <Button
          title={over ? 'Plant what grew before' : 'Lay beds and plant them'}
          onPress={() => router.push(over ? '/garden/seasons' : '/garden')}
        />
      )}
      <LazyFirstSteps firstWalk={planted ? undefined : sayFirstWalk(today, now, f)} />
    </Page>
  );
}
