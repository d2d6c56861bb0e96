import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { showTagCode } from '@/core/codes/tagCode';
import { fruitOf, type Fruit } from '@/core/fruit/fruits';
import { dayAt, daysBetween, toMs } from '@/core/time/calendar';
import { plantLabel, purityOf } from '@/core/records/flowerRows';
import type { Purity, Link } from '@/core/purity/fruitPurity';
import { useRecord, useUndo, useView } from '@/data/provider';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Action } from '@/ui/parts/Action';
import { Choice } from '@/ui/parts/Choice';
import { Line } from '@/ui/parts/Line';
import { Sheet } from '@/ui/parts/Sheet';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { placeInWords } from '../garden/labels';
import { NothingHere } from '../shell/NothingHere';
import { Page } from '../shell/Page';
import { CAUSES, GRADES, LINKS, LINK_STATES, SEEN } from '../words/names';
import { sayReason } from '../words/reasons';
import { standing } from './fruitView';
import { LookCard } from './LookCard';

/** One fruit on a page of its own. */
export function OneFruitScreen() {
  const { id = '' } = useLocalSearchParams<{ id: string }>();
  const view = useOneFruit(id);
  if (!view) {
    return (
      <NothingHere
        title="No such fruit"
        text="No pollinated flower is stored here. Perhaps it was taken back, or is on another phone."
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

/** One fruit beside the list of all. */
export function FruitBeside({ id }: { readonly id: string }) {
  const view = useOneFruit(id);
  if (!view) return <Words tone="soft">That fruit is not stored here.</Words>;
  return (
    <View style={{ gap: SPACE.l }}>
      <View>
        <Words kind="heading" level={2}>
          {fruitTitle(view)}
        </Words>
        <FruitDetail id={id} view={view} />
      </View>
      <Chain view={view} />
    </View>
  );
}

interface OneFruit {
  readonly fruit: Fruit;
  readonly purity: Purity | undefined;
  readonly where: string;
  readonly donors: readonly string[];
  readonly zone: string;
}

const useOneFruit = (id: string): OneFruit | undefined =>
  useView<OneFruit | null>('one-fruit', [id], ({ store: { journal }, garden, now }) => {
    const flower = journal.all('flower').get(id);
    const fruit = flower && fruitOf(journal, garden, dayAt(now, garden.zone), flower);
    if (!fruit) return null;
    return {
      fruit,
      purity: purityOf(journal, garden, fruit.flower),
      where: placeInWords(journal, fruit.plant),
      donors: fruit.flower.pollination!.donors.map(({ plant }) => plantLabel(journal, plant)),
      zone: garden.zone,
    };
  }) ?? undefined;

const fruitTitle = ({ fruit: { flower } }: OneFruit): string =>
  flower.code ? showTagCode(flower.code) : 'A fruit without a tag';

/** The chain from the seed sown to the tag on the stalk, and its weakest link. */
function Chain({ view: { purity } }: { readonly view: OneFruit }) {
  return (
    <View>
      <Words kind="heading" level={2}>
        {purity ? `${GRADES[purity.grade]}${purity.soFar ? ', so far' : ''}` : 'Purity not known'}
      </Words>
      {purity?.weakest && purity.weakest.state !== 'open' ? (
        <Words>{`Weakest link: ${LINKS[purity.weakest.link].toLowerCase()}.`}</Words>
      ) : null}
      {purity?.chain.map((link) => (
        <ChainLink key={link.link} link={link} />
      ))}
    </View>
  );
}

/** How a fruit stands, where it came from, its looks, and what can be said of it now. */
function FruitDetail({ id, view }: { readonly id: string; readonly view: OneFruit }) {
  const f = useFormat();
  const { undo } = useUndo();
  const { fruit, where, donors, zone } = view;
  const { flower, variety, course } = fruit;
  const { glyph, word } = standing(fruit);
  return (
    <View>
      <Words tone="soft">
        {where}, {variety.name}
      </Words>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s, marginVertical: SPACE.s }}>
        <Glyph name={glyph} size={30} />
        <Words kind="strong">
          Day {course.age}: {word}
        </Words>
      </View>
      <Words>
        {`Pollinated ${f.day(course.pollinated)} at ${f.time(toMs(flower.pollination!.at))} with males of ${donors.join(', ') || 'unnamed plants'}.`}
      </Words>
      {flower.conflicts.length > 0 ? (
        <Words tone="rust" style={{ marginTop: SPACE.s }}>
          Two devices recorded this flower differently. Both are kept; the first pollination counts.
        </Words>
      ) : null}
      {flower.looks.map((look) => (
        <Line
          key={look.entry}
          title={`Day ${daysBetween(course.pollinated, dayAt(toMs(look.at), zone))}: ${SEEN[look.seen].toLowerCase()}`}
          note={[
            look.cause ? CAUSES[look.cause].name : '',
            look.tag === 'gone' ? 'tag gone' : look.tag === 'there' ? 'tag there' : '',
          ]
            .filter(Boolean)
            .join(', ')}
        />
      ))}
      {course.failed === undefined && !course.ended && course.harvested === undefined ? (
        <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
          <Words kind="heading" level={2}>
            Look now
          </Words>
          <LookCard fruit={fruit} named={false} />
          <Ending id={id} />
        </View>
      ) : (
        <Action
          title="Undo"
          onPress={() => void undo()}
          style={{ alignSelf: 'flex-start', marginTop: SPACE.l }}
        />
      )}
    </View>
  );
}

const CHAIN_GLYPHS = {
  sound: 'coverShut',
  open: 'coverOpen',
  unknown: 'coverOpen',
  doubtful: 'warn',
  broken: 'warn',
} as const;

function ChainLink({ link }: { readonly link: Link }) {
  const f = useFormat();
  const bad = link.state === 'broken' || link.state === 'doubtful';
  return (
    <Line
      glyph={<Glyph name={CHAIN_GLYPHS[link.state]} size={24} tone={bad ? 'rust' : 'ink'} />}
      tone={bad ? 'rust' : 'ink'}
      title={`${LINKS[link.link]}: ${LINK_STATES[link.state]}`}
      note={link.reasons.map((reason) => sayReason(reason, f)).join(' ')}
    />
  );
}

/** Harvest, and the ends that are no failure of the pollination. */
function Ending({ id }: { readonly id: string }) {
  const record = useRecord();
  const [asking, setAsking] = useState<'harvest' | 'tag'>();
  const harvest = (use: 'seed' | 'eat', tagThere: boolean): void => {
    setAsking(undefined);
    record([{ kind: 'harvested', body: { flower: id, use, tagThere, typical: true } }]);
  };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
      <Action title="Harvest" onPress={() => setAsking('harvest')} />
      <Action
        title="Thinned"
        onPress={() => record([{ kind: 'removed', body: { flower: id, how: 'thinned' } }])}
      />
      <Action
        title="Lost: animal, vine, mower"
        onPress={() => record([{ kind: 'removed', body: { flower: id, how: 'lost' } }])}
      />
      <Action
        kind="loss"
        title="Tag gone"
        onPress={() => record([{ kind: 'looked', body: { flower: id, seen: 'growing', tag: 'gone' } }])}
      />
      <Sheet
        title="Harvest"
        open={asking !== undefined}
        onClose={() => setAsking(undefined)}
        closeTitle="Close"
      >
        <Choice
          label="What for, and is the tag on it?"
          value={undefined}
          options={[
            { value: 'eat', title: 'To eat' },
            { value: 'seed', title: 'For seed, the tag is on it' },
            {
              value: 'seedNoTag',
              title: 'For seed, but the tag is gone',
              note: 'nobody can say which fruit it is',
            },
          ]}
          onChange={(choice) => harvest(choice === 'eat' ? 'eat' : 'seed', choice !== 'seedNoTag')}
        />
        <Words kind="small" tone="soft">
          Taste the flesh before you keep its seed. Spit out and discard a bitter one: it can poison. No seed
          from a mottled or odd-looking mother.
        </Words>
      </Sheet>
    </View>
  );
}
