import { render, screen } from '@testing-library/react';
import { Text } from 'react-native';
import { WithWidth } from './WithWidth';

test('the width is known before the first picture, so that nothing blinks', () => {
  Object.defineProperty(HTMLElement.prototype, 'offsetWidth', { configurable: true, value: 390 });
  render(<WithWidth>{(width) => <Text>{`${width} wide`}</Text>}</WithWidth>);
  expect(screen.getByText('390 wide')).toBeTruthy();
});

test('where there is no room nothing is drawn', () => {
  Object.defineProperty(HTMLElement.prototype, 'offsetWidth', { configurable: true, value: 0 });
  render(<WithWidth>{(width) => <Text>{`${width} wide`}</Text>}</WithWidth>);
  expect(screen.queryByText(/wide/)).toBeNull();
});

test('what spans the column of a phone is drawn at once, without measuring', () => {
  window.matchMedia = () => ({ matches: false }) as MediaQueryList;
  Object.defineProperty(document.documentElement, 'clientWidth', { configurable: true, value: 390 });
  const measure = jest.fn(() => 1);
  Object.defineProperty(HTMLElement.prototype, 'offsetWidth', { configurable: true, get: measure });
  render(<WithWidth ofColumn>{(width) => <Text>{`${width} wide`}</Text>}</WithWidth>);
  expect(screen.getByText('350 wide')).toBeTruthy();
  expect(measure).not.toHaveBeenCalled();
});
