import { useRouter } from 'expo-router';
import type { Journal } from '@/core/journal/journal';
import type { Round } from '@/core/journal/state';
import { visitsLeft, visitsOf } from '@/core/round/visits';
import { useStore } from '@/data/hooks/useGarden';
import { ListRow } from '@/ui/parts/ListRow';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { sayBeds } from '../words/places';

export interface RoundRowsProps {
  readonly rounds: readonly Round[];
  readonly onChoose: (split: string, person: number) => void;
}

/** The rounds of one outing, each to be chosen. */
export function RoundRows({ rounds, onChoose }: RoundRowsProps) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  return (
    <>
      {rounds.map((round) => (
        <ListRow
          key={round.round}
          title={sayRoundName(round, f)}
          note={sayRoundSize(journal, round, f)}
          onPress={() => {
            if (!round.share) return;
            onChoose(round.share.split, round.share.person);
            router.replace({ pathname: '/round', params: { outing: round.outing } });
          }}
        />
      ))}
    </>
  );
}

/** `Round 2 of 3`. */
export const sayRoundName = ({ share }: Round, f: Format): string =>
  share ? `Round ${f.number(share.person)} of ${f.number(share.people)}` : 'Round';

/** How much of a round is left, and where it leads. */
export function sayRoundSize(journal: Journal, round: Round, f: Format): string {
  const plants = journal.all('plant');
  const left = visitsLeft(round);
  const beds = [...new Set(round.stops.map(({ plant }) => plants.get(plant)?.bed))]
    .flatMap((bed) => journal.all('bed').get(bed ?? '')?.name ?? [])
    .sort((a, b) => a.localeCompare(b, undefined, { numeric: true }));
  const size = f.count(visitsOf(round.stops).length, 'plant', 'plants');
  const done = left === 0 ? 'all done' : `${f.number(left)} left`;
  return `${size}, ${done}. ${beds.length > 0 ? `${sayBeds(beds)}.` : ''}`.trim();
}
