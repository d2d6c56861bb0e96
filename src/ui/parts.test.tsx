import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { ThemeProvider } from '@rneui/themed';
import { useState, type ReactElement } from 'react';
import { GrowingChart } from './charts/GrowingChart';
import { IntervalBar } from './charts/IntervalBar';
import { PegString } from './charts/PegString';
import { Choice } from './parts/Choice';
import { DayField, INCOMPLETE } from './parts/DayField';
import { Field } from './parts/Field';
import { ListRow } from './parts/ListRow';
import { Sheet } from './parts/Sheet';
import { Stepper } from './parts/Stepper';
import { elementsTheme, PALETTES } from './theme';

const show = (element: ReactElement): ReturnType<typeof render> =>
  render(<ThemeProvider theme={elementsTheme('day')}>{element}</ThemeProvider>);

function Counter({ most }: { readonly most: number }) {
  const [value, setValue] = useState(0);
  return (
    <Stepper
      label="Males"
      value={value}
      most={most}
      onChange={setValue}
      lessLabel="One male less"
      moreLabel="One male more"
    />
  );
}

test('a stepper goes from none to the most, and no further', () => {
  show(<Counter most={2} />);
  const less = screen.getByRole('button', { name: 'One male less' });
  const more = screen.getByRole('button', { name: 'One male more' });
  expect(less).toHaveProperty('disabled', true);
  fireEvent.click(more);
  fireEvent.click(more);
  expect(more).toHaveProperty('disabled', true);
  expect(screen.getByRole('group', { name: 'Males' }).textContent).toContain('2');
  fireEvent.click(less);
  expect(screen.getByRole('group', { name: 'Males' }).textContent).toContain('1');
});

test('its number can be typed: within its limits, and what is no number changes nothing', () => {
  show(<Counter most={40} />);
  const type = (text: string): string | null => {
    fireEvent.click(screen.getByRole('button', { name: /Males: type a number$/ }));
    const field = screen.getByRole('textbox', { name: 'Males' });
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
    return screen.getByRole('button', { name: /type a number$/ }).getAttribute('aria-label');
  };
  expect(type('37')).toBe('37, Males: type a number');
  expect(type('999')).toBe('40, Males: type a number');
  expect(type('some')).toBe('40, Males: type a number');
  expect(type('')).toBe('40, Males: type a number');
  expect(type('0')).toBe('0, Males: type a number');
});

test('a choice names its options, tells which is on, and what is wrong', () => {
  const chosen: string[] = [];
  show(
    <Choice
      label="Rain"
      value="none"
      error="Choose one."
      options={[
        { value: 'none', title: 'Dry' },
        { value: 'long', title: 'Long rain', note: 'all morning' },
      ]}
      onChange={(value) => chosen.push(value)}
    />,
  );
  expect(screen.getByRole('radiogroup', { name: 'Rain' })).toBeTruthy();
  expect(screen.getByRole('radio', { name: 'Dry' }).getAttribute('aria-checked')).toBe('true');
  fireEvent.click(screen.getByRole('radio', { name: 'Long rain' }));
  expect(chosen).toEqual(['long']);
  expect(screen.getByText('Choose one.').getAttribute('aria-live')).toBe('polite');
});

test('a field names its note, and its fault when there is one', () => {
  const { rerender } = show(<Field label="Rows" value="1" note="across" onChange={() => undefined} />);
  const described = (): string | undefined =>
    document.getElementById(screen.getByRole('textbox').getAttribute('aria-describedby') ?? '')
      ?.textContent ?? undefined;
  expect(described()).toBe('across');
  rerender(
    <ThemeProvider theme={elementsTheme('day')}>
      <Field label="Rows" value="x" note="across" error="A number, please." onChange={() => undefined} />
    </ThemeProvider>,
  );
  expect(described()).toBe('A number, please.');
  expect(screen.getByRole('textbox', { name: 'Rows' }).getAttribute('aria-invalid')).toBe('true');
});

test('a line is a link when it leads somewhere, and plain text when not', () => {
  const { unmount } = show(<ListRow title="Files" onPress={() => undefined} selected />);
  expect(screen.getByRole('link', { name: 'Files' }).getAttribute('aria-current')).toBe('true');
  unmount();
  show(<ListRow title="Files" />);
  expect(screen.queryByRole('link')).toBeNull();
});

