import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { formatTagCode } from '@/core/text/tagCode';
import { isOnPlant } from '@/core/fruit/fruitHistory';
import { controlsOf, type Controls } from '@/core/fruit/controls';
import { fruitOf, type Fruit } from '@/core/fruit/fruits';
import { dayAt, daysBetween, toMs } from '@/core/time/calendar';
import { isolationOf } from '@/core/planning/isolationOf';
import { purityOf } from '@/core/purity/purityOf';
import { cohortOf } from '@/core/journal/cohort';
import { isSuspect } from '@/core/journal/plantCondition';
import { fatherPlants, pollinationsOf } from '@/core/journal/pollinations';
import { plantLabel } from '@/core/records/plantLabel';
import { remediesFor, settlesFor } from '@/core/purity/remedies';
import { cropOf } from '@/core/crops/catalogue';
import { wantsSeed } from '@/core/crops/variety';
import { meantOf } from '@/core/journal/matingOf';
import type { Bloom } from '@/core/journal/state';
import type { Purity } from '@/core/purity/fruitPurity';
import type { Link } from '@/core/purity/chain';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { sayPlace } from '../words/places';
import { EmptyPage } from '../shell/EmptyPage';
import { WithUndo } from '../shell/WithUndo';
import { Page } from '../shell/Page';
import { sayLook } from '../words/blooms';
import { CAUSE_NAMES, COVERS_FOUND, GRADES, LINKS, LINK_STATES } from '../words/names';
import { sayReason } from '../words/reasons/morning';
import { FruitEnding } from './FruitEnding';
import { ThinSome } from './ThinSome';
import { fruitStatus } from './fruitView';
import { LookCard } from './LookCard';
import { settleHref } from './settleHref';

/** One fruit on a page of its own. */
export function OneFruitScreen() {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const view = useOneFruit(id);
  if (!view) {
    return (
      <EmptyPage
        title="No such fruit"
        text="No pollinated flower of this address is stored here. Perhaps it was undone, or is on another phone."
        lead={{ title: 'To the fruit', to: '/fruit' }}
      />
    );
  }
  return (
    <Page
      title={fruitTitle(view)}
      aside={
        <View style={{ marginTop: SPACE.l }}>
          <Chain view={view} />
        </View>
      }
    >
      <FruitDetail id={id} view={view} />
    </Page>
  );
}

/** One fruit next to the list of all. */
export function FruitPanel({ id }: { readonly id: string }) {
  const view = useOneFruit(id);
  if (!view) return <Text tone="soft">That fruit is not stored here.</Text>;
  return (
    <View style={{ gap: SPACE.l }}>
      <View>
        <Text variant="heading" level={2}>
          {fruitTitle(view)}
        </Text>
        <FruitDetail id={id} view={view} />
      </View>
      <Chain view={view} />
    </View>
  );
}

interface OneFruit {
  readonly fruit: Fruit;
  readonly purity: Purity | undefined;
  /** It is for the kitchen, and nothing is judged of its seed. */
  readonly eaten: boolean;
  readonly where: string;
  readonly donors: readonly string[];
  /** Of its variety, what was left without pollen. */
  readonly controls: Controls;
  readonly zone: string;
  /** Of a cross: `mother × father`. */
  readonly parents: string | undefined;
}

const useOneFruit = (id: string): OneFruit | undefined =>
  useView<OneFruit | null>('one-fruit', [id], ({ store: { journal }, garden, now }) => {
    const flower = journal.all('bloom').get(id);
    const fruit = flower && fruitOf(journal, garden, dayAt(now, garden.zone), flower);
    if (!fruit) return null;
    const purity = purityOf(journal, garden, fruit.bloom, {
      isolationOf: isolationOf(journal, garden),
    });
    const name = (variety: string): string => journal.all('variety').get(variety)?.name ?? '?';
    return {
      fruit,
      purity,
      eaten:
        !wantsSeed(meantOf(journal, fruit.bloom)?.purpose ?? 'seedForFun') && !isKeptForSeed(fruit.bloom),
      parents: purity?.cross && `${name(purity.cross.mother)} × ${name(purity.cross.father)}`,
      where: sayPlace(journal, fruit.plant),
      donors: fatherPlants(fruit.bloom).map((plant) => plantLabel(journal, plant)),
      controls: controlsOf(journal, fruit.variety.variety, garden.zone),
      zone: garden.zone,
    };
  }) ?? undefined;

