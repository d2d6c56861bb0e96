import { act, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { Text } from 'react-native';
import { LongList } from './LongList';
import { Scrolling } from './scrolling';

const page = document.createElement('div');

const shown = (count: number): HTMLElement[] => {
  render(
    <Scrolling.Provider value={() => page}>
      <LongList
        items={Array.from({ length: count }, (_, i) => `row ${i}`)}
        keyOf={(row) => row}
        rowHeight={74}
      >
        {(row) => <Text>{row}</Text>}
      </LongList>
    </Scrolling.Provider>,
  );
  return screen.queryAllByRole('listitem');
};

test('of three thousand rows a screenful is drawn, and each says which of how many it is', () => {
  const rows = shown(3000);
  expect(rows.length).toBeGreaterThan(10);
  expect(rows.length).toBeLessThan(40);
  expect(rows[0]!.textContent).toBe('row 0');
  expect([rows[1]!.getAttribute('aria-posinset'), rows[1]!.getAttribute('aria-setsize')]).toEqual([
    '2',
    '3000',
  ]);
  // The page is as long as if all were there.
  expect(rows[0]!.parentElement!.style.height).toBe(`${3000 * 74}px`);
});

test('drawn in one go with what scrolls it, it is there all the same', async () => {
  function Scroller() {
    const scroller = useRef<HTMLDivElement>(null);
    return (
      <Scrolling.Provider value={() => scroller.current}>
        <div ref={scroller}>
          <LongList items={['one', 'two']} keyOf={(row) => row} rowHeight={74}>
            {(row) => <Text>{row}</Text>}
          </LongList>
        </div>
      </Scrolling.Provider>
    );
  }
  render(<Scroller />);
  expect(await screen.findAllByRole('listitem')).toHaveLength(2);
});

test('printed are all of them', () => {
  shown(300);
  act(() => void window.dispatchEvent(new Event('beforeprint')));
  expect(screen.getAllByRole('listitem')).toHaveLength(300);
  act(() => void window.dispatchEvent(new Event('afterprint')));
  expect(screen.getAllByRole('listitem').length).toBeLessThan(40);
});

test('none, and a few', () => {
  expect(shown(0)).toHaveLength(0);
  expect(shown(3)).toHaveLength(3);
});

test('the page stays where it is when the list comes', () => {
  const scrollTo = jest.fn();
  Object.assign(page, { scrollTo, scrollTop: 4000 });
  shown(3000);
  expect(scrollTo).not.toHaveBeenCalled();
  expect(page.scrollTop).toBe(4000);
});
