import { Button } from './Button';

export interface TickButtonProps {
  readonly title: string;
  readonly on: boolean;
  readonly onPress: () => void;
}

/** One of several that are tapped on and off. */
export const TickButton = ({ title, on, onPress }: TickButtonProps) => (
  <Button title={`${on ? '✓ ' : ''}${title}`} label={title} selected={on} onPress={onPress} />
);
