import { useState } from 'react';
import { cropOf } from '@/core/crops/catalogue';
import { usualSize } from '@/core/fruit/growth';
import type { Fruit } from '@/core/fruit/fruits';
import { MM_PER_INCH } from '@/core/text/units';
import { Button } from '@/ui/parts/Button';
import { reachFor, Ruler } from '@/ui/parts/Ruler';
import { MM_PER_CM } from '@/ui/parts/rulerTicks';
import { Sheet } from '@/ui/parts/Sheet';
import { useFormat } from '../format/useFormat';
import { WithWidth } from '../shell/WithWidth';
import { MEASURES } from '../words/growth';

interface MeasureFruitProps {
  readonly fruit: Fruit;
  readonly onMeasured: (mm: number) => void;
}

/** How large a growing fruit is: a tap on a drawn ruler, and one to save. */
export function MeasureFruit({ fruit, onMeasured }: MeasureFruitProps) {
  const { growth } = cropOf(fruit.variety.crop);
  const [open, setOpen] = useState(false);
  if (!growth || fruit.count > 1) return null;
  return (
    <>
      <Button
        size="big"
        title="Growing, measure it"
        onPress={() => setOpen(true)}
        style={{ flexGrow: 1, flexBasis: '45%', minHeight: 64 }}
      />
      <Sheet
        title={MEASURES[growth.measured].asks}
        open={open}
        onClose={() => setOpen(false)}
        closeTitle="Cancel"
      >
        {open ? (
          <Measuring
            start={startOf(fruit, growth)}
            onMeasured={(mm) => {
              setOpen(false);
              onMeasured(mm);
            }}
          />
        ) : null}
      </Sheet>
    </>
  );
}

/** Where the ruler begins: its last size, else what is usual on its day. */
function startOf(
  { bloom, history }: Fruit,
  growth: NonNullable<ReturnType<typeof cropOf>['growth']>,
): number {
  const last = bloom.looks.findLast(({ mm }) => mm !== undefined)?.mm;
  return last ?? Math.round(usualSize(growth, history.age));
}

function Measuring({
  start,
  onMeasured,
}: {
  readonly start: number;
  readonly onMeasured: (mm: number) => void;
}) {
  const f = useFormat();
  const [mm, setMm] = useState<number>();
  const [reach, setReach] = useState(reachFor(1.2 * start));
  return (
    <WithWidth>
      {(width) => (
        <>
          <Ruler
            width={width}
            value={mm}
            start={start}
            onChange={setMm}
            whole={f.unit.length === 'm' ? MM_PER_CM : MM_PER_INCH}
            size={f.size}
            reach={reach}
            onReach={setReach}
          />
          <Button
            variant="main"
            size="big"
            title={mm === undefined ? 'Growing' : `Growing, ${f.size(mm)}`}
            disabled={mm === undefined}
            onPress={() => mm !== undefined && onMeasured(mm)}
          />
        </>
      )}
    </WithWidth>
  );
}
