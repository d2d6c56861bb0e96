import { saveNumbers, type ChartNumbers } from '@/data/files/numbers';
import { Button } from '@/ui/parts/Button';

interface SaveNumbersProps {
  /** What the chart shows, in a word or two. */
  readonly what: string;
  readonly table: ChartNumbers;
}

/** The numbers of a chart as a file. */
export function SaveNumbers({ what, table }: SaveNumbersProps) {
  return (
    <Button
      variant="quiet"
      title="Save the numbers"
      label={`Save the numbers: ${what}`}
      onPress={() => void saveNumbers(what.toLowerCase().replaceAll(' ', '-'), table)}
      style={{ alignSelf: 'flex-start', paddingLeft: 0 }}
    />
  );
}
