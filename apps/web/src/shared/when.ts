import { format } from 'date-fns';

/** A moment as it is written beside what was done then. */
export const when = (at: string): string => format(new Date(at), 'd MMM yyyy, HH:mm');
