import { extracted, growSeedFruit } from '@testing/seedFruit';
import { begin, YARD } from '@testing/yard';
import { Journal } from '../../journal/journal';
import { rowsOf } from './tables';

test('a lot is a row: passport fields, its parents, its purity and its germination', () => {
  const phone = begin([
    { variety: 'a', crop: 'pepo', plants: ['a1', 'a2'] },
    { variety: 'b', crop: 'pepo', plants: ['b1'] },
  ]);
  growSeedFruit(phone, { bloom: 'l', plant: 'a1', fathers: ['a2'], day: '2026-07-19', picked: '2026-09-20' });
  growSeedFruit(phone, { bloom: 'x', plant: 'a2', fathers: ['b1'], day: '2026-07-21', picked: '2026-09-20' });
  phone.say(
    '2026-10-20T09:00:00Z',
    extracted('line', '2026-10-20', [{ bloom: 'l' }]),
    extracted('cross', '2026-10-21', [{ bloom: 'x', seeds: 80 }]),
    {
      kind: 'lot.received',
      body: { lot: 'old', name: 'Old jar', variety: 'b', source: 'swapped', day: '2026-03-01', year: 2021 },
    },
    {
      kind: 'lot.described',
      body: { lot: 'line', name: 'Line', place: 'Tin', store: 'fridge', note: 'big' },
    },
    { kind: 'germination.begun', body: { lot: 'line', test: 't', day: '2026-12-01', seeds: 10 } },
    {
      kind: 'germination.counted',
      body: { lot: 'line', test: 't', day: '2026-12-09', up: 9, ended: true },
    },
  );
  const [cross, line, old] = rowsOf('lots', { journal: phone.journal, garden: YARD, today: '2026-12-31' });
  expect(line).toMatchObject({
    ...{ ACCENUMB: 'line', ACCENAME: 'Line', GENUS: 'Cucurbita', SPECIES: 'pepo', ACQDATE: '20261020' },
    ...{ SAMPSTAT: undefined, STORAGE: '12', REMARKS: 'big', place_kept: 'Tin' },
    ...{ purity: 'true', mothers: 'a1·1 100 %', fathers: 'a1·2 100 %', effective_size: 2 },
    ...{ germinated: 9, of_tested: 10, tested_on: '2026-12-01' },
  });
  expect(cross).toMatchObject({ SAMPSTAT: '400', ANCEST: 'a/b, F1', seeds: 80, germinated: undefined });
  expect(old).toMatchObject({ ACQDATE: '2021----', variety: 'b', purity: 'unproven', mothers: undefined });
  expect(rowsOf('lots', { journal: new Journal(), garden: YARD, today: '2026-12-31' })).toEqual([]);
});
