import { View } from 'react-native';
import { type CropId, cropOf } from '@/core/crops/catalogue';
import { speciesChange } from '@/core/planning/speciesChange';
import { crossingFrequency } from '@/core/isolation/compatibility';
import { commonNameIn } from '@/core/crops/names/nameInVariety';
import type { Variety } from '@/core/journal/state';
import { useGarden } from '@/data/hooks/useGarden';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { TRAITS } from '../words/garden';
import { ROUND_NAMES } from '../words/outings';

/** What the species means here: what it crosses with in this garden, and whether its own name contradicts it. */
export function Consequences({
  crop,
  name,
  self,
}: {
  readonly crop: CropId;
  readonly name: string;
  readonly self: string | undefined;
}) {
  const { journal } = useGarden().store;
  const others = [...journal.all('variety').values()].filter(
    (other) => other.variety !== self && crossingFrequency(crop, other.crop) === 'freely',
  );
  const common = commonNameIn(name);
  const nameContradicts = common && !common.crops.includes(crop);
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text live>
        {others.length > 0
          ? `In this garden it crosses with ${others.map((other) => other.name).join(', ')}.`
          : 'Nothing on the plan crosses with it.'}
      </Text>
      {nameContradicts ? (
        <Text tone="rust" live>
          {`Its name says ${common.names[0]}, and that is ${common.crops.map((each) => cropOf(each).species).join(' or ')}. Look at stalk, seed and leaf before you save it.`}
        </Text>
      ) : null}
    </View>
  );
}

/** What changes where a variety that is on the plan turns out to be another species. */
export function Moved({ held, crop }: { readonly held: Variety; readonly crop: CropId }) {
  const { journal } = useGarden().store;
  const others = [...journal.all('variety').values()].filter(({ variety }) => variety !== held.variety);
  const change = speciesChange(held, crop, others);
  const names = (ids: readonly string[]): string =>
    ids.map((id) => journal.all('variety').get(id)?.name ?? '').join(', ');
  const { before, after } = change.outings;
  return (
    <View style={{ gap: SPACE.xs }}>
      <Text variant="strong">{`Moved from ${cropOf(held.crop).name} to ${cropOf(crop).name}:`}</Text>
      {change.crossesNow.length > 0 ? (
        <Text tone="rust">{`It crosses with ${names(change.crossesNow)}, which was not known before.`}</Text>
      ) : null}
      {change.crossesNoMore.length > 0 ? (
        <Text>{`It does not cross with ${names(change.crossesNoMore)} after all.`}</Text>
      ) : null}
      {before === after ? null : (
        <Text>
          {after
            ? `Its flowers are worked on the ${ROUND_NAMES[after].toLowerCase()}.`
            : 'Nobody is led through its flowers.'}
        </Text>
      )}
      {change.traitsDropped.length > 0 ? (
        <Text>{`What you said of it and does not apply is dropped: ${change.traitsDropped.map((trait) => TRAITS[trait].ask).join(' ')}`}</Text>
      ) : null}
      <Text variant="small" tone="soft">
        What was recorded of its flowers and fruit stays. Hours, distances and days are those of the new
        species from now on.
      </Text>
    </View>
  );
}
