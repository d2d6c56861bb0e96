import { COVER_FINDINGS, type CoverFinding } from '@/core/journal/kinds/roundBodies';
import type { UncoverStop } from '@/core/journal/kinds/stops';
import { formatTagCode } from '@/core/text/tagCode';
import { leftAt, uncoveredAt } from '@/core/round/asPlanned';
import { stopNow } from '@/core/round/stopNow';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Text } from '@/ui/parts/Text';
import { COVERS, COVERS_FOUND } from '../../words/names';
import { StopCard, type StopProps } from './StopCard';

/** What it may have become by itself. */
const BY_ITSELF = COVER_FINDINGS.filter(
  (found): found is Exclude<CoverFinding, 'whole'> => found !== 'whole',
);

/** Covers that have done their work come off. On which day one came off by itself can be said at its fruit. */
export function UncoverCard({ stop, ...shared }: StopProps & { readonly stop: UncoverStop }) {
  const { journal } = useGarden().store;
  const record = useRecord();
  const { blooms, part } = stopNow(journal, shared.round, stop);
  const tags = blooms.map(({ code }) => (code ? formatTagCode(code) : '')).filter(Boolean);
  const method = blooms[0]?.cover?.method;
  const says = `Take the ${method ? COVERS[method].toLowerCase() : 'cover'} off`;
  return (
    <StopCard
      {...shared}
      stop={stop}
      sex="female"
      part={part}
      covered
      says={tags.length > 0 ? `${says} ${tags.join(', ')}` : says}
      exceptions={[
        ...BY_ITSELF.map((found) => ({
          title: COVERS_FOUND[found],
          onPress: () => record(uncoveredAt(shared.round, stop, found)),
        })),
        { title: 'Leave it on', onPress: () => record([leftAt(shared.round, stop)]) },
      ]}
      done={{ title: 'Done', onPress: () => record(uncoveredAt(shared.round, stop, 'whole')) }}
    >
      <Text variant="stop" live>
        {says}
      </Text>
      {tags.length > 0 ? <Text variant="code">{tags.join(', ')}</Text> : null}
      <Text>It takes no more pollen, and what grows needs room. The tag stays.</Text>
    </StopCard>
  );
}
