import { begin } from '@testing/yard';
import { levelNames } from './levelNames';

test('varieties, plants and named phones by their names; phones that never gave a tag are told apart', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1'] }]);
  phone.say('2026-07-01T05:00:00Z', { kind: 'device.named', body: { letter: 'K', name: 'Device K' } });
  const nameOf = levelNames(phone.journal, [phone.device, 'y', 'x']);
  expect(['v', phone.device, 'x', 'y'].map(nameOf)).toEqual([
    phone.journal.all('variety').get('v')!.name,
    'Device K',
    'Phone without a name 1',
    'Phone without a name 2',
  ]);
  expect(nameOf('p1')).toMatch(/·1$/u);
  expect(levelNames(phone.journal, ['x'])('x')).toBe('Phone without a name');
});
