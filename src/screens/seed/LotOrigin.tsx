import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Controls } from '@/core/fruit/controls';
import type { Journal } from '@/core/journal/journal';
import type { ToldLot } from '@/core/journal/kinds/seed';
import { varietyEver } from '@/core/journal/varietyEver';
import { inbreedingPerGeneration } from '@/core/population/effectiveSize';
import { plantOfDealt } from '@/core/population/populationSoFar';
import type { LotPurity } from '@/core/purity/lotPurity';
import { plantLabel } from '@/core/records/plantLabel';
import { isF1 } from '@/core/seed/descent';
import type { GrownOut } from '@/core/seed/grownOut';
import { contentId, type GradedContent } from '@/core/seed/judgedLot';
import { carriersKept } from '@/core/seed/carriersKept';
import type { ParentShare } from '@/core/seed/lotParents';
import type { LotInbreeding } from '@/core/seed/pedigree';
import { formatTagCode } from '@/core/text/tagCode';
import { useStore } from '@/data/hooks/useGarden';
import { Glyph } from '@/ui/glyphs/Glyph';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { Explained } from '../shell/Explained';
import { lowerFirst } from '../words/lowerFirst';
import { sayTold } from '../words/seed';
import { CROSS_GRADES, GRADES, SEED_SOURCE_NAMES } from '../words/names';
import { PedigreeTree } from './PedigreeTree';
import { useJudgedLot, type LotView } from './useLot';

/** How pure a lot is and why, and whose seed it is. */
export function LotOrigin({ view }: { readonly view: LotView }) {
  return (
    <View style={{ gap: SPACE.l }}>
      <HowPure view={view} />
      <Whose view={view} />
      <Told told={view.lot.told ?? []} />
      <PedigreeTree pedigree={view.pedigree} />
    </View>
  );
}

/** What whoever grew it says of it: nobody here can check that. */
function Told({ told }: { readonly told: readonly ToldLot[] }) {
  const f = useFormat();
  if (told.length === 0) return null;
  return (
    <View>
      <Text variant="heading" level={2}>
        Told where it came from
      </Text>
      <Text tone="soft">
        By the records of the garden that it came from. How pure it is here goes by where you said it is from.
      </Text>
      {told.map((each) => (
        <ListRow key={each.lot} {...sayTold(each, f)} />
      ))}
    </View>
  );
}

/** Fruits shown at once. */
const FIRST_SHOWN = 12;

function HowPure({ view: { lot, descent, grownOut: grown, controls, marker } }: { readonly view: LotView }) {
  const f = useFormat();
  const { journal } = useStore();
  const judged = useJudgedLot(lot);
  const [all, setAll] = useState(false);
  if (lot.contents.length === 0) return <Text tone="soft">What went into it is not known.</Text>;
  if (!judged?.purity) return <Text tone="soft">Its fruits are being judged.</Text>;
  const { graded, purity } = judged;
  const ofCross = graded.every((each) => each.ofCross);
  const grades = ofCross ? CROSS_GRADES : GRADES;
  const shown = all ? graded : graded.slice(0, FIRST_SHOWN);
  return (
    <View>
      <Text variant="heading" level={2}>
        {lot.contents.length > 1 ? `${grades[purity.grade]}, as a whole` : grades[purity.grade]}
      </Text>
      {ofCross ? (
        <Text tone="soft">
          It comes of a cross: its plants differ, and are true to no variety. What is judged is whether its
          parents are those that were meant.
        </Text>
      ) : null}
      {lot.contents.length > 1 ? (
        <Text tone="soft">A lot is as pure as the weakest fruit in it: nobody can sort it any more.</Text>
      ) : null}
      {purity.apart.map(({ ids, grade, share }) => (
        <Text key={grade}>
          {`Without ${sayContents(ids, graded, journal, f)} the rest, ${f.percent(share)} of it, would be ${lowerFirst(grades[grade])}. Another time keep such fruits apart.`}
        </Text>
      ))}
      <Text tone="soft">{sayOffTypes(purity, f)}</Text>
      {grown ? <Text>{sayGrownOut(grown, f)}</Text> : null}
      {controls && controls.looked > 0 ? <Text>{sayControls(controls, f)}</Text> : null}
      {isF1(descent) ? (
        <Text tone="soft">
          {marker === undefined
            ? 'A plant of it that looks like its mother alone came of her own pollen: note it as not true to type, and how large that share is stands here.'
            : `Its plants should show what the mother does not: ${marker}. One without it came of her own pollen: note it as not true to type, and how large that share is stands here.`}
        </Text>
      ) : null}
      {shown.map((content) => (
        <ContentRow key={contentId(content.content)} graded={content} assumed={lot.assumed} />
      ))}
      {shown.length < graded.length ? (
        <Button title="Show all" onPress={() => setAll(true)} style={{ alignSelf: 'flex-start' }} />
      ) : null}
    </View>
  );
}

