import { wantsSeed } from '@/core/crops/variety';
import type { WalkedPlant } from '@/core/due/outings';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { useMothersOnWalk } from '../seed/useMothers';

/** Said at the plant whose fruit, or whose pollen, would add most to the seed that there is of its variety. */
export function WidensMost({ walked }: { readonly walked: WalkedPlant }) {
  return wantsSeed(walked.variety.purpose) && walked.roles.crosses.length === 0 ? (
    <OfSeed walked={walked} />
  ) : null;
}

function OfSeed({ walked: { plant, variety, roles } }: { readonly walked: WalkedPlant }) {
  const f = useFormat();
  const soFar = useMothersOnWalk(variety.variety)?.soFar;
  if (!soFar) return null;
  const { mothers, fathers, nextMother, nextFather } = soFar;
  const said = [
    roles.bears && nextMother?.plant === plant.plant
      ? `A fruit here would widen its seed most: so far that comes of ${f.count(mothers, 'mother', 'mothers')}.`
      : [],
    nextFather?.plant === plant.plant
      ? `Pollen from here would widen its seed most: so far that comes of ${f.count(fathers, 'father', 'fathers')}.`
      : [],
  ].flat();
  return said.map((text) => (
    <Text key={text} variant="small" style={{ marginTop: SPACE.s }}>
      {text}
    </Text>
  ));
}
