import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { keptPollen, mayBeKept } from '@/core/due/keptPollen';
import { useGarden } from '@/data/hooks/useGarden';
import type { Round } from '@/core/journal/state';
import type { MissedReason } from '@/core/journal/kinds/roundBodies';
import { motherAt } from '@/core/round/operations/operations';
import { roundResult } from '@/core/round/roundResult';
import { stopsLeft } from '@/core/round/stopsLeft';
import { visitsOf } from '@/core/round/visits';
import { plantLabel } from '@/core/records/plantLabel';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { Glyph } from '@/ui/glyphs/Glyph';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { MISSED } from '../words/names';
import { UndoFoot } from './ProgressHead';
import { RoundRows, type RoundRowsProps } from './RoundRows';

const NOT_YET = 'Not open yet. It is due again tomorrow; leave its cover on.';

/** Lost, or put off. */
const toneOf = (why: MissedReason): 'rust' | 'ink' => (why === 'notYet' ? 'ink' : 'rust');

/** After the last stop. */
export function RoundDone({ round, ...others }: RoundRowsProps & { readonly round: Round }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useGarden().store;
  const { females, pollinated, firstLook, missed } = roundResult(journal, round);
  const keeps = keptPollen(journal, round.day).length > 0 || mayBeKept(journal, round.day).size > 0;
  const rest = others.rounds.filter((each) => each.round !== round.round && stopsLeft(each).length > 0);
  return (
    <Page title="Round done" foot={<UndoFoot work="round" />}>
      <Text live style={{ marginBottom: SPACE.m }}>
        {females > 0
          ? `${f.number(pollinated)} of ${f.count(females, 'flower', 'flowers')} pollinated.${firstLook === undefined ? '' : ` The first look is due in ${f.count(firstLook, 'day', 'days')}.`}`
          : `${f.count(visitsOf(round.stops).length, 'plant', 'plants')} done.`}
      </Text>
      {rest.length > 0 ? (
        <View style={{ marginVertical: SPACE.m }}>
          <Text variant="strong">Others are still at work. You can take over a round:</Text>
          <RoundRows rounds={rest} onChoose={others.onChoose} />
        </View>
      ) : null}
      {missed.map(({ stop, why }) => (
        <ListRow
          key={stop.stop}
          glyph={<Glyph name={motherAt(stop) === undefined ? 'male' : 'female'} tone={toneOf(why)} />}
          tone={toneOf(why)}
          title={plantLabel(journal, stop.plant)}
          note={why === 'notYet' ? NOT_YET : MISSED[why]}
        />
      ))}
      {keeps ? (
        <ListRow
          title="Kept pollen"
          note="What is left of males picked today may be kept"
          onPress={() => router.push('/pollen')}
        />
      ) : null}
    </Page>
  );
}
