import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { SeenCrop } from '@/core/flowers/kindsOf';
import type { SignId } from '@/core/flowers/signs/sign';
import { answersTo, type Answer, type Card, type Finding } from '@/core/practice/cards';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE, TOUCH } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { useKeys } from '../shell/useKeys';
import { describe } from '../words/flowers';
import { sayAnswer, sayQuestion, tellingOf } from '../words/practice';
import { ExerciseDrawing, showsFace } from './ExerciseDrawing';

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
  const face = showsFace(card, seed);
  const telling = tellingOf(card, face);
  return (
    <Page
      title={sayQuestion(card)}
      over={
        <View style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Text tone="soft" style={{ flex: 1 }}>
            {`${crop.name} · ${f.number(at + 1)} of ${f.number(cards.length)}`}
          </Text>
          <Button variant="quiet" size="small" title="Stop" label="Stop practising" onPress={onDone} />
        </View>
      }
      foot={
        given === undefined ? (
          <View style={{ flexDirection: 'row', gap: SPACE.s }}>
            {answers.map((value) => (
              <Button
                key={value}
                title={sayAnswer(value, crop.flower!)}
                onPress={() => answer(value)}
                style={{ flex: 1, height: TOUCH.round }}
              />
            ))}
          </View>
        ) : (
          <Button variant="main" size="big" title="Next" onPress={next} />
        )
      }
    >
      <View style={{ alignItems: 'center' }}>
        <ExerciseDrawing
          card={card}
          seed={seed}
          face={face}
          size={330}
          described={describeCard(card, face)}
          {...(given !== undefined && { mark: telling.part })}
        />
      </View>
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

const FROM_SIDE: readonly SignId[] = [
  'under',
  'stalkLength',
  'size',
  'colour',
  'tip',
  'organ',
  'branches',
  'hangingAnthers',
  'silk',
  'petals',
];

/** For who cannot see the drawing: what it shows, not what it is. */
function describeCard({ crop: id, kind, exercise, finding }: Card, face: boolean): string {
  const crop = cropOf(id) as SeenCrop;
  if (face) return describe(crop, kind, ['inside']);
  const found = exercise === 'seed' && finding ? ` ${FOUND[finding]}` : '';
  return describe(crop, kind, FROM_SIDE) + found;
}

const FOUND: Readonly<Record<Finding, string>> = {
  covered: 'Its cover is intact.',
  uncovered: 'It has no cover.',
  hole: 'Its cover is intact. There is a hole at its base.',
  slipped: 'Its cover hangs at its side.',
  faded: 'It has no cover.',
};
