import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { firstSteps, type FirstStep } from '@/core/today/firstSteps';
import { useGarden } from '@/data/hooks/useGarden';
import { useSawCrossing } from '@/data/hooks/useSawCrossing';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';

const GO = { plants: '/garden', crossing: '/garden/crossing' } as const;

/** The first three things to do in a new garden, each ticked off by itself; once flowers were looked at, nothing. */
export function FirstSteps(props: FirstStepsProps) {
  return useGarden().demo ? null : <OwnSteps {...props} />;
}

interface FirstStepsProps {
  /** When the first walk is, in words, and where it begins; missing where nothing that grows needs one. */
  readonly firstWalk: { readonly text: string; readonly to: '/walk' | '/open' } | undefined;
}

function OwnSteps({ firstWalk }: FirstStepsProps) {
  const router = useRouter();
  const f = useFormat();
  const { store } = useGarden();
  const saw = useSawCrossing();
  const steps = saw === undefined ? undefined : firstSteps(store.journal, saw);
  if (!steps) return null;
  return (
    <View style={{ marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        First steps
      </Text>
      {steps.steps.map((step) => {
        if (step === 'walk' && !firstWalk) return null;
        const done = steps.done.includes(step);
        const { title, note } = sayStep(step, steps.plants, firstWalk?.text ?? '', f);
        return (
          <ListRow
            key={step}
            glyph={<Glyph name={done ? 'done' : 'todo'} size={28} label={done ? 'Done' : 'To do'} />}
            title={title}
            note={note}
            onPress={() => router.push(step === 'walk' ? firstWalk!.to : GO[step])}
          />
        );
      })}
    </View>
  );
}

function sayStep(
  step: FirstStep,
  plants: number,
  firstWalk: string,
  f: Format,
): { readonly title: string; readonly note: string } {
  switch (step) {
    case 'plants':
      return plants > 0
        ? { title: 'Plants on the plan', note: `${f.count(plants, 'plant', 'plants')}. Add the others.` }
        : { title: 'Put plants on the plan', note: 'From your list or spreadsheet, or bed by bed.' };
    case 'crossing':
      return { title: 'See what endangers what', note: 'Which varieties cross, and what to do about it.' };
    case 'walk':
      return { title: 'First walk', note: firstWalk };
  }
}
