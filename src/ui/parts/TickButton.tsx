import { Button } from './Button';

export interface TickButtonProps {
  readonly title: string;
  readonly on: boolean;
  /** Where the title alone does not name it. */
  readonly label?: string;
  readonly onPress: () => void;
}

/** One of several that are tapped on and off. */
export const TickButton = ({ title, on, label = title, onPress }: TickButtonProps) => (
  <Button title={`${on ? '✓ ' : ''}${title}`} label={label} selected={on} onPress={onPress} />
);
