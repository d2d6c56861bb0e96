import { cutAtTerms, GLOSSARY, TERM_IDS } from './glossary';

test('a text is cut where its words are explained, and nothing of it is lost', () => {
  const text = 'Worth 7 plants (effective size); 12 degree days.';
  const cut = cutAtTerms(text, ['degreeDays', 'effectiveSize']);
  expect(cut.map((each) => each.text).join('')).toBe(text);
  expect(cut.filter(({ explains }) => explains).map(({ explains }) => explains)).toEqual([
    'effectiveSize',
    'degreeDays',
  ]);
});

test('capitals do not matter, and a word that is not there leaves the text whole', () => {
  expect(cutAtTerms('Degree days', ['degreeDays'])).toEqual([
    { text: 'Degree days', explains: 'degreeDays' },
  ]);
  expect(cutAtTerms('Nothing here', ['wilson'])).toEqual([{ text: 'Nothing here' }]);
  expect(cutAtTerms('', ['wilson'])).toEqual([]);
});

test('every word is explained in a sentence, and no two are alike', () => {
  const terms = TERM_IDS.map((id) => GLOSSARY[id].term);
  expect(new Set(terms).size).toBe(terms.length);
  for (const id of TERM_IDS) expect(GLOSSARY[id].text).toMatch(/^[A-Z].{15,}\.$/);
});