/** Whoever harvested it for seed, or left it to set for seed, wants to know how pure that is. */
const isKeptForSeed = ({ harvest, keptOn }: Bloom): boolean =>
  harvest?.use === 'seed' || keptOn !== undefined;

const fruitTitle = ({ fruit: { bloom, count } }: OneFruit): string =>
  bloom.code
    ? formatTagCode(bloom.code)
    : count > 1
      ? `${count} flowers without a tag`
      : 'A fruit without a tag';

/** Of a cross: is it the one that was meant? */
const sayGrade = ({ grade, cross }: Purity): string =>
  cross && grade === 'true'
    ? 'A true cross'
    : cross && grade === 'unproven'
      ? 'A cross, not proven'
      : GRADES[grade];

/** The chain from the seed sown to the tag on the stalk, and its weakest link. */
function Chain({ view }: { readonly view: OneFruit }) {
  const { purity, eaten, fruit } = view;
  const f = useFormat();
  if (fruit.history.followed === 'control')
    return <Text tone="soft">A control: nothing is judged of its seed.</Text>;
  if (eaten) return <Text tone="soft">Grown to eat: nothing is judged of its seed.</Text>;
  const remedies = purity ? remediesFor(purity) : [];
  return (
    <View>
      <Text variant="heading" level={2}>
        {purity ? `${sayGrade(purity)}${purity.soFar ? ', so far' : ''}` : 'Purity not known'}
      </Text>
      {purity?.weakest && purity.weakest.state !== 'pending' ? (
        <Text>{`Weakest link: ${LINKS[purity.weakest.link].toLowerCase()}.`}</Text>
      ) : null}
      {purity?.chain.map((link) => (
        <ChainLink key={link.link} link={link} />
      ))}
      <Settles view={view} purity={purity} />
      {remedies.length > 0 ? (
        <View style={{ gap: SPACE.xs, marginTop: SPACE.m }}>
          <Text variant="strong">What would have made it better</Text>
          {remedies.map((remedy) => (
            <Text key={remedy.code}>{sayReason(remedy, f)}</Text>
          ))}
        </View>
      ) : null}
    </View>
  );
}

/** What would settle what nobody noted, a tap away where a page of its own holds it. */
function Settles({
  view: { fruit },
  purity,
}: {
  readonly view: OneFruit;
  readonly purity: Purity | undefined;
}) {
  const f = useFormat();
  const router = useRouter();
  const settles = purity ? settlesFor(purity) : [];
  if (!purity || settles.length === 0) return null;
  const { variety, bloom } = fruit;
  const notLooked = purity.chain
    .flatMap(({ reasons }) => reasons)
    .find(({ code }) => code === 'guard.notLooked');
  const asked = {
    metres: String(notLooked?.params['metres'] ?? ''),
    day: bloom.day ?? bloom.keptOn ?? '',
  };
  return (
    <View style={{ marginTop: SPACE.m }}>
      <Text variant="strong">What would settle it</Text>
      {settles.map((settle) => {
        const to = settleHref(settle.code, variety, asked);
        return (
          <ListRow
            key={settle.code}
            title={sayReason(settle, f)}
            {...(to && { onPress: () => router.push(to) })}
          />
        );
      })}
    </View>
  );
}

