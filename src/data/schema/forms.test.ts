import { formIn, type FormName } from './forms';

type Given = Record<string, unknown>;

const checked = (form: FormName, given: Given, units: 'metric' | 'imperial' = 'metric'): Given => {
  const { value, error } = formIn(units, form).validate(given, { abortEarly: false });
  if (error) throw error;
  return value as Given;
};

const faults = (form: FormName, given: Given, units: 'metric' | 'imperial' = 'metric'): Given =>
  Object.fromEntries(
    (formIn(units, form).validate(given, { abortEarly: false }).error?.details ?? []).map(
      ({ path, message }) => [path.join('.'), message],
    ),
  );

const BED = { name: 'E', x: '1', y: '-2,5', length: '6', width: '1.2', rows: '2', turn: '0', every: '' };

test('numbers are taken as typed, with a point or a comma', () => {
  expect(checked('bed', BED)).toEqual({ name: 'E', x: 1, y: -2.5, length: 6, width: 1.2, rows: 2, turn: 0 });
});

test('feet and Fahrenheit become metres and °C', () => {
  expect(checked('bed', { ...BED, length: '20', width: '4' }, 'imperial')).toMatchObject({
    length: 6.1,
    width: 1.22,
    rows: 2,
  });
  expect(checked('weather', { dawnC: '50', maxC: '86', rain: 'none' }, 'imperial')).toEqual({
    dawnC: 10,
    maxC: 30,
    rain: 'none',
  });
});

test('limits are told in the units typed', () => {
  expect(faults('weather', { dawnC: '200', maxC: '-99', rain: 'none' })).toEqual({
    dawnC: 'At most 50.',
    maxC: 'At least -40.',
  });
  expect(faults('weather', { dawnC: '200', maxC: '-99', rain: 'none' }, 'imperial')).toEqual({
    dawnC: 'At most 122.',
    maxC: 'At least -40.',
  });
});

test('what is missing, not a number, not whole or not chosen is told in the grower’s words', () => {
  expect(faults('bed', { ...BED, name: '', length: '', width: 'wide', rows: '1.5' })).toEqual({
    name: 'Fill this in.',
    length: 'Fill this in.',
    width: 'A number, please.',
    rows: 'A whole number.',
  });
  expect(faults('plants', { variety: '', bed: 'b', row: '1', count: '4', as: 'each' })).toEqual({
    variety: 'Choose one.',
  });
});

test('a place must be on the earth and its zone a known one', () => {
  const start = {
    begin: 'variety',
    place: 'Wren Cottage',
    latitude: '-36,85',
    longitude: '174.76',
    zone: 'Pacific/Auckland',
    variety: 'Pale Heron',
    crop: 'moschata',
    purpose: 'seedToKeep',
    plants: '4',
  };
  expect(checked('start', start)).toMatchObject({ latitude: -36.85, longitude: 174.76, plants: 4 });
  expect(faults('start', { ...start, latitude: '91', zone: 'Mars/Olympus', plants: '0' })).toEqual({
    latitude: 'At most 90.',
    zone: 'A time zone such as Europe/London.',
    plants: 'At least 1.',
  });
});

test('several beds are refused field by field', () => {
  const beds = { count: '4', length: '10', width: '1,2', rows: '2', path: '0.5', arrangement: 'sideBySide' };
  expect(checked('beds', beds)).toMatchObject({ count: 4, width: 1.2, path: 0.5 });
  expect(
    faults('beds', { ...beds, count: '0', length: '-1', path: '101', rows: '1.5', arrangement: 'round' }),
  ).toMatchObject({
    count: 'At least 1.',
    length: expect.any(String) as string,
    path: 'At most 100.',
    rows: expect.any(String) as string,
    arrangement: 'Choose one.',
  });
  expect(Object.keys(faults('placeBeds', { path: 'wide', arrangement: 'endToEnd' }))).toEqual(['path']);
});

test('a garden that begins with a list needs only its place', () => {
  const place = { place: 'Wren Cottage', latitude: '52', longitude: '1', zone: 'Europe/London' };
  const empty = { variety: '', purpose: 'seedToKeep', plants: '4' };
  expect(checked('start', { ...place, ...empty, begin: 'list' })).toEqual({
    ...place,
    begin: 'list',
    latitude: 52,
    longitude: 1,
  });
  expect(Object.keys(faults('start', { ...place, ...empty, begin: 'variety' }))).toEqual(['variety', 'crop']);
});

const VARIETY = {
  name: 'Pale Heron',
  crop: 'moschata',
  purpose: 'seedToKeep',
  seedSource: 'unknown',
  ownPollen: 'never',
  traits: {},
  how: 'unknown',
  day: '',
  daysToFlower: '',
  fruitWanted: '',
};

test('a variety may leave open when it was sown; once it says how, it says when', () => {
  expect(checked('variety', VARIETY)).not.toHaveProperty('day');
  expect(checked('variety', VARIETY)).not.toHaveProperty('fruitWanted');
  expect(faults('variety', { ...VARIETY, how: 'sown' })).toEqual({ day: expect.stringMatching(/./) });
  expect(faults('variety', { ...VARIETY, how: 'sown', day: '12.5.26' })).toEqual({
    day: 'A whole date: day, month and year.',
  });
  expect(
    checked('variety', { ...VARIETY, how: 'sown', day: '2026-05-12', daysToFlower: '62' }),
  ).toMatchObject({
    how: 'sown',
    day: '2026-05-12',
    daysToFlower: 62,
  });
  expect(faults('variety', { ...VARIETY, crop: undefined })).toEqual({ crop: 'Choose one.' });
});

test('what grows nearby is measured in the grower’s units', () => {
  const given = {
    name: 'Lane',
    crop: 'corn',
    endosperm: 'starchy',
    distance: '1000',
    bearing: '270',
    across: '100',
    plants: '5000',
    sure: 'told',
    from: '',
    to: '',
  };
  expect(checked('outside', given, 'imperial')).toMatchObject({
    distance: 304.8,
    across: 30.48,
    bearing: 270,
  });
  expect(faults('outside', { ...given, bearing: '400' })).toEqual({ bearing: 'At most 360.' });
  const days = (from: string, to: string): unknown => faults('outside', { ...given, from, to });
  expect(days('2026-07-01', '')).toEqual({ to: 'Fill this in too, or none of them.' });
  expect(days('', '2026-07-01')).toEqual({ from: 'Fill this in too, or none of them.' });
  expect(days('2026-07-20', '2026-07-01')).toEqual({ to: 'This should not come before the other.' });
  expect(days('2026-07-01', '2026-07-01')).toEqual({});
});

test('a climate is given whole or not at all, with days no colder than nights', () => {
  const given = { ground: 'mixed', coldMin: '30', coldMax: '41', warmMin: '53', warmMax: '72' };
  expect(checked('surroundings', given, 'imperial')).toMatchObject({ coldMin: -1.1, warmMax: 22.2 });
  const none = { ground: 'open', coldMin: '', coldMax: '', warmMin: '', warmMax: ' ' };
  expect(faults('surroundings', none)).toEqual({});
  expect(faults('surroundings', { ...none, coldMin: '1' })).toEqual({
    coldMax: 'Fill this in too, or none of them.',
  });
  expect(faults('surroundings', { ...given, warmMin: '80' }, 'imperial')).toEqual({
    warmMax: 'This should not come before the other.',
  });
});
