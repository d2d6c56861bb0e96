import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { describedSince, type DescribingKind, type Since } from '@/core/journal/describedSince';
import type { Fact } from '@/core/journal/entry';
import type { Bodies } from '@/core/journal/kinds/kinds';
import { dayAt } from '@/core/time/calendar';
import { useStore } from '@/data/hooks/useGarden';
import { Choice } from '@/ui/parts/Choice';

const SINCE: readonly { readonly value: Since; readonly title: string; readonly note: string }[] = [
  {
    value: 'today',
    title: 'From today',
    note: 'Fruit of earlier flowers is judged by what was so then.',
  },
  {
    value: 'always',
    title: 'It always was: a mistake put right',
    note: 'All its fruit is judged again.',
  },
];

/** Lengths are typed in round feet or metres: what came back as it was shown has not changed. */
const AS_TYPED = 0.01;

/**
 * Is a number still what the form showed of it?
 *
 * @example isAsTyped(2.4, 2.3988) // true: 7.87 feet
 */
export const isAsTyped = (held: number | undefined, typed: number | undefined): boolean =>
  held === typed ||
  (held !== undefined &&
    typed !== undefined &&
    Math.abs(held - typed) <= AS_TYPED * Math.max(1, Math.abs(held)));

/** The question since when it is so, and the fact with its answer. */
export interface AskedSince {
  /** Shown once it is asked. */
  readonly question: ReactNode;
  /**
   * What to record; `undefined` where the question is asked first.
   *
   * @param id of what is described.
   * @param matters is any fruit judged by what changes?
   */
  readonly say: <K extends DescribingKind>(
    kind: K,
    body: Bodies[K],
    id: string,
    matters: boolean,
  ) => Fact | undefined;
}

/** Who tapped *Save* sees what is asked now. */
const intoView = (view: View | null): void =>
  (view as unknown as HTMLElement | null)?.scrollIntoView({ block: 'nearest' });

/** Asks since when something is so that is described again, where fruit is judged by it. */
export function useSince(): AskedSince {
  const { journal, clock, described } = useStore();
  const [asked, setAsked] = useState(false);
  const [since, setSince] = useState<Since>();
  return {
    question: asked ? (
      <View ref={intoView}>
        <Choice
          label="Since when is it so?"
          options={SINCE}
          value={since}
          onChange={setSince}
          {...(since ? {} : { error: 'Choose one.' })}
        />
      </View>
    ) : null,
    say: (kind, body, id, matters) => {
      const isAsked = matters && journal.hasAny('bloom');
      if (isAsked && !since) {
        setAsked(true);
        return undefined;
      }
      const today = dayAt(clock.now(), described?.zone ?? 'UTC');
      const counts = isAsked ? since : matters ? undefined : 'same';
      return describedSince(journal, kind, body, { id, since: counts, today });
    },
  };
}
