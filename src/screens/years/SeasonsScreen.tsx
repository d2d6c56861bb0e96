import { useRouter } from 'expo-router';
import { fruitsOf } from '@/core/fruit/fruits';
import { plantsIn } from '@/core/garden/places';
import type { Season } from '@/core/journal/state';
import { seasonAt, seasonsOf } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { UndoPlan } from '../garden/UndoPlan';

interface SeasonsView {
  readonly seasons: readonly { readonly season: Season; readonly fruits: number }[];
  /** Plants that stand now. */
  readonly standing: number;
  /** Those of a season that is closed: each begins by itself when something is planted again. */
  readonly isClosed: boolean;
}

const useSeasons = (): SeasonsView | undefined =>
  useView('seasons', [], ({ store: { journal }, garden, now }): SeasonsView => {
    const today = dayAt(now, garden.zone);
    return {
      seasons: seasonsOf(journal).map((season) => ({
        season,
        fruits: fruitsOf(journal, garden, today, season).reduce((sum, { count }) => sum + count, 0),
      })),
      standing: plantsIn([...journal.all('plant').values()].filter(({ removed }) => !removed)),
      isClosed: seasonAt(journal, today).season === '' && seasonsOf(journal).some(({ to }) => to < today),
    };
  });

/** Every season of the garden: the one that runs, to be closed, and those that are over. */
export function SeasonsScreen() {
  const router = useRouter();
  const f = useFormat();
  const view = useSeasons();
  if (!view) return null;
  const [latest] = view.seasons;
  return (
    <Page title="Seasons" ofAllYears>
      {view.standing > 0 ? (
        <>
          <Text>
            {`${f.count(view.standing, 'plant stands', 'plants stand')} in the garden. When the last fruit is picked or the first frost has come, close the season: its plants then ask for nothing more, and everything recorded of them stays.`}
          </Text>
          <Button
            variant="main"
            size="big"
            title="Close the season"
            onPress={() => router.push('/garden/close')}
            style={{ marginVertical: SPACE.m }}
          />
        </>
      ) : (
        <Text tone="soft">
          {view.seasons.length > 0
            ? 'Nothing stands in the garden. The next season begins with what is planted next.'
            : 'Nothing stands in the garden yet. Its first season begins with what is planted first.'}
        </Text>
      )}
      {latest && view.isClosed ? (
        <Button
          title={`Plant again what grew in ${latest.season.name}`}
          onPress={() => router.push({ pathname: '/garden/again', params: { id: latest.season.season } })}
          style={{ alignSelf: 'flex-start', marginBottom: SPACE.m }}
        />
      ) : null}
      {view.seasons.map(({ season, fruits }) => (
        <ListRow
          key={season.season}
          title={season.name}
          note={`${f.date(season.from)} to ${f.date(season.to)}. ${f.count(fruits, 'flower', 'flowers')} pollinated.`}
          onPress={() => router.push({ pathname: '/garden/season', params: { id: season.season } })}
        />
      ))}
      <UndoPlan />
    </Page>
  );
}
