import type { OpenPlant } from '@/core/due/openNow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayTried } from '../words/trials';

/** What a trial asks of the flowers of a plant. */
export function TriedHere({ tried }: Pick<OpenPlant, 'tried'>) {
  const f = useFormat();
  return tried ? (
    <Text variant="strong" style={{ marginTop: SPACE.s }}>
      {sayTried(tried.way, tried.from, f)}
    </Text>
  ) : null;
}
