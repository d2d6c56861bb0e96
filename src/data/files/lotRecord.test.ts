import { decodeLotRecord, encodeLotRecord, LARGEST_RECORD, type LotRecord } from './lotRecord';

const RECORD: LotRecord = {
  variety: { name: 'Redring', crop: 'pepo', traits: { fruitShape: 'round' } },
  told: [
    {
      ...{ lot: 'l', name: 'Redring 2027', garden: 'Hill', species: 'Cucurbita pepo' },
      ...{ since: '2027-10-20', told: '2028-01-05', descent: 'line', ancestry: 'Redring', grade: 'true' },
      ...{ mothers: 2, fathers: 3, size: 4.8, germinated: { day: '2027-12-01', seeds: 50, up: 46 } },
    },
  ],
};
const text = encodeLotRecord(RECORD);

test('a record is read as it was written; fields of a later program are left out', () => {
  expect(decodeLotRecord(text)).toEqual({ ok: true, record: RECORD });
  const later = text.replace('"told": [', '"more": 1, "told": [');
  expect(decodeLotRecord(later)).toEqual({ ok: true, record: RECORD });
});

test.each([
  ['rubbish', 'rubbish', 'notOne'],
  ['nothing', 'null', 'notOne'],
  ['another file', '{"format":"steady-trowel-garden","version":1}', 'notOne'],
  ['no lot', text.replace(/"told": \[[^]*\]\n\}/, '"told": []\n}'), 'notOne'],
  ['an unknown crop', text.replace('"pepo"', '"teapot"'), 'notOne'],
  ['a day that is none', text.replace('2027-10-20', '2027-13-40'), 'notOne'],
  ['more germinated than can be', text.replace('"up": 46', '"up": -1'), 'notOne'],
  ['more germinated than were laid out', text.replace('"up": 46', '"up": 51'), 'notOne'],
  ['too much', `${text}${' '.repeat(LARGEST_RECORD)}`, 'notOne'],
  ['a newer one', text.replace('"version": 1', '"version": 2'), 'newer'],
])('%s is refused', (_what, file, why) => {
  expect(decodeLotRecord(file)).toEqual({ ok: false, why });
});
