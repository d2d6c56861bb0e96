import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import { SEEN_CROPS, type SeenCrop } from '@/core/flowers/kindsOf';
import { cardsOf, type Card } from '@/core/practice/cards';
import {
  afterAnswer,
  mistakesIn,
  nextInDays,
  sittingOf,
  standingOf,
  type PracticeProgress,
} from '@/core/practice/progress';
import { useGarden } from '@/data/hooks/useGarden';
import { usePractice } from '@/data/hooks/usePractice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { CropRows, useCropsHere } from '../identify/CropRows';
import { Page } from '../shell/Page';
import { sayKind } from '../words/flowers';
import { FATES, sayAnswer } from '../words/practice';
import { Sitting } from './Sitting';

/** Practice with drawn flowers: five minutes a day, crop by crop. */
export function PracticeScreen() {
  const { store } = useGarden();
  const [progress, setProgress] = usePractice();
  const [sitting, setSitting] = useState<readonly Card[]>();
  const { crop: wanted } = useLocalSearchParams<{ crop?: string }>();
  const [begun, setBegun] = useState(false);
  if (!progress) return null;
  const now = (): number => store.clock.now();
  const start = (crop: CropId): void => setSitting(sittingOf(cardsOf(crop), progress, now()));
  if (wanted !== undefined && !begun) {
    setBegun(true);
    const crop = SEEN_CROPS.find(({ id }) => id === wanted);
    if (crop) start(crop.id);
  }
  if (sitting) {
    return (
      <Sitting
        cards={sitting}
        seedFrom={Object.values(progress.cards).reduce((sum, { reps }) => sum + reps, 0)}
        onAnswer={(card, answer) => setProgress(afterAnswer(progress, card, answer, now()))}
        onDone={() => setSitting(undefined)}
      />
    );
  }
  return <Choose progress={progress} now={now()} onStart={start} />;
}

interface ChooseProps {
  readonly progress: PracticeProgress;
  readonly now: number;
  readonly onStart: (crop: CropId) => void;
}

/** Crops of the garden and those that were begun, each with how far one is. */
function Choose({ progress, now, onStart }: ChooseProps) {
  const f = useFormat();
  const { crops, showAll } = useCropsHere(({ id }) =>
    cardsOf(id).some((card) => progress.cards[card.id] !== undefined),
  );
  return (
    <Page title="Practice" aside={<Mistakes crops={crops} progress={progress} />}>
      <Text tone="soft" style={{ marginBottom: SPACE.m }}>
        Drawn flowers, another one each time. Five minutes a day are enough: what you miss comes again soon,
        what you know comes later.
      </Text>
      <CropRows
        crops={crops}
        stage="eve"
        note={({ id }) => sayStanding(id, progress, now, f)}
        onChoose={({ id }) => onStart(id)}
        more={{ title: 'Other crops', onPress: showAll }}
      />
    </Page>
  );
}

function sayStanding(id: CropId, progress: PracticeProgress, now: number, f: Format): string {
  const cards = cardsOf(id);
  const { all, seen, known, due } = standingOf(cards, progress, now);
  if (seen === 0) return `${f.count(all, 'thing', 'things')} to tell apart. Not begun.`;
  const far =
    known === 0
      ? `Met ${f.number(seen)} of ${f.number(all)}`
      : known === all
        ? 'You know them all'
        : `You know ${f.number(known)} of ${f.number(all)}`;
  if (due > 0) return `${far}. ${f.number(due)} to look at again now.`;
  if (seen < all) return `${far}. New ones are waiting.`;
  const days = Math.ceil(nextInDays(cards, progress, now) ?? 0);
  return `${far}. Next in ${f.count(days, 'day', 'days')}.`;
}

/** What a card is about, within a sentence. */
function sayWhat(card: Card): string {
  switch (card.exercise) {
    case 'find':
      return 'buds on a plant';
    case 'steps':
      return 'the steps of the morning';
    case 'fate':
      return `a fruitlet, ${FATES[card.answer].seen}`;
    default:
      return sayKind(cropOf(card.crop).flower!, card.kind).toLowerCase();
  }
}

const MAX_MISTAKES = 6;

/** What was taken for what. */
function Mistakes({
  crops,
  progress,
}: {
  readonly crops: readonly SeenCrop[];
  readonly progress: PracticeProgress;
}) {
  const f = useFormat();
  const found = mistakesIn(
    crops.flatMap(({ id }) => cardsOf(id)),
    progress,
  ).slice(0, MAX_MISTAKES);
  if (found.length === 0) return null;
  return (
    <View style={{ marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        What you mix up
      </Text>
      <View role="list">
        {found.map(({ card, answer, times }) => {
          const crop = cropOf(card.crop);
          return (
            <View role="listitem" key={`${card.id}>${answer}`} style={{ paddingVertical: SPACE.xs }}>
              <Text>
                {`${crop.name}, ${sayWhat(card)}: you said “${sayAnswer(answer, crop.flower!)}” ${f.count(times, 'time', 'times')}.`}
              </Text>
            </View>
          );
        })}
      </View>
    </View>
  );
}
