import { FACE, RADIUS, SPACE, TOUCH, useMode, usePalette } from '../theme';
import { FieldFrame, type FieldFrameProps } from './FieldFrame';

export interface DayFieldProps extends FieldFrameProps {
  /** A calendar day such as 2026-05-12, or an empty text. */
  readonly value: string;
  /** With an empty text where there is none, and with `INCOMPLETE` where one is begun. */
  readonly onChange: (value: string) => void;
  readonly onBlur?: () => void;
}

/** What is neither a day nor none: a day without its year. */
export const INCOMPLETE = 'incomplete';

const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** A field for a day, picked or typed in the order of the device: the browser's own. */
export function DayField({ value, onChange, onBlur, ...frame }: DayFieldProps) {
  const palette = usePalette();
  const mode = useMode();
  return (
    <FieldFrame {...frame}>
      {(aria) => (
        <input
          {...aria}
          type="date"
          value={DAY.test(value) ? value : ''}
          onChange={({ target }) => onChange(target.value)}
          onBlur={({ target }) => {
            if (target.validity.badInput) onChange(INCOMPLETE);
            onBlur?.();
          }}
          style={{
            minHeight: TOUCH.least,
            width: '100%',
            boxSizing: 'border-box',
            padding: `${SPACE.xs}px ${SPACE.m}px`,
            border: `1.5px solid ${frame.error ? palette.rust : palette.edge}`,
            borderRadius: RADIUS.s,
            backgroundColor: palette.paper,
            color: palette.ink,
            colorScheme: mode === 'night' ? 'dark' : 'light',
            fontFamily: FACE.text,
            fontSize: 17,
          }}
        />
      )}
    </FieldFrame>
  );
}
