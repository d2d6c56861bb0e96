import { Choice } from '@/ui/parts/Choice';
import { optionsOf } from '../words/options';
import { PAPER_NAMES } from './paperWords';
import { usePaper } from './usePaper';

/** The paper in the printer. */
export function PaperChoice() {
  const { paper, set } = usePaper();
  return (
    <Choice
      label="Paper"
      row
      value={paper}
      options={optionsOf(PAPER_NAMES)}
      onChange={(to) => set({ paper: to })}
    />
  );
}
