import { useSyncExternalStore } from 'react';

const asked = '(width < 64rem)';
const subscribe = (tell: () => void) => {
  const media = matchMedia(asked);
  media.addEventListener('change', tell);
  return () => media.removeEventListener('change', tell);
};

/** Whether there is no room for two columns. */
export const useNarrow = (): boolean => useSyncExternalStore(subscribe, () => matchMedia(asked).matches);
