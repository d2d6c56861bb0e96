import { useEffect, useState } from 'react';
import { WIDE_FROM } from '@/ui/theme';

/** Is there room for two columns? False until mounted, so that the first render is the same everywhere. */
export function useWide(): boolean {
  const [wide, setWide] = useState(false);
  useEffect(() => {
    const query = window.matchMedia(`(min-width: ${WIDE_FROM}px)`);
    const read = (): void => setWide(query.matches);
    read();
    query.addEventListener('change', read);
    return () => query.removeEventListener('change', read);
  }, []);
  return wide;
}
