import { Stepper, type StepperProps } from '@/ui/parts/Stepper';

/** How many fruits were taken off. */
export const FruitStepper = (props: Pick<StepperProps, 'label' | 'value' | 'most' | 'onChange'>) => (
  <Stepper {...props} lessLabel="One fruit less" moreLabel="One fruit more" />
);