const circles = (): Element[] => [...Array.from(document.querySelectorAll('circle'))];

test('a string of pegs: those behind are filled, the present one amber, a loss ringed in rust', () => {
  show(<PegString width={300} count={5} at={2} missed={new Set([0])} label="Stop 3 of 5" />);
  expect(screen.getByRole('img', { name: 'Stop 3 of 5' })).toBeTruthy();
  const { amber, ink, rust, ground } = PALETTES.day;
  expect(circles().map((circle) => circle.getAttribute('fill'))).toEqual([
    ground,
    ink,
    amber,
    ground,
    ground,
  ]);
  expect(circles()[0]!.getAttribute('stroke')).toBe(rust);
});

test('a long round is a string filled in part, and a finished one is full', () => {
  const { unmount } = show(
    <PegString width={300} count={400} at={200} missed={new Set()} label="Stop 201 of 400" />,
  );
  const fills = circles().map((circle) => circle.getAttribute('fill'));
  expect(fills).toHaveLength(28);
  expect(fills.indexOf(PALETTES.day.amber)).toBe(14);
  unmount();
  show(<PegString width={300} count={3} at={3} missed={new Set()} label="done" />);
  expect(circles().every((circle) => circle.getAttribute('fill') === PALETTES.day.ink)).toBe(true);
});

test('an interval lies where its figures are, and is left out when there are none', () => {
  const { unmount } = show(<IntervalBar width={216} share={0.5} low={0.25} high={0.75} label="half" />);
  const bar = document.querySelector('rect')!;
  expect([Number(bar.getAttribute('x')), Number(bar.getAttribute('width'))]).toEqual([58, 100]);
  expect(Number(circles()[0]!.getAttribute('cx'))).toBe(108);
  unmount();
  show(<IntervalBar width={216} share={undefined} low={0} high={1} label="none" />);
  expect(document.querySelector('rect')).toBeNull();
});

test('the curve of what grows is a table too', () => {
  show(
    <GrowingChart
      width={300}
      days={[
        { day: 0, low: 1, high: 1 },
        { day: 1, low: 0.5, high: 1 },
      ]}
      lookDays={[1]}
      percent={(share) => `${share * 100} %`}
      label="still growing"
      table={{ head: ['Day', 'Growing'], rows: [['1', '50 to 100 %']] }}
    />,
  );
  const table = screen.getByRole('table', { name: 'still growing' });
  const rows = within(table).getAllByRole('row');
  expect(rows.map((row) => Array.from(row.children, ({ textContent }) => textContent))).toEqual([
    ['Day', 'Growing'],
    ['1', '50 to 100 %'],
  ]);
  expect(within(rows[0]!).getAllByRole('columnheader')).toHaveLength(2);
  expect(screen.getByText('100 %')).toBeTruthy();
});

test('a day that is begun and not ended is neither a day nor none', () => {
  const days: string[] = [];
  show(<DayField label="On which day" value="" onChange={(day) => days.push(day)} />);
  const field = screen.getByLabelText('On which day');
  fireEvent.change(field, { target: { value: '2026-05-12' } });
  Object.defineProperty(field, 'validity', { value: { badInput: true } });
  fireEvent.blur(field);
  expect(days).toEqual(['2026-05-12', INCOMPLETE]);
});

test('a sheet closes when the device asks for it, and asks for nothing once it is shut', () => {
  const watchers = new Set<EventTarget>();
  class Watcher extends EventTarget {
    constructor() {
      super();
      watchers.add(this);
    }
    destroy(): void {
      watchers.delete(this);
    }
  }
  Object.assign(globalThis, { CloseWatcher: Watcher });
  function Opened() {
    const [open, setOpen] = useState(true);
    return (
      <Sheet title="What do you see?" open={open} onClose={() => setOpen(false)} closeTitle="Close">
        {null}
      </Sheet>
    );
  }
  show(<Opened />);
  expect(screen.queryByText('What do you see?')).not.toBeNull();
  act(() => void [...watchers][0]!.dispatchEvent(new Event('close')));
  expect(screen.queryByText('What do you see?')).toBeNull();
  expect(watchers.size).toBe(0);
  Reflect.deleteProperty(globalThis, 'CloseWatcher');
});
