import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { remediesFor, settlesFor } from '@/core/purity/remedies';
import type { Purity } from '@/core/purity/fruitPurity';
import type { JudgedSeed, OneFruit, Saying } from './oneFruit';
import { dayAt, toMs } from '@/core/time/calendar';
import type { Link } from '@/core/purity/chain';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useStore } from '@/data/hooks/useGarden';
import { useFormat } from '../format/useFormat';
import { GRADES, LINKS, LINK_STATES } from '../words/names';
import { sayReason } from '../words/reasons/morning';
import { settleHref } from './settleHref';

/** Of a cross: is it the one that was meant? */
const sayGrade = ({ grade, cross }: Purity): string =>
  cross && grade === 'true'
    ? 'A true cross'
    : cross && grade === 'unproven'
      ? 'A cross, not proven'
      : GRADES[grade];

/** The chain from the seed sown to the tag on the stalk, and its weakest link. */
export function FruitChain({
  view,
  judged,
}: {
  readonly view: OneFruit;
  /** `undefined` until it is known. */
  readonly judged: JudgedSeed | undefined;
}) {
  const { eaten, fruit, zone } = view;
  const f = useFormat();
  if (fruit.history.followed === 'control')
    return <Text tone="soft">A control: nothing is judged of its seed.</Text>;
  if (eaten) return <Text tone="soft">Grown to eat: nothing is judged of its seed.</Text>;
  if (!judged) return null;
  const { purity, said } = judged;
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
        <ChainLink key={link.link} link={link} said={said.get(link.link) ?? []} zone={zone} />
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
  const { journal } = useStore();
  const settles = purity ? settlesFor(purity) : [];
  if (!purity || settles.length === 0) return null;
  const { variety, bloom } = fruit;
  const said = purity.chain.flatMap(({ reasons }) => reasons);
  const notLooked = said.find(({ code }) => code === 'guard.notLooked');
  const source = said.find(({ code }) => code === 'guard.notNoted')?.params['source'];
  const asked = {
    metres: String(notLooked?.params['metres'] ?? ''),
    day: bloom.day ?? bloom.keptOn ?? '',
    ...(source !== undefined && {
      source: String(source),
      isOutside: journal.all('outside').has(String(source)),
    }),
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

const CHAIN_GLYPHS = {
  holds: 'coverShut',
  pending: 'coverOpen',
  unknown: 'coverOpen',
  doubtful: 'warn',
  broken: 'warn',
} as const;

/** More entries are told by their number. */
const MOST_SAID = 3;

/** By which entries: when, and on which device; what is the same as before is said once. */
function sayBy(said: readonly Saying[], zone: string, f: Format): string {
  if (said.length === 0) return '';
  const shown = said.slice(-MOST_SAID);
  const words = shown.map(({ at, device }, i) => {
    const day = dayAt(toMs(at), zone);
    const [before, after] = [shown[i - 1], shown[i + 1]];
    const isNewDay = !before || dayAt(toMs(before.at), zone) !== day;
    const by = device !== undefined && after?.device !== device ? ` (${device})` : '';
    return `${isNewDay ? `${f.shortDay(day)} ` : ''}${f.time(toMs(at))}${by}`;
  });
  const more = said.length > MOST_SAID ? `, and ${f.number(said.length - MOST_SAID)} before` : '';
  return `Noted ${words.join(', ')}${more}.`;
}

function ChainLink({
  link,
  said,
  zone,
}: {
  readonly link: Link;
  readonly said: readonly Saying[];
  readonly zone: string;
}) {
  const f = useFormat();
  const bad = link.state === 'broken' || link.state === 'doubtful';
  return (
    <ListRow
      glyph={<Glyph name={CHAIN_GLYPHS[link.state]} size={24} tone={bad ? 'rust' : 'ink'} />}
      tone={bad ? 'rust' : 'ink'}
      title={`${LINKS[link.link]}: ${LINK_STATES[link.state]}`}
      note={[...link.reasons.map((reason) => sayReason(reason, f)), sayBy(said, zone, f)].join(' ')}
    />
  );
}
