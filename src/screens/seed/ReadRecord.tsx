import { useState } from 'react';
import { View } from 'react-native';
import type { LotRecord, LotRecordRead } from '@/data/files/lotRecord';
import { pickFile } from '@/data/files/pick';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayTold } from '../words/seed';

interface ReadRecordProps {
  /** What was read. */
  readonly read?: LotRecord | undefined;
  readonly onRead: (record: LotRecord) => void;
}

const REFUSED: Readonly<Record<Extract<LotRecordRead, { ok: false }>['why'], string>> = {
  notOne: 'This is not the record of a lot. Nothing was changed.',
  newer: 'The record was written by a newer version. Update first, then read it.',
};

/** Reads the record that came with seed from another garden, and shows what it tells. */
export function ReadRecord({ read, onRead }: ReadRecordProps) {
  const f = useFormat();
  const [refused, setRefused] = useState<string>();
  const choose = async (): Promise<void> => {
    const file = await pickFile('.json,application/json');
    if (!file) return;
    const { decodeLotRecord, LARGEST_RECORD } = await import('@/data/files/lotRecord');
    const answer = decodeLotRecord(file.size > LARGEST_RECORD ? '' : await file.text());
    setRefused(answer.ok ? undefined : REFUSED[answer.why]);
    if (answer.ok) onRead(answer.record);
  };
  return (
    <View style={{ gap: SPACE.xs }}>
      <Button title="Read its record" onPress={() => void choose()} style={{ alignSelf: 'flex-start' }} />
      {refused ? (
        <Text tone="rust" live>
          {refused}
        </Text>
      ) : null}
      {read ? (
        <View>
          <Text live>It is saved with the seed, as what its grower says:</Text>
          {read.told.map((each) => (
            <ListRow key={each.lot} {...sayTold(each, f)} />
          ))}
        </View>
      ) : (
        <Text variant="small" tone="soft">
          If it came with a file from another garden. Else fill in what the packet says.
        </Text>
      )}
    </View>
  );
}
