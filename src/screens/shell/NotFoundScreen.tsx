import { NothingHere } from './NothingHere';

export function NotFoundScreen() {
  return (
    <NothingHere
      title="No such page"
      text="This address leads nowhere in the garden."
      lead={{ title: 'To Today', to: '/' }}
    />
  );
}
