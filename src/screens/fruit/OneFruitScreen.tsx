import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { formatTagCode } from '@/core/text/tagCode';
import { SEASON_DAYS } from '@/core/journal/seasonDays';
import { isOnPlant } from '@/core/fruit/fruitHistory';
import type { Fruit } from '@/core/fruit/fruits';
import type { Bloom, Look } from '@/core/journal/state';
import { dayAt, daysBetween, toMs } from '@/core/time/calendar';
import { cohortOf } from '@/core/journal/cohort';
import { isSuspect } from '@/core/journal/plantCondition';
import { pollinationsOf } from '@/core/journal/pollinations';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { WithUndo } from '../shell/WithUndo';
import { Page } from '../shell/Page';
import { sayLook } from '../words/blooms';
import { causeWords, signWords } from '../words/failing';
import { COVERS_FOUND } from '../words/names';
import { sentenceCase } from '../words/sentenceCase';
import { FruitEnding } from './FruitEnding';
import { ThinSome } from './ThinSome';
import { fruitStatus } from './fruitView';
import { HowItGrows } from './HowItGrows';
import { LookCard } from './LookCard';
import { SeedOfFruit } from './SeedOfFruit';
import { WhatToDo } from './WhatToDo';
import { FruitChain } from './FruitChain';
import { type JudgedSeed, type OneFruit, useJudgedSeed, useOneFruit } from './oneFruit';

/** One fruit on a page of its own. */
export function OneFruitScreen() {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const view = useOneFruit(id);
  const judged = useJudgedSeed(id);
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
          <FruitChain view={view} judged={judged} />
        </View>
      }
    >
      <FruitDetail id={id} view={view} parents={judged?.parents} />
    </Page>
  );
}

/** One fruit next to the list of all. */
export function FruitPanel({ id }: { readonly id: string }) {
  const view = useOneFruit(id);
  const judged = useJudgedSeed(id);
  if (!view) return <Text tone="soft">That fruit is not stored here.</Text>;
  return (
    <View style={{ gap: SPACE.l }}>
      <View>
        <Text variant="heading" level={2}>
          {fruitTitle(view)}
        </Text>
        <FruitDetail id={id} view={view} parents={judged?.parents} />
      </View>
      <FruitChain view={view} judged={judged} />
    </View>
  );
}

const fruitTitle = ({ fruit: { bloom, count } }: OneFruit): string =>
  bloom.code
    ? formatTagCode(bloom.code)
    : count > 1
      ? `${count} flowers without a tag`
      : 'A fruit without a tag';

/** What was named as its cause, and what was seen. */
const sayWhy = ({ cause, signs = [] }: Look, crop: CropId): string =>
  sentenceCase(
    [
      ...(cause ? [causeWords(cause, crop).name] : []),
      ...signs.map((sign) => signWords(sign, crop).name),
    ].join(', '),
  );

/** How a fruit is doing, where it came from, its looks, and what can be recorded of it now. */
function FruitDetail({
  id,
  view,
  parents,
}: {
  readonly id: string;
  readonly view: OneFruit;
  readonly parents: JudgedSeed['parents'];
}) {
  const f = useFormat();
  const router = useRouter();
  const { fruit, where, zone } = view;
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
          {isOnPlant(history) ? `Day ${history.age}: ${word}` : word[0]!.toUpperCase() + word.slice(1)}
        </Text>
      </View>
      <Text>{sayBeginning(view, f)}</Text>
      {view.ripens ? <Text>{sayRipens(view.ripens, f)}</Text> : null}
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
      <MaybeSame view={view} />
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
      {weighed(bloom).map(({ at, count, grams }) => (
        <ListRow
          key={at}
          title={`Picked${count > 1 ? `: ${f.number(count)}` : ''}, ${f.weight(grams)}`}
          note={f.day(dayAt(toMs(at), zone))}
        />
      ))}
      {bloom.looks.map((look) => (
        <ListRow
          key={look.entry}
          title={`Day ${daysBetween(history.since, dayAt(toMs(look.at), zone))}: ${sayLook(look, cropOf(variety.crop))}${look.mm === undefined ? '' : `, ${f.size(look.mm)}`}`}
          note={sayWhy(look, variety.crop)}
        />
      ))}
      {view.growth ? <HowItGrows growth={view.growth} onPlant={isOnPlant(history)} /> : null}
      <SeedOfFruit id={id} />
      <WhatToDo fruit={fruit} />
      <ListRow
        title="Its plant"
        note="All its flowers of the season, what it carries, its pollen elsewhere"
        onPress={() => router.push({ pathname: '/fruit/plant', params: { id: fruit.plant.plant } })}
      />
      {isOnPlant(history) ? (
        <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
          <Text variant="heading" level={2}>
            Look now
          </Text>
          <LookCard fruit={fruit} named="no" />
          {cohortOf(id) ? (
            <>
              <TagOne fruit={fruit} />
              <ThinSome fruit={fruit} />
            </>
          ) : (
            <FruitEnding bloom={bloom} crop={cropOf(variety.crop)} />
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

/** It may have been recorded twice: with a tag, and among those that were counted. */
function MaybeSame({ view: { fruit, same } }: { readonly view: OneFruit }) {
  const f = useFormat();
  const record = useRecord();
  const { bloom, plant } = fruit;
  if (same.length === 0) return null;
  if (cohortOf(bloom.bloom))
    return (
      <Text tone="rust">
        {`A flower of this plant and day is followed by its tag ${same.map(({ code }) => formatTagCode(code)).join(', ')} as well: it may be one of these, counted twice. Its own page can say so.`}
      </Text>
    );
  const [counted] = same;
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.s }}>
      <Text tone="rust">
        {`That day ${f.count(counted!.count, 'flower', 'flowers')} of this plant ${counted!.count === 1 ? 'was' : 'were'} also counted without a tag: this may be one of them, counted twice.`}
      </Text>
      {bloom.code ? (
        <Button
          title="It is one of them"
          onPress={() =>
            record([
              {
                kind: 'tagged',
                body: { bloom: bloom.bloom, of: counted!.bloom, plant: plant.plant, code: bloom.code },
              },
            ])
          }
        />
      ) : null}
    </View>
  );
}

/** How it began: pollinated, left without pollen, or found when it had set. */
function sayBeginning({ fruit: { bloom, history }, donors, controls, zone }: OneFruit, f: Format): string {
  // Of another year with the year.
  const day = history.age > SEASON_DAYS ? f.date(history.since) : f.day(history.since);
  const { pollination } = bloom;
  if (controls) {
    const { looked, set } = controls;
    const so =
      looked > 0
        ? ` Of ${f.count(looked, 'such flower', 'such flowers')} of its variety ${f.number(set)} set.`
        : '';
    return `Left without pollen, to see what sets by itself. It opened on ${day}.${so}`;
  }
  if (history.followed === 'left')
    return `Left to the insects, to compare with hand work. It opened on ${day}.`;
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

const sayRipens = ({ use, day }: NonNullable<OneFruit['ripens']>, f: Format): string =>
  `${use === 'seed' ? 'Its seed is ripe' : 'It can be eaten'} from about ${f.day(day)} on, as warm as it was and is likely to be. How it looks decides.`;

/** What was picked and weighed. */
const weighed = ({ harvest, picks = [] }: Bloom): { at: string; count: number; grams: number }[] =>
  [...(harvest ? [{ ...harvest, count: 1 }] : []), ...picks].flatMap(({ at, count, grams }) =>
    grams === undefined ? [] : [{ at, count, grams }],
  );

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
