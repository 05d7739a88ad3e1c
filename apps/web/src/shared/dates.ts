import { addDays, differenceInCalendarDays, format, formatDistanceToNow } from 'date-fns';

/** A moment as it is written beside what was done then: `29 Nov 2026, 14:05`. */
export const when = (at: string): string => format(new Date(at), 'd MMM yyyy, HH:mm');

/** How long ago a moment is: `3 minutes ago`. */
export const ago = (at: string): string => formatDistanceToNow(new Date(at), { addSuffix: true });

/** Days that are left of so many from a moment on; none once they are over. */
export const daysLeft = (from: string, days: number): number => Math.max(0, differenceInCalendarDays(addDays(new Date(from), days), new Date()));
