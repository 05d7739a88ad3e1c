import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Whether the page is being printed by the browser: on paper all of it is shown. */
export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const begun = () => flushSync(() => setPrinting(true));
    const ended = () => setPrinting(false);
    addEventListener('beforeprint', begun);
    addEventListener('afterprint', ended);
    return () => {
      removeEventListener('beforeprint', begun);
      removeEventListener('afterprint', ended);
    };
  }, []);
  return printing;
}
