import { fireEvent, render, screen } from '@testing-library/react';
import { useKeys } from './useKeys';

const heard: string[] = [];
const ACTIONS = {
  u: () => heard.push('undo'),
  'Shift+u': () => heard.push('redo'),
  '?': () => heard.push('sheet'),
  '1': () => heard.push('first'),
};

function Listening() {
  useKeys(ACTIONS);
  return <input aria-label="field" />;
}

beforeEach(() => {
  heard.length = 0;
});

test('a letter and the same with Shift differ; signs and digits are heard with Shift or without', () => {
  render(<Listening />);
  for (const key of [
    { key: 'u' },
    { key: 'U', shiftKey: true },
    { key: '?' },
    { key: '?', shiftKey: true },
    { key: '1' },
    { key: '1', shiftKey: true },
  ])
    fireEvent.keyDown(window, key);
  expect(heard).toEqual(['undo', 'redo', 'sheet', 'sheet', 'first', 'first']);
});

test('nothing is heard while typing, with another modifier, or once gone', () => {
  const { unmount } = render(<Listening />);
  fireEvent.keyDown(screen.getByLabelText('field'), { key: 'u' });
  fireEvent.keyDown(window, { key: 'u', ctrlKey: true });
  unmount();
  fireEvent.keyDown(window, { key: 'u' });
  expect(heard).toEqual([]);
});

test('while a cell of a grid is chosen its letters are the cell’s', () => {
  render(<Listening />);
  const cell = document.createElement('div');
  cell.className = 'dsg-active-cell';
  document.body.append(cell);
  fireEvent.keyDown(window, { key: 'u' });
  expect(heard).toEqual([]);
  cell.remove();
  fireEvent.keyDown(window, { key: 'u' });
  expect(heard).toEqual(['undo']);
});
