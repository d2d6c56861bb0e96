import { NothingHere } from '../shell/NothingHere';

/** Today in a garden without plants. */
export function NewGarden() {
  return (
    <NothingHere
      title="No plants yet"
      text="Put your beds and plants on the plan. Then this page says what to do, and when."
      lead={{ title: 'To the garden', to: '/garden' }}
    />
  );
}