const sayControls = ({ looked, set, share }: Controls, f: Format): string =>
  `Of ${f.count(looked, 'flower', 'flowers')} of its mother’s variety that ${looked === 1 ? 'was' : 'were'} left without pollen ${f.number(set)} set: ${f.percent(share.low)} to ${f.percent(share.high)} of such fruit may be of her own pollen.`;

const sayGrownOut = ({ off }: GrownOut, f: Format): string =>
  `Of ${f.count(off.of, 'plant', 'plants')} grown from it that ${off.of === 1 ? 'was' : 'were'} looked at ${f.number(off.hits)} ${off.hits === 1 ? 'is' : 'are'} not true to type, or may not be: with so few it may be ${f.percent(off.low)} to ${f.percent(off.high)} of its seed.`;

const sayOffTypes = ({ offTypes: [, most], grade }: LotPurity, f: Format): string =>
  grade === 'true'
    ? `At most about ${f.percent(most)} of its seed should have another father. Our default.`
    : `Up to ${f.percent(most)} of its seed may have another father, or none of it: our default, by the grades of its fruits.`;

/** Named one by one while they are few. */
const MOST_NAMED = 4;

function sayContents(
  ids: readonly string[],
  graded: readonly GradedContent[],
  journal: Journal,
  f: Format,
): string {
  if (ids.length > MOST_NAMED) return `its ${f.number(ids.length)} weaker fruits`;
  return graded
    .flatMap(({ content }) => (ids.includes(contentId(content)) ? [nameContent(content, journal)] : []))
    .join(', ');
}

function nameContent(content: GradedContent['content'], journal: Journal): string {
  if (content.from === 'elsewhere') return varietyEver(journal, content.variety)?.name ?? 'other seed';
  const bloom = journal.all('bloom').get(content.bloom);
  return bloom?.code ? formatTagCode(bloom.code) : 'a fruit without a tag';
}

/** As in a fruit’s chain. */
const GRADE_GLYPHS = {
  true: 'coverShut',
  unproven: 'coverOpen',
  doubtful: 'warn',
  notForSeed: 'warn',
} as const;

function ContentRow({ graded, assumed }: { readonly graded: GradedContent; readonly assumed: boolean }) {
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  const { content, grade, bitter, ofCross } = graded;
  const grades = ofCross ? CROSS_GRADES : GRADES;
  const share = `${assumed ? 'about ' : ''}${f.percent(content.share)}`;
  const isBad = grade === 'doubtful' || grade === 'notForSeed';
  const glyph = <Glyph name={GRADE_GLYPHS[grade]} size={24} tone={isBad ? 'rust' : 'ink'} />;
  if (content.from === 'elsewhere')
    return (
      <ListRow
        glyph={glyph}
        tone={isBad ? 'rust' : 'ink'}
        title={`From elsewhere, ${share}`}
        note={`${nameContent(content, journal)}. ${SEED_SOURCE_NAMES[content.source]}.`}
      />
    );
  const plant = journal.all('bloom').get(content.bloom)?.plant;
  return (
    <ListRow
      glyph={glyph}
      tone={isBad ? 'rust' : 'ink'}
      title={`${nameContent(content, journal)}, ${share}`}
      note={`${plant ? `${plantLabel(journal, plant)}. ` : ''}${bitter ? 'Its flesh was bitter: not for seed.' : `${grades[grade]}.`}`}
      onPress={() => router.push({ pathname: '/fruit/[id]', params: { id: content.bloom } })}
    />
  );
}

