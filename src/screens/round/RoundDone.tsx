import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { keptPollen, mayBeKept } from '@/core/due/keptPollen';
import { useGarden } from '@/data/hooks/useGarden';
import type { Journal } from '@/core/journal/journal';
import type { Round } from '@/core/journal/state';
import type { MissedReason } from '@/core/journal/kinds/roundBodies';
import { motherAt } from '@/core/round/operations/operations';
import { roundResult, type RoundFruits, type RoundResult } from '@/core/round/roundResult';
import { stopsLeft } from '@/core/round/stopsLeft';
import { visitsOf } from '@/core/round/visits';
import { plantLabel } from '@/core/records/plantLabel';
import { formatTagCode } from '@/core/text/tagCode';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { Glyph } from '@/ui/glyphs/Glyph';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { bloomGlyph } from '../words/blooms';
import { MISSED } from '../words/names';
import { UndoFoot } from '../shell/ProgressHead';
import { RoundRows, type RoundRowsProps } from './RoundRows';

const NOT_YET = 'Not open yet. It is due again tomorrow; leave its cover on.';

/** Lost, or put off. */
const toneOf = (why: MissedReason): 'rust' | 'ink' => (why === 'notYet' ? 'ink' : 'rust');

/** After the last stop: what was done, what did not go as planned, what is left over, and what comes next. */
export function RoundDone({ round, ...others }: RoundRowsProps & { readonly round: Round }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useGarden().store;
  const { females, pollinated, fruits, missed, malesLeft } = roundResult(journal, round);
  const keeps = keptPollen(journal, round.day).length > 0 || mayBeKept(journal, round.day).size > 0;
  const rest = others.rounds.filter((each) => each.round !== round.round && stopsLeft(each).length > 0);
  return (
    <Page title="Round done" foot={<UndoFoot work="round" />}>
      <Text live style={{ marginBottom: SPACE.m }}>
        {females > 0
          ? `${f.number(pollinated)} of ${f.count(females, 'flower', 'flowers')} pollinated.`
          : `${f.count(visitsOf(round.stops).length, 'plant', 'plants')} done.`}
      </Text>
      {rest.length > 0 ? (
        <View style={{ marginVertical: SPACE.m }}>
          <Text variant="strong">Others are still at work. You can take over a round:</Text>
          <RoundRows rounds={rest} onChoose={others.onChoose} />
        </View>
      ) : null}
      {fruits.map((each) => (
        <FruitsRow key={each.variety} of={each} />
      ))}
      {missed.map(({ stop, why }) => (
        <ListRow
          key={stop.stop}
          glyph={<Glyph name={motherAt(stop) === undefined ? 'male' : 'female'} tone={toneOf(why)} />}
          tone={toneOf(why)}
          title={plantLabel(journal, stop.plant)}
          note={why === 'notYet' ? NOT_YET : MISSED[why]}
        />
      ))}
      {malesLeft.length > 0 ? (
        <ListRow
          glyph={<Glyph name="male" />}
          title={`${f.count(malesIn(malesLeft), 'male', 'males')} left over`}
          note={sayLeftOver(journal, malesLeft, f)}
        />
      ) : null}
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

/** So many tags are named; of more one sees them in the list of fruit. */
const MOST_TAGS = 6;

/** What of one variety was pollinated: its tags, and when to look. One fruit has its own page. */
function FruitsRow({ of: { variety, blooms, look } }: { readonly of: RoundFruits }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useGarden().store;
  const flowers = blooms.flatMap((id) => journal.all('bloom').get(id) ?? []);
  const tags = flowers.flatMap(({ code }) => (code ? [formatTagCode(code)] : []));
  const named =
    tags.length === 0 || tags.length > MOST_TAGS
      ? ''
      : ` ${tags.length > 1 ? 'Tags' : 'Tag'} ${tags.join(', ')}.`;
  return (
    <ListRow
      glyph={flowers[0] ? <Glyph name={bloomGlyph(flowers[0])} /> : undefined}
      title={`${journal.all('variety').get(variety)?.name ?? ''}: ${f.number(blooms.length)} pollinated`}
      note={`First look ${f.weekday(look)}.${named}`}
      onPress={() =>
        blooms.length === 1
          ? router.push({ pathname: '/fruit/[id]', params: { id: blooms[0]! } })
          : router.push('/fruit')
      }
    />
  );
}

const malesIn = (left: RoundResult['malesLeft']): number => left.reduce((sum, { count }) => sum + count, 0);

/** Where they are; and that squash blossoms can be eaten, where all of them are that. */
function sayLeftOver(journal: Journal, left: RoundResult['malesLeft'], f: Format): string {
  const where = left.map(({ plant, count }) =>
    count > 1 ? `${f.number(count)} on ${plantLabel(journal, plant)}` : plantLabel(journal, plant),
  );
  const areSquash = left.every(({ plant }) => {
    const crop = journal.all('variety').get(journal.all('plant').get(plant)?.variety ?? '')?.crop;
    return crop !== undefined && cropOf(crop).species.startsWith('Cucurbita ');
  });
  return `${where.join(', ')}. ${areSquash ? 'To eat: nobody needs them now.' : 'Nobody needs them now.'}`;
}
