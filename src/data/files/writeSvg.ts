import type { Grey, Mark, Page } from '@/core/paper/page';

/** Families of the letters, for where they are not at hand the next that is. */
const FAMILIES: Readonly<Record<Extract<Mark, { mark: 'text' }>['face'], string>> = {
  text: `font-family="'Atkinson Hyperlegible Next', sans-serif"`,
  strong: `font-family="'Atkinson Hyperlegible Next', sans-serif" font-weight="700"`,
  code: `font-family="Bitter, serif" font-weight="700"`,
};
const ANCHORS = { left: 'start', middle: 'middle', right: 'end' } as const;

/** A page as a drawing of its own [SVG 1.1], a unit of it a millimetre. */
export function writeSvg({ width, height, marks }: Page, title: string): string {
  const size = `width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}"`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" ${size}>`,
    `<title>${escaped(title)}</title>`,
    '<rect width="100%" height="100%" fill="#fff"/>',
    ...marks.map(element),
    '</svg>\n',
  ].join('\n');
}

function element(mark: Mark): string {
  switch (mark.mark) {
    case 'text': {
      const { x, y, size, face, align, text } = mark;
      const where = `x="${n(x)}" y="${n(y)}" font-size="${n(size)}" text-anchor="${ANCHORS[align]}"`;
      return `<text ${where} ${FAMILIES[face]}>${escaped(text)}</text>`;
    }
    case 'line': {
      const { x1, y1, x2, y2, width, dash } = mark;
      const dashes = dash ? ` stroke-dasharray="${dash.map(n).join(' ')}"` : '';
      return `<line x1="${n(x1)}" y1="${n(y1)}" x2="${n(x2)}" y2="${n(y2)}" stroke="#000" stroke-width="${n(width)}"${dashes}/>`;
    }
    case 'path': {
      const { x, y, scale, d, fill, line, width = 0 } = mark;
      const paint = `fill="${fill === undefined ? 'none' : grey(fill)}"${line === undefined ? '' : ` stroke="${grey(line)}" stroke-width="${n(width / scale)}"`}`;
      return `<path transform="translate(${n(x)} ${n(y)}) scale(${n(scale)})" d="${escaped(d)}" ${paint}/>`;
    }
  }
}

const n = (value: number): string => String(Number(value.toFixed(3)));
const grey = (shade: Grey): string =>
  `rgb(${Array(3)
    .fill(Math.round(shade * 255))
    .join(' ')})`;

const SIGNS: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
/** What has a meaning in XML, and what it does not allow at all. */
const escaped = (text: string): string =>
  text
    .replace(/[&<>"]/g, (sign) => SIGNS[sign]!)
    .replace(/[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/gu, '');