/** Mothers and fathers, and how many plants they amount to. */
function Whose({ view: { lot, parents, generations, inbreeding } }: { readonly view: LotView }) {
  const f = useFormat();
  const { journal } = useStore();
  const { mothers, fathers, unknown, size } = parents;
  if (mothers.length === 0) return null;
  const { sizes, over } = generations;
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Parents
      </Text>
      <Text>{sayParents('Mother', mothers, journal, f)}</Text>
      <Text>
        {fathers.length > 0 ? sayParents('Father', fathers, journal, f) : 'Whose pollen it was nobody noted.'}
      </Text>
      {unknown > 0 && fathers.length > 0 ? (
        <Text>{`Of ${f.percent(unknown)} of it a parent is not known.`}</Text>
      ) : null}
      {size === undefined ? null : (
        <Text>
          {`Together they count as ${f.number(size, 1)} plants that gave alike: one generation of so few adds ${f.percent(inbreedingPerGeneration(size))} of inbreeding. It takes them to be unrelated.`}
        </Text>
      )}
      {sizes.length > 1 ? (
        <Text>
          {over === undefined
            ? `${f.number(sizes.length)} generations of it grew here; of one of them not all parents are known.`
            : `Over ${f.number(sizes.length)} generations that grew here: ${f.number(over, 1)}, since the narrowest weighs most.`}
        </Text>
      ) : null}
      {inbreeding && inbreeding.coefficient > 0 ? (
        <Explained terms={['inbreeding']}>{sayInbreeding(inbreeding, f)}</Explained>
      ) : null}
      {lot.crop && lot.amount.seeds !== 0 ? (
        <Text>{sayKept(carriersKept(parents, lot.amount.seeds, lot.crop), f)}</Text>
      ) : null}
    </View>
  );
}

const sayInbreeding = ({ coefficient, atLeast }: LotInbreeding, f: Format): string =>
  `Inbreeding of this seed: ${atLeast ? 'at least ' : ''}${f.percent(coefficient)}, by all its forebears that grew here. The first of them are taken to be unrelated.`;

const sayKept = (carriers: number, f: Format): string =>
  `What at least ${f.percent(carriers)} of the plants carried, seen or not, is in it with 95 % chance. Rarer traits may be lost.`;

/** `2 mothers: C1·4 (50 %), C1·5 (50 %).`; of many the first ones. */
function sayParents(
  who: 'Mother' | 'Father',
  parents: readonly ParentShare[],
  journal: Journal,
  f: Format,
): string {
  const [only] = parents;
  if (only && parents.length === 1) {
    const isAll = only.share > 1 - 1e-9;
    return `${who}: ${plantLabel(journal, plantOfDealt(only.plant))}${isAll ? '' : ` (${f.percent(only.share)})`}.`;
  }
  const first = parents.slice(0, MOST_PARENTS);
  const more = parents.length - first.length;
  const named = first.map(
    ({ plant, share }) => `${plantLabel(journal, plantOfDealt(plant))} (${f.percent(share)})`,
  );
  return `${f.number(parents.length)} ${lowerFirst(who)}s: ${named.join(', ')}${more > 0 ? ` and ${f.number(more)} more` : ''}.`;
}

const MOST_PARENTS = 10;
