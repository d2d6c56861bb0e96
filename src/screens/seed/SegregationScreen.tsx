import { useState } from 'react';
import { View } from 'react-native';
import {
  expectedParts,
  expectedShares,
  FAMILIES,
  fitOf,
  generationBreedingTrue,
  INHERITANCES,
  plantsToGrow,
  type Family,
  type Inheritance,
} from '@/core/seed/segregation';
import { Choice } from '@/ui/parts/Choice';
import { Field } from '@/ui/parts/Field';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { Page } from '../shell/Page';
import { wholeNumber, WholeNumberField } from '../shell/WholeNumberField';
import { sentenceCase } from '../words/sentenceCase';
import { lowerFirst } from '../words/lowerFirst';
import { GenerationsAhead } from './GenerationsAhead';
import { FAMILY_NAMES, INHERITANCE_NAMES, sayFit } from '../words/segregation';

/** So sure one wants to be of the plants one grows for. Our default. */
const CHANCE = 0.95;
/** Plants of a kind that can be counted or wanted here. */
const MOST = 5000;

/** What the next generation of a cross should show of a trait, how many to grow, and whether what was counted fits. */
export function SegregationScreen() {
  const f = useFormat();
  const [family, setFamily] = useState<Family>('f2');
  const [inheritance, setInheritance] = useState<Inheritance>('dominant');
  const parts = expectedParts(inheritance, family);
  const { kinds } = INHERITANCE_NAMES[inheritance];
  const shares = expectedShares(inheritance, family);
  const shown = kinds.flatMap((name, i) => (parts[i]! > 0 ? [{ name, i, share: shares[i]! }] : []));
  const ratio = parts.filter((part) => part > 0).join(' : ');
  return (
    <Page title="What a cross should show">
      <View style={{ gap: SPACE.l }}>
        <Text>
          An F1 is much alike. In the generation after it the forms of both parents come apart again, in
          shares that depend on the genes behind them.
        </Text>
        <Choice<Family>
          label="Which generation?"
          value={family}
          options={FAMILIES.map((value) => ({ value, ...FAMILY_NAMES[value] }))}
          onChange={setFamily}
        />
        <ChooseOne<Inheritance>
          name="Trait"
          sheet="How is the trait inherited?"
          value={inheritance}
          options={INHERITANCES.map((value) => ({
            value,
            title: INHERITANCE_NAMES[value].title,
            short: lowerFirst(INHERITANCE_NAMES[value].title),
          }))}
          onChange={setInheritance}
        />
        <Text tone="soft">{`${sentenceCase(INHERITANCE_NAMES[inheritance].note)}.`}</Text>
        <View>
          <Text variant="heading" level={2}>
            {`Expected: ${ratio}`}
          </Text>
          {shown.map(({ name, share }) => (
            <Text key={name}>{`${name}: ${f.percent(share)}`}</Text>
          ))}
        </View>
        <HowManyToGrow key={`grow ${inheritance} ${family}`} kinds={shown} />
        <Counted key={`count ${inheritance} ${family}`} kinds={shown} shares={shares} ratio={ratio} />
        <GenerationsAhead
          key={`ahead ${inheritance} ${family}`}
          inheritance={inheritance}
          family={family}
          kinds={shown}
          chance={CHANCE}
        />
        <UntilAlike />
      </View>
    </Page>
  );
}

interface Shown {
  readonly name: string;
  /** Its place among the parts. */
  readonly i: number;
  readonly share: number;
}

function HowManyToGrow({ kinds }: { readonly kinds: readonly Shown[] }) {
  const f = useFormat();
  const [kind, setKind] = useState(String(kinds.at(-1)!.i));
  const [typed, setTyped] = useState('1');
  const wanted = wholeNumber(typed, MOST) || undefined;
  const { share, name } = kinds.find(({ i }) => String(i) === kind)!;
  const grow = wanted && plantsToGrow(share, wanted, CHANCE);
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        How many to grow
      </Text>
      <ChooseOne
        name="Of"
        sheet="Of which kind?"
        value={kind}
        options={kinds.map((each) => ({
          value: String(each.i),
          title: each.name,
          short: lowerFirst(each.name),
        }))}
        onChange={setKind}
      />
      <WholeNumberField label="Plants wanted of it" most={MOST} value={typed} onChange={setTyped} />
      <Text live>
        {grow === undefined
          ? ''
          : `Grow ${f.count(grow, 'plant', 'plants')}: then it is ${f.percent(CHANCE)} sure that ${f.number(wanted!)} or more are “${lowerFirst(name)}”.`}
      </Text>
    </View>
  );
}

function Counted({
  kinds,
  shares,
  ratio,
}: {
  readonly kinds: readonly Shown[];
  readonly shares: readonly number[];
  readonly ratio: string;
}) {
  const f = useFormat();
  const [typed, setTyped] = useState<ReadonlyMap<number, string>>(new Map());
  const counts = shares.map((_, i) => wholeNumber(typed.get(i) ?? '', MOST));
  const isWhole = kinds.every(({ i }) => counts[i] !== undefined);
  const total = counts.reduce<number>((sum, count) => sum + (count ?? 0), 0);
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Does what you counted fit?
      </Text>
      {kinds.map(({ name, i }) => {
        const text = typed.get(i) ?? '';
        return (
          <Field
            key={name}
            label={name}
            numeric
            value={text}
            onChange={(next) => setTyped(new Map([...typed, [i, next]]))}
            error={
              text.trim() !== '' && counts[i] === undefined
                ? `A whole number up to ${f.number(MOST)}.`
                : undefined
            }
          />
        );
      })}
      <Text live>
        {isWhole && total > 0
          ? sayFit(
              fitOf(
                counts.map((count) => count ?? 0),
                shares,
              ),
              ratio,
              f,
            )
          : ''}
      </Text>
    </View>
  );
}

/** Of plants that differ in so many genes. */
const MOST_GENES = 100;
const TRUE_SHARE = 0.9;

function UntilAlike() {
  const f = useFormat();
  const [typed, setTyped] = useState('5');
  const genes = wholeNumber(typed, MOST_GENES) || undefined;
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Until it breeds true
      </Text>
      <WholeNumberField
        label="Genes in which the parents differ, and that you see"
        most={MOST_GENES}
        value={typed}
        onChange={setTyped}
      />
      <Text live>
        {genes !== undefined
          ? `Selfed each year without choosing, ${f.percent(TRUE_SHARE)} of the plants breed true for them in the F${generationBreedingTrue(genes, TRUE_SHARE)}. Choosing helps only with what shows: a plant breeds true if all its offspring look like it, so keep the seed of each plant apart and grow some of each. What is kept by tubers or runners, such as potatoes and strawberries, is fixed at once.`
          : ''}
      </Text>
    </View>
  );
}
