import type { Crop } from '@/core/crops/catalogue';
import { COVER_METHODS } from '@/core/journal/kinds/walk';
import { Text } from '@/ui/parts/Text';
import { useFormat } from '../format/useFormat';
import { How } from '../shell/How';
import { COVER_TITLES, sayRoutine } from '../words/guide';
import type { HowTo } from '../words/forms/form';
import { howToCover, howToPick, howToPollinate } from '../words/howTo';
import { Section } from './Section';

interface Work {
  readonly title: string;
  readonly how: HowTo;
}

/** The work at a flower, step by step, each folded away. */
function workOf(crop: Crop): Work[] {
  const { protocols, parts } = crop;
  const guarded = protocols.seed ?? protocols.cross;
  const perfect = crop.habit === 'perfect';
  const by = guarded?.cover?.by;
  const covers = by
    ? [by.bearing, ...(by.male ? [by.male] : [])]
    : COVER_METHODS.filter((each) => crop.covers.some((own) => own === each));
  return [
    ...(guarded?.cover && protocols.cross && perfect
      ? [{ title: 'Emasculate the mother', how: howToCover('bag', true) }]
      : []),
    ...(guarded?.cover
      ? covers.map((cover) => ({
          title: COVER_TITLES[cover],
          how: howToCover(cover, false),
        }))
      : []),
    ...(guarded ? [{ title: parts?.male ? 'Bring in the pollen' : 'Get pollen', how: howToPick(crop) }] : []),
    ...(guarded
      ? [
          {
            title: protocols.cross && perfect ? 'Pollinate for a cross' : 'Pollinate',
            how: howToPollinate(crop, true),
          },
        ]
      : []),
    ...(protocols.self && !guarded?.cover
      ? [{ title: COVER_TITLES.bag, how: howToCover('bag', false) }]
      : []),
    ...(protocols.self
      ? [{ title: 'Keep a flower to its own pollen', how: howToPollinate(crop, true, true) }]
      : []),
  ];
}

export function HowItIsDone({ crop }: { readonly crop: Crop }) {
  const f = useFormat();
  const work = workOf(crop);
  if (work.length === 0 && !crop.routine) return null;
  return (
    <Section title="How it is done">
      {crop.routine ? <Text>{sayRoutine(crop, f)}</Text> : null}
      {work.map(({ title, how }) => (
        <How key={title} how={how} of={title}>
          <Text variant="strong">{title}</Text>
        </How>
      ))}
    </Section>
  );
}
