import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { LookStage } from '@/core/fruit/fruitHistory';
import type { Fruit } from '@/core/fruit/fruits';
import { leftToLookAt, lookedGrowing } from '@/core/fruit/lookedGrowing';
import { harvested, pickedToEat } from '@/core/fruit/harvested';
import type { LookFinding } from '@/core/journal/kinds/fruit';
import { useStore } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { FruitPicture } from '@/ui/flowers/FruitPicture';
import { factsOf } from '@/core/flowers/forms/forms';
import type { Looks } from '@/core/crops/crop';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { FruitFate } from '@/core/flowers/fruitFate';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE, TOUCH } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { WithUndo } from '../shell/WithUndo';
import { wordsOf } from '../words/forms/forms';
import { sayPlace } from '../words/places';
import { saySeen } from '../words/blooms';
import { fruitName } from './fruitView';
import { lookDays, type LookDays } from './setRateWords';
import { MeasureFruit } from './MeasureFruit';
import { WhereGaps } from './WhereGaps';
import { WhyItFails, type SeenCause } from './WhyItFails';

const ASKS: Readonly<Record<LookStage, string>> = {
  early: 'is it swelling?',
  set: 'is it still growing?',
  kept: 'is it still there and growing?',
};
const DAYS: Readonly<Record<LookStage, (days: LookDays) => string>> = {
  early: ({ early }) => `Day ${early}`,
  set: ({ set }) => `Day ${set}`,
  kept: ({ kept }) => `Day ${kept} and after`,
};

/** What to look for, by what the crop bears. */
const sayWhatToSee = (stage: LookStage, looks: Looks, form: FlowerForm | undefined): string =>
  `${DAYS[stage](lookDays([looks]))}: ${wordsOf(form).asksAt[stage] ?? ASKS[stage]}`;

/** Beside the words of an answer, px. */
const PICTURE = 40;

