import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { walkSupplies } from '@/core/today/supplies';
import type { Today } from '@/core/today/today';
import { useStore } from '@/data/hooks/useGarden';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { useFormat } from '../format/useFormat';
import { saySupplies } from '../words/supplies';

/** What to carry on the walk and on the round. */
export function SuppliesLines({ today }: { readonly today: Today }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  const forWalk = useMemo(() => walkSupplies(journal, today.walk), [journal, today.walk]);
  const lines = [
    ['For the walk', saySupplies(forWalk, f)],
    ['For the round', saySupplies(today.supplies, f)],
  ] as const;
  return lines.map(([title, note]) =>
    note ? (
      <ListRow
        key={title}
        glyph={<Glyph name="tape" size={28} />}
        title={title}
        note={note}
        onPress={() => router.push('/more/supplies')}
      />
    ) : null,
  );
}
