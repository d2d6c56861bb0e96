import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FOUND } from '../../words/names';
import { StopCard } from './StopCard';
import { type Doubtful, type PollinateCardProps, usePollination } from './usePollination';

interface FoundDoubtfulProps extends PollinateCardProps {
  readonly found: Doubtful;
  readonly onFound: (as: Doubtful) => void;
  readonly onBack: () => void;
}

/** A female that is no longer fit for seed: brush it all the same, or leave it. */
export function FoundDoubtful({ found, onFound, onBack, ...props }: FoundDoubtfulProps) {
  const { part, covered, donors, forSeed: seed, pollinate, miss } = usePollination(props);
  return (
    <StopCard
      {...props}
      sex="female"
      covered={false}
      says={`Found ${FOUND[found]}. Brush it, or leave it.`}
      exceptions={[{ title: 'Back', onPress: onBack }]}
      done={{ title: 'Leave it', onPress: () => miss(found) }}
    >
      <Text variant="stop" style={{ marginTop: SPACE.m }}>{`Found ${FOUND[found]}.`}</Text>
      <Text style={{ marginVertical: SPACE.s }}>{sayUse(found, seed)}</Text>
      {found === 'hole' && covered && part === 'flower' ? (
        <Button
          title="The petals are whole, only the cover is torn"
          onPress={() => onFound('torn')}
          style={{ marginBottom: SPACE.s }}
        />
      ) : null}
      {donors.length > 0 ? (
        <Button
          size="big"
          title={seed && found !== 'torn' ? 'Brush it, to eat' : 'Brush it'}
          onPress={() => pollinate({ found, shutAgain: covered })}
        />
      ) : null}
    </StopCard>
  );
}

function sayUse(found: Doubtful, seed: boolean): string {
  if (!seed) return 'It can still give a fruit.';
  return found === 'torn'
    ? 'Doubtful for seed: an insect may have got in unseen.'
    : 'No longer fit for seed. It can still give a fruit to eat.';
}
