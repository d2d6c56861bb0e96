import { Input } from '../elements';
import { RADIUS, usePalette } from '../theme';
import { FieldFrame, type FieldFrameProps } from './FieldFrame';

export interface FieldProps extends FieldFrameProps {
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: () => void;
  readonly numeric?: boolean;
  readonly autoCapitalize?: 'none' | 'characters' | 'words';
  /** Lines of a field for longer text. */
  readonly lines?: number;
}

/** A field to type in, with its name above and what is wrong below. */
export function Field({
  value,
  onChange,
  onBlur,
  numeric = false,
  autoCapitalize,
  lines,
  ...frame
}: FieldProps) {
  const palette = usePalette();
  return (
    <FieldFrame {...frame}>
      {(aria) => (
        <Input
          {...aria}
          value={value}
          onChangeText={onChange}
          {...(lines && { multiline: true, numberOfLines: lines })}
          onBlur={onBlur}
          inputMode={numeric ? 'decimal' : 'text'}
          autoCapitalize={autoCapitalize}
          renderErrorMessage={false}
          inputContainerStyle={{
            borderWidth: 1.5,
            borderBottomWidth: 1.5,
            borderColor: frame.error ? palette.rust : palette.edge,
            borderRadius: RADIUS.s,
            backgroundColor: palette.paper,
          }}
          inputStyle={{ color: palette.ink }}
        />
      )}
    </FieldFrame>
  );
}
