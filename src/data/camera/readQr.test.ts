import QRCode from 'qrcode';
import { readQr } from './readQr';

/** A code as a camera sees it: black on white, so many pixels a module, with a quiet zone, and a shade over it. */
function picture(text: string, { side = 4, shade = 0 } = {}) {
  const { modules } = QRCode.create(text);
  const size = (modules.size + 8) * side;
  const pixels = new Uint8ClampedArray(4 * size * size).fill(255);
  for (let y = 0; y < size; y += 1)
    for (let x = 0; x < size; x += 1) {
      const [row, column] = [Math.floor(y / side) - 4, Math.floor(x / side) - 4];
      const inside = row >= 0 && column >= 0 && row < modules.size && column < modules.size;
      const light = inside && modules.get(row, column) ? 40 : 230;
      const at = 4 * (y * size + x);
      pixels.fill(Math.max(0, light - (shade * x) / size), at, at + 3);
    }
  return { pixels, size };
}

const read = (text: string, how = {}): string | undefined => {
  const { pixels, size } = picture(text, how);
  return readQr(pixels, size, size);
};

// Drawn by another library of the registry, and read back.
test('a code says what was put into it, in uneven light too', () => {
  expect(read('K74Q')).toBe('K74Q');
  expect(read('https://garden.example/t/K74Q')).toBe('https://garden.example/t/K74Q');
  expect(read('K74Q', { side: 7, shade: 90 })).toBe('K74Q');
});

test('where there is none nothing is read', () => {
  expect(readQr(new Uint8ClampedArray(4 * 64 * 64).fill(200), 64, 64)).toBeUndefined();
});
