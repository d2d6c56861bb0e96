import { useState } from 'react';
import { Button } from '@/ui/parts/Button';
import { Choice } from '@/ui/parts/Choice';
import { Sheet } from '@/ui/parts/Sheet';

interface ChooseOneProps<T extends string> {
  readonly name: string;
  /** Title of its sheet. */
  readonly sheet: string;
  readonly value: T;
  /** `short`: on the button, where that is not the title. */
  readonly options: readonly { readonly value: T; readonly title: string; readonly short?: string }[];
  readonly onChange: (value: T) => void;
}

/** A button that says what is chosen, and lists what else there is. */
export function ChooseOne<T extends string>({ name, sheet, value, options, onChange }: ChooseOneProps<T>) {
  const [open, setOpen] = useState(false);
  const chosen = options.find((option) => option.value === value);
  return (
    <>
      <Button title={`${name}: ${chosen?.short ?? chosen?.title ?? ''}`} onPress={() => setOpen(true)} />
      <Sheet title={sheet} open={open} onClose={() => setOpen(false)} closeTitle="Cancel">
        <Choice<T>
          label={sheet}
          value={value}
          options={options}
          onChange={(each) => {
            onChange(each);
            setOpen(false);
          }}
        />
      </Sheet>
    </>
  );
}
