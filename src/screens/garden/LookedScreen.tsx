import { useLocalSearchParams, useRouter } from 'expo-router';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import { looksAround, type LookAround } from '@/core/planning/looksAround';
import { eitherWay, useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormDay, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { usePlan, type PlanOfGarden } from './usePlan';

interface Typed {
  readonly crop: CropId | undefined;
  readonly metres: string;
  readonly day: string;
}
type Checked = { readonly crop: CropId; readonly metres: number; readonly day: string };

/** How far somebody looked around for what crosses, and on which day: what nobody looked for is not known. */
export function LookedScreen() {
  const view = usePlan();
  const asked = useLocalSearchParams<{ crop?: string; metres?: string; day?: string }>();
  if (!view) return null;
  const looks = looksAround(view.plan.question, view.today);
  if (looks.length === 0)
    return (
      <EmptyPage
        title="How far you looked"
        text="Nothing on the plan needs a distance from anything else. Once something is grown for seed, this page keeps how far you looked for what crosses with it."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  return <LookedForm view={view} looks={looks} asked={asked} />;
}

interface LookedFormProps {
  readonly view: PlanOfGarden;
  readonly looks: readonly LookAround[];
  readonly asked: { readonly crop?: string; readonly metres?: string; readonly day?: string };
}

function LookedForm({ view, looks, asked }: LookedFormProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const first = looks.find(({ crop }) => crop === asked.crop) ?? (looks.length === 1 ? looks[0] : undefined);
  const needed = Math.max(Number(asked.metres ?? 0) || 0, first?.requiredMetres ?? 0);
  const { control, handleSubmit, setError } = useCheckedForm<Typed, Checked>('looked', {
    crop: first?.crop,
    metres: needed > 0 ? f.typedLength(needed) : '',
    day: asked.day ?? view.today,
  });
  const crop = useWatch({ control, name: 'crop' });
  const chosen = looks.find((each) => each.crop === crop);
  const save = handleSubmit(({ crop: of, metres, day }) => {
    if (day > view.today) {
      setError('day', { message: 'That day has not come yet.' });
      return;
    }
    record(
      [{ kind: 'surroundings.looked', body: { crops: [of], metres, day } }],
      eitherWay(() => {
        // Whoever came from a fruit goes back to it.
        if (asked.day !== undefined && router.canGoBack()) router.back();
        else router.replace('/garden/crossing');
      }),
    );
  });
  return (
    <Page
      title="How far you looked"
      foot={<Button variant="main" size="big" title="Nothing else grows there" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <Text>
          Seed that was not covered is only as sure as what is known of the land around it. Whatever you found
          that crosses goes on the plan first; then say how far you looked.
        </Text>
        <Button
          title="Add what grows nearby"
          onPress={() => router.push('/garden/outside')}
          style={{ alignSelf: 'flex-start' }}
        />
        <FormChoice
          control={control}
          name="crop"
          label="For what crosses with"
          options={looks.map((look) => ({
            value: look.crop,
            title: cropOf(look.crop).name,
            note: sayLookAround(look, f),
          }))}
        />
        <FormField
          control={control}
          name="metres"
          label={`How far from the beds, ${f.unit.length}`}
          numeric
        />
        {chosen ? (
          <Text variant="small" tone="soft">{`${f.length(chosen.requiredMetres)} are enough.`}</Text>
        ) : null}
        <FormDay control={control} name="day" label="On which day" />
        <Text variant="small" tone="soft">
          A look counts for flowers of six weeks before it and after it.
        </Text>
      </View>
    </Page>
  );
}

/** How far somebody looked for what crosses with a crop. */
export function sayLookAround({ looked, isFar, requiredMetres }: LookAround, f: Format): string {
  if (!looked) return `Nobody has looked as far as ${f.length(Math.ceil(requiredMetres))}.`;
  const found = `Looked as far as ${f.length(looked.metres)}, ${f.shortDay(looked.day)}.`;
  return isFar ? found : `${found} It takes ${f.length(requiredMetres)}.`;
}
