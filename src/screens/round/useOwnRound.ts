import type { Round } from '@/core/journal/state';
import { useDraft } from '@/data/hooks/useDraft';

/** Who walks which round is a matter of this device: the other phone walks another one. */
export interface OwnRound {
  /** `unknown` until it has been read; `notChosen` where there are several and nobody has said which. */
  readonly own: Round | 'unknown' | 'notChosen' | undefined;
  readonly choose: (split: string, person: number) => void;
}

interface Choice {
  readonly split: string;
  readonly person: number;
}

const NONE: Choice = { split: '', person: 0 };

/** Of the rounds of an outing the one that is walked with this device. */
export function useOwnRound(rounds: readonly Round[]): OwnRound {
  const [choice, setChoice] = useDraft<Choice>('own-round', NONE);
  const choose = (split: string, person: number): void => setChoice({ split, person });
  const share = rounds[0]?.share;
  if (!share) return { own: rounds[0], choose };
  if (!choice) return { own: 'unknown', choose };
  const own =
    choice.split === share.split ? rounds.find((each) => each.share?.person === choice.person) : undefined;
  return { own: own ?? 'notChosen', choose };
}
