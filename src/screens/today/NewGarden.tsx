import { EmptyPage } from '../shell/EmptyPage';

/** Today in a garden without plants. */
export function NewGarden() {
  return (
    <EmptyPage
      title="No plants yet"
      text="Add your beds and plants to the plan. Then this page says what to do, and when."
      lead={{ title: 'To the garden', to: '/garden' }}
    />
  );
}
