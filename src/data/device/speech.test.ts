import { speak, spoken } from './speech';

test('codes are read letter by letter, plants as row and place', () => {
  expect(spoken('Brush with C1·4, tag K7Q-4M')).toBe('Brush with C1, 4, tag K 7 Q, 4 M');
  expect(spoken('Pick 2 males')).toBe('Pick 2 males');
});

test('where the browser has no voice nothing is said and nothing breaks', () => {
  expect(() => speak('Pick')()).not.toThrow();
});
