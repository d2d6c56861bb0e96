import { useEffect, useRef, useState, useSyncExternalStore, type ReactNode } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { Part } from '@/core/crops/crop';
import { factsOf } from '@/core/flowers/forms/forms';
import type { Stop } from '@/core/journal/kinds/stops';
import type { Round, Variety } from '@/core/journal/state';
import { bloomsAt } from '@/core/round/operations/operations';
import { speak } from '@/data/device/speech';
import { vibrate } from '@/data/device/vibration';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { FruitPicture } from '@/ui/flowers/FruitPicture';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE, TOUCH } from '@/ui/theme';
import { placeParts } from '../../words/places';
import { useKeys } from '../../shell/useKeys';
import { DoneFoot } from '../../shell/WithUndo';
import { Page } from '../../shell/Page';
import { useLow, useNarrow, useWide } from '../../shell/useWide';
import { PlantWarnings } from '../../shell/PlantHeading';
import { WayToStop } from '../RoundPlanStrip';
import type { TapGuard } from '../tapGuard';
import { UnsureButton } from '../../identify/UnsureButton';
import { BloomPicture } from './BloomPicture';
import { Steps } from './Steps';

export interface StopProps {
  readonly round: Round;
  readonly at: number;
  readonly variety: Variety | undefined;
  readonly guard: TapGuard;
  readonly head: ReactNode;
}

export interface Exception {
  readonly title: string;
  readonly onPress: () => void;
}

export interface StopCardProps extends StopProps {
  readonly stop: Stop;
  /** What is done here, for the drawing and for screen readers. */
  readonly sex: 'female' | 'male';
  /** What is followed, where it is no single flower. */
  readonly part?: Part;
  readonly covered: boolean;
  /** Is the work about fruit, and no flower? */
  readonly fruit?: true;
  readonly says: string;
  readonly children: ReactNode;
  readonly exceptions: readonly Exception[];
  /** What stands on the card itself; with gloves it is among the exceptions, too. */
  readonly onCard?: readonly Exception[];
  readonly done: { readonly title: string; readonly onPress: () => void };
}

const FRUIT = 104;

/** Exceptions stand three in a row; of more than six the last four share one, which have the shorter names. */
const sharesRow = (i: number, count: number): boolean => count > 6 && i >= count - 4;

/** The card of one stop: place, flower, work, route; exceptions and Done always in the same place. */
export function StopCard(props: StopCardProps) {
  const {
    stop,
    round,
    at,
    variety,
    guard,
    head,
    sex,
    part = 'flower',
    covered,
    fruit,
    says,
    children,
    exceptions,
    onCard = [],
    done,
  } = props;
  const { journal } = useGarden().store;
  const wide = useWide();
  const form = variety && cropOf(variety.crop).flower;
  const plant = journal.all('plant').get(stop.plant);
  const { where, number } = placeParts(journal, plant);
  const title = useRef<View>(null);
  useEffect(() => {
    // After Done the next stop is read out and the keyboard starts from it.
    (title.current as unknown as HTMLElement | null)?.focus();
  }, []);
  const press = (action: () => void) => () => {
    if (guard.accepts()) action();
  };
  const { largeButtons = false, speech = false, vibration = true } = useDevice().settings;
  const aloud = `${where} ${number}. ${says}`;
  useEffect(() => (speech ? speak(aloud) : undefined), [speech, aloud]);
  const finish = press(() => {
    if (vibration) vibrate();
    done.onPress();
  });
  useKeys({
    ...Object.fromEntries(exceptions.map(({ onPress }, i) => [`${i + 1}`, press(onPress)])),
    Enter: ({ target }) => {
      const onButton = target instanceof HTMLElement && target.closest('button,[role=button],a') !== null;
      if (!onButton) finish();
    },
  });
  return (
    <Page
      title={says}
      heading={false}
      over={head}
      aside={wide ? <WayToStop round={round} at={at} maxHeight={460} /> : undefined}
      foot={
        <Guarded guard={guard}>
          {largeButtons ? (
            <SomethingElse exceptions={[...exceptions, ...onCard]} press={press} />
          ) : (
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
              {exceptions.map((exception, i) => (
                <Button
                  key={exception.title}
                  title={exception.title}
                  onPress={press(exception.onPress)}
                  style={{
                    flexBasis: sharesRow(i, exceptions.length) ? '22%' : '30%',
                    flexGrow: 1,
                    height: TOUCH.round,
                  }}
                />
              ))}
            </View>
          )}
          <DoneFoot work="round" title={done.title} onPress={finish} large={largeButtons} />
        </Guarded>
      }
    >
      <View style={{ flexDirection: 'row', gap: SPACE.s, marginTop: SPACE.s }}>
        <View
          ref={title}
          tabIndex={-1}
          role="heading"
          aria-level={1}
          aria-label={says}
          style={{ flex: 1, outlineWidth: 0 }}
        >
          <Text tone="soft">{where}</Text>
          <Text variant="huge">{number}</Text>
          <Text variant="stop">{variety?.name ?? ''}</Text>
        </View>
        <UnsureButton plant={stop.plant}>
          {fruit && form && factsOf(form).fates ? (
            <FruitPicture
              form={form}
              fate="growing"
              shape={variety?.traits.fruitShape}
              size={FRUIT}
              label="Fruit"
            />
          ) : (
            <BloomPicture
              variety={variety}
              sex={sex}
              part={part}
              bloom={bloomsAt(stop)[0]}
              covered={covered}
            />
          )}
        </UnsureButton>
      </View>
      <Steps round={round} stop={stop} />
      <PlantWarnings plant={plant} />
      {children}
      <View aria-live="polite" style={{ position: 'absolute', width: 1, height: 1, overflow: 'hidden' }}>
        <Text>{says}</Text>
      </View>
      {wide ? null : <WayToStop round={round} at={at} maxHeight={128} />}
    </Page>
  );
}

interface SomethingElseProps {
  readonly exceptions: readonly Exception[];
  readonly press: (action: () => void) => () => void;
}

/** With gloves one large button leads to the exceptions, a row each. */
function SomethingElse({ exceptions, press }: SomethingElseProps) {
  const [open, setOpen] = useState(false);
  const [narrow, low] = [useNarrow(), useLow()];
  const small = narrow || low;
  if (exceptions.length === 0) return null;
  return (
    <>
      <Button title="Something else" size={small ? 'big' : 'huge'} onPress={press(() => setOpen(true))} />
      <Sheet title="What was it?" open={open} onClose={() => setOpen(false)} closeTitle="Cancel">
        {exceptions.map(({ title, onPress }) => (
          <Button
            key={title}
            title={title}
            size="huge"
            onPress={() => {
              setOpen(false);
              onPress();
            }}
          />
        ))}
      </Sheet>
    </>
  );
}

/** What can be tapped at a stop; for a moment it says that it takes nothing. */
function Guarded({ guard, children }: { readonly guard: TapGuard; readonly children: ReactNode }) {
  const accepts = useSyncExternalStore(guard.subscribe, guard.accepts);
  return (
    <View role="group" aria-label="What was done" aria-disabled={!accepts} style={{ gap: SPACE.s }}>
      {children}
    </View>
  );
}
