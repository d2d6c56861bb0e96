import { controlsOf, type Controls } from '@/core/fruit/controls';
import { isF1, lotDescent, type Descent } from '@/core/seed/descent';
import { germinationTests, type GerminationTest } from '@/core/seed/germination';
import { judgeLotInSteps, type JudgedLot } from '@/core/seed/judgedLot';
import { generationsOf, lotParents, type Generations, type LotParents } from '@/core/seed/lotParents';
import { inbreedingOfLot, lotPedigree, type LotInbreeding, type Pedigree } from '@/core/seed/pedigree';
import { grownOut, type GrownOut } from '@/core/seed/grownOut';
import { markerOf } from '@/core/seed/marker';
import { jobOf, type LotJob } from '@/core/seed/seedJobs';
import { seedLot, type SeedLot } from '@/core/seed/seedLot';
import { dayAt } from '@/core/time/calendar';
import type { InSteps } from '@/core/time/inSteps';
import type { Day } from '@/core/time/types';
import { lotContents } from '@/core/seed/lotContents';
import { useView } from '@/data/hooks/useView';
import { useViewInSteps, type ViewOf } from '@/data/hooks/useViewInSteps';

/** A lot as its page shows it. */
export interface LotView {
  readonly lot: SeedLot;
  readonly today: Day;
  readonly descent: Descent;
  readonly parents: LotParents;
  readonly generations: Generations;
  readonly pedigree: Pedigree;
  readonly grownOut: GrownOut | undefined;
  /** Of an F1: what its plants should show that the mother does not. */
  readonly marker: string | undefined;
  /** Of an F1: flowers of its mother's variety that were left without pollen. */
  readonly controls: Controls | undefined;
  readonly inbreeding: LotInbreeding | undefined;
  readonly tests: readonly GerminationTest[];
  /** What is to be done with it next. */
  readonly job: LotJob | undefined;
}

/** `undefined` where no such lot was begun here. */
export const useLot = (id: string): LotView | undefined =>
  useView<LotView | null>('lot', [id], ({ store: { journal }, garden, now }) => {
    const raw = journal.all('lot').get(id);
    const lot = raw && seedLot(journal, raw);
    if (!lot) return null;
    const today = dayAt(now, garden.zone);
    const descent = lotDescent(journal, id);
    return {
      lot,
      today,
      descent,
      controls: isF1(descent) ? controlsOf(journal, descent.mother, garden.zone) : undefined,
      parents: lotParents(journal, id),
      generations: generationsOf(journal, id),
      pedigree: lotPedigree(journal, id),
      grownOut: grownOut(journal, id),
      marker: markerOf(journal, descent),
      inbreeding: inbreedingOfLot(journal, id),
      tests: lot.crop ? germinationTests(raw, lot.crop) : [],
      job: jobOf(journal, lot),
    };
  }) ?? undefined;

/** Judged fruit by fruit, while the page has nothing better to do; `undefined` until then. */
export const useJudgedLot = ({ lot }: SeedLot): JudgedLot | undefined => useViewInSteps(judgedLot, lot);

const judgedLot = ({ store: { journal }, garden }: ViewOf, lot: string): InSteps<JudgedLot> =>
  judgeLotInSteps(journal, garden, lotContents(journal, lot).contents);
