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
