import { View } from 'react-native';
import { useGarden } from '@/data/hooks/useGarden';
import { cropOf } from '@/core/crops/catalogue';
import type { Round } from '@/core/journal/state';
import type { MissedReason } from '@/core/journal/kinds/roundBodies';
import { motherAt } from '@/core/round/operations/operations';
import { stopsLeft } from '@/core/round/stops';
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
const toneOf = (outcome: MissedReason): 'rust' | 'ink' => (outcome === 'notYet' ? 'ink' : 'rust');

/** After the last stop. */
export function RoundDone({ round, ...others }: RoundRowsProps & { readonly round: Round }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const flowers = round.stops.filter((stop) => motherAt(stop) !== undefined);
  const done = flowers.filter(({ stop }) => round.done.get(stop)?.outcome === 'done');
  const firstLook = Math.min(
    ...flowers.flatMap(({ variety }) => {
      const crop = journal.all('variety').get(variety)?.crop;
      return crop ? [cropOf(crop).looks.early.value[0]] : [];
    }),
  );
  const rest = others.rounds.filter((each) => each.round !== round.round && stopsLeft(each).length > 0);
  const missed = round.stops.flatMap((stop) => {
    const outcome = round.done.get(stop.stop)?.outcome;
    return outcome && outcome !== 'done' ? [{ stop, outcome }] : [];
  });
  return (
    <Page title="Round done" foot={<UndoFoot work="round" />}>
      <Text live>
        {flowers.length > 0
          ? `${done.length} of ${f.count(flowers.length, 'flower', 'flowers')} pollinated. The first look is due in ${f.count(firstLook, 'day', 'days')}.`
          : `${f.count(round.stops.length, 'stop', 'stops')} done.`}
      </Text>
      {rest.length > 0 ? (
        <View style={{ marginVertical: SPACE.m }}>
          <Text variant="strong">Others are still at work. You can take over a round:</Text>
          <RoundRows rounds={rest} onChoose={others.onChoose} />
        </View>
      ) : null}
      {missed.map(({ stop, outcome }) => (
        <ListRow
          key={stop.stop}
          glyph={<Glyph name={motherAt(stop) === undefined ? 'male' : 'female'} tone={toneOf(outcome)} />}
          tone={toneOf(outcome)}
          title={plantLabel(journal, stop.plant)}
          note={outcome === 'notYet' ? NOT_YET : MISSED[outcome]}
        />
      ))}
    </Page>
  );
}
