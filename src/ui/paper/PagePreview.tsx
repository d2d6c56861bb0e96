import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { Face, Grey, Mark, Page } from '@/core/paper/page';
import { FACE } from '../theme';

interface PagePreviewProps {
  readonly page: Page;
  /** px. */
  readonly width: number;
  readonly label: string;
}

/** A page as it will be printed: black on white by day and by night. */
export function PagePreview({ page, width, label }: PagePreviewProps) {
  return (
    <Svg
      width={width}
      height={(width * page.height) / page.width}
      viewBox={`0 0 ${page.width} ${page.height}`}
      role="img"
      aria-label={label}
    >
      <Rect width={page.width} height={page.height} fill="#FFFFFF" stroke="#808080" strokeWidth={0.5} />
      {page.marks.map((mark, i) => (
        <Drawn key={i} mark={mark} />
      ))}
    </Svg>
  );
}

const grey = (of: Grey | undefined): string => {
  if (of === undefined) return 'none';
  const level = Math.round(255 * of);
  return `rgb(${level},${level},${level})`;
};

const LETTERS: Readonly<Record<Face, { readonly fontFamily: string; readonly fontWeight: string }>> = {
  text: { fontFamily: FACE.text, fontWeight: '400' },
  strong: { fontFamily: FACE.text, fontWeight: '600' },
  code: { fontFamily: FACE.head, fontWeight: '700' },
};

const ANCHORS = { left: 'start', middle: 'middle', right: 'end' } as const;

function Drawn({ mark }: { readonly mark: Mark }) {
  switch (mark.mark) {
    case 'text':
      return (
        <SvgText
          {...LETTERS[mark.face]}
          x={mark.x}
          y={mark.y}
          fontSize={mark.size}
          textAnchor={ANCHORS[mark.align]}
          fill="#000000"
        >
          {mark.text}
        </SvgText>
      );
    case 'line':
      return (
        <Line
          x1={mark.x1}
          y1={mark.y1}
          x2={mark.x2}
          y2={mark.y2}
          stroke="#000000"
          strokeWidth={mark.width}
          {...(mark.dash && { strokeDasharray: mark.dash.join(' ') })}
        />
      );
    case 'path':
      return (
        <G transform={`translate(${mark.x} ${mark.y}) scale(${mark.scale})`}>
          <Path
            d={mark.d}
            fill={grey(mark.fill)}
            stroke={grey(mark.line)}
            strokeWidth={(mark.width ?? 0) / mark.scale}
          />
        </G>
      );
  }
}
