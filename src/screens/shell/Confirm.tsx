import type { ReactNode } from 'react';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';

export interface ConfirmProps {
  readonly title: string;
  readonly open: boolean;
  /** What the button says that does it. */
  readonly action: string;
  readonly onClose: () => void;
  readonly onAction: () => void;
  /** What it means. */
  readonly children: ReactNode;
}

/** A question before what takes something away. */
export const Confirm = ({ title, open, action, onClose, onAction, children }: ConfirmProps) => (
  <Sheet title={title} open={open} onClose={onClose} closeTitle="Cancel">
    {children}
    <Button variant="loss" size="big" title={action} onPress={onAction} />
  </Sheet>
);
