import type { Page } from '@/core/paper/page';
import { writeSvg } from './writeSvg';

const PAGE: Page = {
  width: 210,
  height: 297,
  marks: [
    { mark: 'text', x: 10, y: 20, size: 4, face: 'text', align: 'middle', text: 'Ben & “Jo” <3 \u0007ok' },
    { mark: 'line', x1: 0, y1: 1, x2: 10, y2: 1, width: 0.2, dash: [1, 2] },
    { mark: 'path', x: 5, y: 6, scale: 2, d: 'M0 0h3v4z', fill: 0.5, line: 0, width: 0.3 },
  ],
};

test('a page is a drawing of its own: millimetres, sound XML, each mark once', () => {
  const read = new DOMParser().parseFromString(writeSvg(PAGE, 'A < B'), 'image/svg+xml');
  expect(read.querySelector('parsererror')).toBeNull();
  const svg = read.documentElement;
  expect(svg.getAttribute('viewBox')).toBe('0 0 210 297');
  expect(svg.getAttribute('width')).toBe('210mm');
  expect(svg.querySelector('title')?.textContent).toBe('A < B');
  expect(svg.querySelector('text')?.textContent).toBe('Ben & “Jo” <3 ok');
  expect(svg.querySelector('line')?.getAttribute('stroke-dasharray')).toBe('1 2');
  const path = svg.querySelector('path')!;
  // Scaled with its outline, so that a line of 0.3 mm is drawn as half of that.
  expect([path.getAttribute('stroke-width'), path.getAttribute('fill')]).toEqual([
    '0.15',
    'rgb(128 128 128)',
  ]);
});
