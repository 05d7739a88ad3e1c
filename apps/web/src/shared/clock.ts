const written = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

/** The time of day of a moment: `14:05`. */
export const clock = (at: string): string => written.format(new Date(at));