/** How a fruit is doing, where it came from, its looks, and what can be recorded of it now. */
function FruitDetail({ id, view }: { readonly id: string; readonly view: OneFruit }) {
  const f = useFormat();
  const { fruit, where, zone, parents } = view;
  const { bloom, variety, history } = fruit;
  const { glyph, word } = fruitStatus(fruit);
  return (
    <View>
      <Text tone="soft">
        {where}, {parents ?? variety.name}
      </Text>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s, marginVertical: SPACE.s }}>
        <Glyph name={glyph} size={30} />
        <Text variant="strong">
          Day {history.age}: {word}
        </Text>
      </View>
      <Text>{sayBeginning(view, f)}</Text>
      {isSuspect(fruit.plant) ? (
        <Text tone="rust" style={{ marginTop: SPACE.s }}>
          Its plant was noted as one that may be diseased: some diseases go on with the seed. Keep none of it.
        </Text>
      ) : null}
      {bloom.conflicts.length > 0 ? (
        <Text tone="rust" style={{ marginTop: SPACE.s }}>
          Two devices recorded this flower. Both stay on record: the earlier pollination gives the hour, all
          the fathers count, and the worse of what was found decides whether it is for seed.
        </Text>
      ) : null}
      {bloom.uncovered ? (
        <ListRow
          title={`Cover: ${COVERS_FOUND[bloom.uncovered.found].toLowerCase()}`}
          note={bloom.uncovered.day ? f.day(bloom.uncovered.day) : 'day not known'}
        />
      ) : null}
      {bloom.thinned?.map(({ at, count }) => (
        <ListRow
          key={at}
          title={`Thinned: ${f.number(count)} taken off`}
          note={f.day(dayAt(toMs(at), zone))}
        />
      ))}
      {bloom.looks.map((look) => (
        <ListRow
          key={look.entry}
          title={`Day ${daysBetween(history.since, dayAt(toMs(look.at), zone))}: ${sayLook(look, cropOf(variety.crop))}`}
          note={look.cause ? CAUSE_NAMES[look.cause].name : ''}
        />
      ))}
      {isOnPlant(history) ? (
        <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
          <Text variant="heading" level={2}>
            Look now
          </Text>
          <LookCard fruit={fruit} named={false} />
          {cohortOf(id) ? (
            <>
              <TagOne fruit={fruit} />
              <ThinSome fruit={fruit} />
            </>
          ) : (
            <FruitEnding bloom={bloom} />
          )}
        </View>
      ) : (
        <View style={{ marginTop: SPACE.l }}>
          <WithUndo work="fruit" />
        </View>
      )}
    </View>
  );
}

/** How it began: pollinated, left without pollen, or found when it had set. */
function sayBeginning({ fruit: { bloom, history }, donors, controls, zone }: OneFruit, f: Format): string {
  const day = f.day(history.since);
  const { pollination } = bloom;
  if (history.followed === 'control') {
    const { looked, set } = controls;
    const so =
      looked > 0
        ? ` Of ${f.count(looked, 'such flower', 'such flowers')} of its variety ${f.number(set)} set.`
        : '';
    return `Left without pollen, to see what sets by itself. It opened on ${day}.${so}`;
  }
  if (!pollination)
    return `It had set by itself when it was tagged on ${day}: who its father is, and how old it is, nobody knows.`;
  const again = pollinationsOf(bloom)
    .filter(({ application }) => application > 1)
    .map(({ at }) => ` Again ${f.shortDay(dayAt(toMs(at), zone))} at ${f.time(toMs(at))}.`);
  return [
    `Pollinated ${day} at ${f.time(toMs(pollination.at))} with males of ${donors.join(', ') || 'unnamed plants'}.`,
    ...again,
    pollination.faded ? ' A male was past its best.' : '',
    pollination.found === 'wilted' ? ' The flower was closing.' : '',
  ].join('');
}

const CHAIN_GLYPHS = {
  holds: 'coverShut',
  pending: 'coverOpen',
  unknown: 'coverOpen',
  doubtful: 'warn',
  broken: 'warn',
} as const;

function ChainLink({ link }: { readonly link: Link }) {
  const f = useFormat();
  const bad = link.state === 'broken' || link.state === 'doubtful';
  return (
    <ListRow
      glyph={<Glyph name={CHAIN_GLYPHS[link.state]} size={24} tone={bad ? 'rust' : 'ink'} />}
      tone={bad ? 'rust' : 'ink'}
      title={`${LINKS[link.link]}: ${LINK_STATES[link.state]}`}
      note={link.reasons.map((reason) => sayReason(reason, f)).join(' ')}
    />
  );
}

/** Flowers that nobody tells apart: one of them can get a tag, and is followed by itself from then on. */
function TagOne({ fruit: { bloom, plant, count } }: { readonly fruit: Fruit }) {
  const { store } = useGarden();
  const record = useRecord();
  const tagOne = (): void => {
    const [code] = store.tags.next(1);
    record([
      ...store.tags.ensureLetter(),
      { kind: 'tagged', body: { bloom: newId(), of: bloom.bloom, plant: plant.plant, code: code ?? '' } },
    ]);
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Text tone="soft">
        {count > 1
          ? 'They are followed together, by how many are growing. Tag one to follow it by itself, for seed or to harvest.'
          : 'Tag it to follow it by itself, for seed or to harvest.'}
      </Text>
      <Button title={`Tag one: ${formatTagCode(store.tags.next(1)[0] ?? '')}`} onPress={tagOne} />
    </View>
  );
}
