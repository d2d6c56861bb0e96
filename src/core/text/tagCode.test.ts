import { mod37_36 } from 'cdigit';
import fc from 'fast-check';
import {
  checkCharacter,
  DEVICE_LETTERS,
  freeDeviceLetter,
  nextTagCodes,
  readTagCode,
  formatTagCode,
} from './tagCode';

test('gives the check characters published with ISO/IEC 7064 MOD 37,36', () => {
  // Global Release Identifier, the example of the GRid Standard v2.1 (IFPI), from memory: A1-2425G-ABC1234002-M.
  expect(checkCharacter('A12425GABC1234002')).toBe('M');
  // European Blood Alliance donation number, the example of the Eurocode technical notes, from memory.
  expect(mod37_36.validate('A12425GABC1234002M')).toBe(true);
});

test('agrees with another package for every text', () => {
  const text = fc.string({
    unit: fc.constantFrom(...'0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ'),
    minLength: 1,
    maxLength: 20,
  });
  fc.assert(fc.property(text, (code) => checkCharacter(code) === mod37_36.compute(code)));
});

test('hands out tags that hold no I, O, S or Z, that differ, and that begin with the device letter', () => {
  const codes = nextTagCodes('K', new Set(), 3000);
  expect(new Set(codes).size).toBe(3000);
  for (const code of codes) {
    expect(code).toMatch(/^K[0-9A-HJ-NP-RT-Y]{3,}$/);
    expect(readTagCode(code)).toEqual({ ok: true, code });
  }
});

test('goes on after the tags in use', () => {
  const [first, second, third] = nextTagCodes('B', new Set(), 3);
  expect(nextTagCodes('B', new Set([first!, second!]), 1)).toEqual([third]);
});

test('two devices never hand out the same tag', () => {
  const tags = [...DEVICE_LETTERS].flatMap((letter) => nextTagCodes(letter, new Set(), 200));
  expect(new Set(tags).size).toBe(tags.length);
});

test('reads what was written on tape, however it is typed', () => {
  const [code = ''] = nextTagCodes('K', new Set(), 1);
  expect(readTagCode(` ${formatTagCode(code).toLowerCase()} `)).toEqual({ ok: true, code });
});

test('catches every slip of one character and every swap of two neighbours', () => {
  const chars = '0123456789ABCDEFGHJKLMNPQRTUVWXY';
  for (const code of nextTagCodes('T', new Set(), 60)) {
    for (let i = 0; i < code.length; i += 1) {
      for (const char of chars) {
        if (char === code[i]) continue;
        expect(readTagCode(code.slice(0, i) + char + code.slice(i + 1)).ok).toBe(false);
      }
      const swapped = code.slice(0, i) + (code[i + 1] ?? '') + code[i] + code.slice(i + 2);
      if (i + 1 < code.length && swapped !== code) expect(readTagCode(swapped).ok).toBe(false);
    }
  }
});

test('says what is wrong with a tag', () => {
  expect(readTagCode('KO12')).toEqual({ ok: false, why: 'character', found: 'O' });
  expect(readTagCode('K1')).toEqual({ ok: false, why: 'length', found: 'K1' });
  expect(readTagCode('K777')).toMatchObject({ ok: false, why: 'check' });
});

test('gives a new device a letter no other has, as long as there is one', () => {
  const taken = new Set([...DEVICE_LETTERS].slice(1));
  expect(freeDeviceLetter(taken, 0.99)).toBe(DEVICE_LETTERS[0]);
  expect(DEVICE_LETTERS).toContain(freeDeviceLetter(new Set(DEVICE_LETTERS), 0.5));
});
