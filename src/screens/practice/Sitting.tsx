import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import { answersTo, type Answer, type Card } from '@/core/practice/cards';
import { FruitPicture } from '@/ui/flowers/FruitPicture';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE, TOUCH } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { useKeys } from '../shell/useKeys';
import { FATES, sayAnswer, sayQuestion, tellingOf } from '../words/practice';
import { describeCard } from './describeCard';
import { ExerciseDrawing, showsFace } from './ExerciseDrawing';
import { FindBuds } from './FindBuds';
import { OrderSteps } from './OrderSteps';

export interface SittingProps {
  readonly cards: readonly Card[];
  /** Where the drawings' variation begins, so that they are not those of last time. */
  readonly seedFrom: number;
  readonly onAnswer: (card: Card, answer: Answer) => void;
  readonly onDone: () => void;
}

/** Card after card: a drawing, a question, and after the answer the sign that tells, on the drawing. */
export function Sitting({ cards, seedFrom, onAnswer, onDone }: SittingProps) {
  const f = useFormat();
  const [first] = useState(seedFrom);
  const [at, setAt] = useState(0);
  const [given, setGiven] = useState<Answer>();
  const [right, setRight] = useState(0);
  const [inWords, setInWords] = useState(false);
  const card = cards[at];
  const answers = card ? answersTo(card) : [];
  const answer = (value: Answer): void => {
    if (!card || given !== undefined) return;
    setGiven(value);
    if (value === card.answer) setRight(right + 1);
    onAnswer(card, value);
  };
  const next = (): void => {
    setGiven(undefined);
    setAt(at + 1);
  };
  useKeys(Object.fromEntries(answers.map((value, i) => [`${i + 1}`, () => answer(value)])));
  if (!card) {
    return (
      <Page
        title="Done for now"
        foot={<Button variant="main" size="big" title="Back to practice" onPress={onDone} />}
      >
        <Text variant="stop">
          {cards.length === 0
            ? 'Nothing is due here today. Come back tomorrow, or take another crop.'
            : `${f.number(right)} of ${f.number(cards.length)} right.`}
        </Text>
        {right < cards.length ? (
          <Text style={{ marginTop: SPACE.m }}>What you missed comes again soon.</Text>
        ) : null}
      </Page>
    );
  }
  const crop = cropOf(card.crop);
  const seed = first * 7 + at;
  const over = (
    <View style={{ flexDirection: 'row', alignItems: 'center' }}>
      <Text tone="soft" style={{ flex: 1 }}>
        {`${crop.name} · ${f.number(at + 1)} of ${f.number(cards.length)}`}
      </Text>
      <Button variant="quiet" size="small" title="Stop" label="Stop practising" onPress={onDone} />
    </View>
  );
  if (card.exercise === 'find')
    return <FindBuds key={at} card={card} seed={seed} over={over} onAnswer={answer} onNext={next} />;
  if (card.exercise === 'steps')
    return <OrderSteps key={at} card={card} seed={seed} over={over} onAnswer={answer} onNext={next} />;
  const face = card.exercise !== 'fate' && showsFace(card, seed);
  const telling = card.exercise === 'fate' ? FATES[card.answer] : tellingOf(card, face);
  const mark = given === undefined ? {} : { mark: telling.part };
  const described =
    card.exercise === 'fate' ? `A fruitlet, ${FATES[card.answer].seen}.` : describeCard(card, face);
  return (
    <Page
      title={sayQuestion(card)}
      over={over}
      foot={
        given === undefined ? (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            {answers.map((value) => (
              <Button
                key={value}
                title={sayAnswer(value, crop.flower!)}
                onPress={() => answer(value)}
                style={{ flexGrow: 1, flexBasis: answers.length > 3 ? '45%' : '30%', height: TOUCH.round }}
              />
            ))}
          </View>
        ) : (
          <Button variant="main" size="big" title="Next" onPress={next} />
        )
      }
    >
      <View style={{ alignItems: 'center' }}>
        {card.exercise === 'fate' ? (
          <FruitPicture form={crop.flower!} fate={card.answer} size={PICTURE} label={described} {...mark} />
        ) : (
          <ExerciseDrawing
            card={card}
            seed={seed}
            face={face}
            size={PICTURE}
            described={described}
            {...mark}
          />
        )}
      </View>
      {inWords ? <Text>{described}</Text> : null}
      <Button
        variant="quiet"
        title={inWords ? 'Hide the words' : 'What is to be seen, in words'}
        onPress={() => setInWords(!inWords)}
      />
      {given === undefined ? null : (
        <View aria-live="polite" style={{ marginTop: SPACE.s }}>
          <Text variant="strong" tone={given === card.answer ? 'leaf' : 'rust'}>
            {given === card.answer ? 'Right.' : `No: ${sayAnswer(card.answer, crop.flower!).toLowerCase()}.`}
          </Text>
          <Text>{telling.text}</Text>
        </View>
      )}
    </Page>
  );
}

const PICTURE = 330;