/** A look at flowers that nobody tells apart: one tap says how many are growing. */
function CountLook({ fruit, named, undo }: Required<LookCardProps>) {
  const f = useFormat();
  const record = useRecord();
  const { journal } = useStore();
  const { bloom, plant, variety, history, count, look } = fruit;
  const left = leftToLookAt(fruit);
  const recordLook = (growing: number): void => record([lookedGrowing(fruit, growing)]);
  return (
    <View style={{ gap: SPACE.s }}>
      {named === 'no' ? null : (
        <>
          {named === 'plant' ? (
            <Text tone="soft">
              {sayPlace(journal, plant)}, {variety.name}
            </Text>
          ) : null}
          <Text variant="strong" live>
            {`${f.count(count, 'flower', 'flowers')} of ${f.shortDay(history.since)}, day ${history.age}`}
          </Text>
        </>
      )}
      {look ? <Text>{sayWhatToSee(look.stage, history.looks, cropOf(variety.crop).flower)}</Text> : null}
      <Text>How many are growing?</Text>
      {left > MOST_BUTTONS ? <CountByStep count={left} onCount={recordLook} /> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {Array.from({ length: left > MOST_BUTTONS ? 0 : left + 1 }, (_, growing) => (
          <Button
            key={growing}
            size="big"
            variant={growing === left ? 'main' : 'plain'}
            title={howMany(growing, left)}
            label={`${howMany(growing, left)}${growing > 0 && growing < left ? ` of ${left}` : ''} growing`}
            onPress={() => recordLook(growing)}
            style={{ flexGrow: 1, minWidth: 72, height: TOUCH.round }}
          />
        ))}
      </View>
      {variety.purpose === 'eat' ? (
        <SomePicked left={left} onPicked={(picked) => record([pickedToEat(bloom.bloom, picked)])} />
      ) : null}
      {undo ? <WithUndo work="fruit" size="big" style={{ flexGrow: 1, height: TOUCH.round }} /> : null}
    </View>
  );
}

/** Those that were picked to eat have set and are gone: they are no failures. */
function SomePicked({
  left,
  onPicked,
}: {
  readonly left: number;
  readonly onPicked: (count: number) => void;
}) {
  const f = useFormat();
  const [count, setCount] = useState<number>();
  if (count === undefined)
    return <Button title="Picked to eat" onPress={() => setCount(1)} style={{ height: TOUCH.round }} />;
  const picked = Math.min(count, left);
  return (
    <View style={{ gap: SPACE.xs }}>
      <Stepper
        label="Picked to eat"
        value={picked}
        least={1}
        most={left}
        onChange={setCount}
        lessLabel="One less was picked"
        moreLabel="One more was picked"
      />
      <Button
        variant="main"
        size="big"
        title={`${f.number(picked)} picked`}
        onPress={() => {
          setCount(undefined);
          onPicked(picked);
        }}
      />
    </View>
  );
}

/** A button for each number is quicker than counting up, as long as they can be seen at once. */
const MOST_BUTTONS = 11;

/** Of many: all of them, less so many. */
function CountByStep({
  count,
  onCount,
}: {
  readonly count: number;
  readonly onCount: (growing: number) => void;
}) {
  const f = useFormat();
  const [growing, setGrowing] = useState(count);
  return (
    <>
      <Stepper
        label={`Growing, of ${f.number(count)}`}
        value={growing}
        most={count}
        onChange={setGrowing}
        lessLabel="One less is growing"
        moreLabel="One more is growing"
      />
      <Button
        variant="main"
        size="big"
        title={`${f.number(growing)} of ${f.number(count)} growing`}
        onPress={() => onCount(growing)}
      />
    </>
  );
}

interface LookCardProps {
  readonly fruit: Fruit;
  /** What is not named on the page already: its plant and itself, itself alone, or nothing. */
  readonly named?: 'plant' | 'tag' | 'no';
  /** Is there no other Undo on the page? */
  readonly undo?: boolean;
}

/** A picture with “shrivelling” beside it: on a very narrow screen one answer stands below the other, px. */
const ANSWER_WIDTH = 150;

/** One look: two taps when it fails (one for a control), one when it grows. */
export function LookCard({ fruit, named = 'plant', undo = true }: LookCardProps) {
  const record = useRecord();
  const { journal } = useStore();
  const [failing, setFailing] = useState<LookFinding>();
  const [locating, setLocating] = useState(false);
  const f = useFormat();
  const { bloom, plant, variety, history, look } = fruit;
  const recordLook = (seen: LookFinding, why?: Partial<SeenCause>): void => {
    setFailing(undefined);
    setLocating(false);
    record([{ kind: 'looked', body: { bloom: bloom.bloom, seen, ...why } }]);
  };
  // A control fails as it should: there is no cause to ask for.
  const recordFailure = history.followed === 'control' ? recordLook : setFailing;
  const answer = { flexGrow: 1, flexBasis: ANSWER_WIDTH, height: TOUCH.round };
  const form = cropOf(variety.crop).flower;
  const gaps = form && factsOf(form).gaps;
  const say = (finding: LookFinding): string => saySeen(finding, cropOf(variety.crop));
  const picture = (fate: FruitFate): ReactNode =>
    form && factsOf(form).fates?.includes(fate) ? (
      <FruitPicture form={form} fate={fate} shape={variety.traits.fruitShape} size={PICTURE} />
    ) : undefined;
  if (fruit.count > 1) return <CountLook fruit={fruit} named={named} undo={undo} />;
  const more = (
    <>
      <MeasureFruit
        fruit={fruit}
        onMeasured={(mm) => record([{ kind: 'looked', body: { bloom: bloom.bloom, seen: 'growing', mm } }])}
      />
      <Button size="big" title={say('unsure')} onPress={() => recordLook('unsure')} style={answer} />
      {variety.purpose === 'eat' ? (
        <Button
          size="big"
          title="Picked to eat"
          onPress={() => record(harvested(bloom.bloom, { use: 'eat', tag: 'there', typical: true }))}
          style={answer}
        />
      ) : null}
    </>
  );
  return (
    <View style={{ gap: SPACE.s }}>
      {named === 'no' ? null : (
        <>
          {named === 'plant' ? (
            <Text tone="soft">
              {sayPlace(journal, plant)}, {variety.name}
            </Text>
          ) : null}
          <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: SPACE.m }}>
            <Text variant="code" live>
              {fruitName(fruit, f)}
            </Text>
            <Text variant="strong">day {history.age}</Text>
          </View>
        </>
      )}
      {look ? <Text>{sayWhatToSee(look.stage, history.looks, form)}</Text> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button
          variant="main"
          size="big"
          title={say('growing')}
          icon={picture('growing')}
          onPress={() => recordLook('growing')}
          style={answer}
        />
        <Button
          size="big"
          title={say('misshapen')}
          icon={picture(gaps?.[0] ?? 'misshapen')}
          onPress={() => (gaps ? setLocating(true) : recordLook('misshapen', { cause: 'partlyPollinated' }))}
          style={answer}
        />
        <Button
          size="big"
          title={say('yellowing')}
          icon={picture('yellowing')}
          onPress={() => recordFailure('yellowing')}
          style={answer}
        />
        <Button
          size="big"
          title={say('gone')}
          icon={picture('gone')}
          onPress={() => recordFailure('gone')}
          style={answer}
        />
      </View>
      {undo ? (
        <WithUndo work="fruit" size="big" style={answer}>
          {more}
        </WithUndo>
      ) : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>{more}</View>
      )}
      <Sheet
        title="What do you see?"
        open={failing !== undefined}
        onClose={() => setFailing(undefined)}
        closeTitle="Close"
      >
        {failing ? (
          <WhyItFails fruit={fruit} finding={failing} onSeen={(seen) => recordLook(failing, seen)} />
        ) : null}
      </Sheet>
      {gaps ? (
        <Sheet
          title="Where are the gaps?"
          open={locating}
          onClose={() => setLocating(false)}
          closeTitle="Close"
        >
          <WhereGaps
            fruit={fruit}
            gaps={gaps}
            onSeen={(signs) => recordLook('misshapen', signs.length > 0 ? { signs } : {})}
          />
        </Sheet>
      ) : null}
    </View>
  );
}

/** What is written on the button. */
const howMany = (growing: number, count: number): string =>
  growing === 0 ? 'None' : growing < count ? String(growing) : count === 1 ? 'One' : `All ${count}`;
