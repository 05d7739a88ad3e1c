/** Instantaneous trip of circuit breakers as multiples of their rating (IEC 60898-1, from memory): below the first it never trips at once, above the second always. */
export const breakerTrips = { B: [3, 5], C: [5, 10], D: [10, 20] } as const;
export type BreakerCurve = keyof typeof breakerTrips;
export const tripSource = 'IEC 60898-1, instantaneous trip: B 3 to 5, C 5 to 10, D 10 to 20 times its rating (from memory)';

/** Thermal trip of circuit breakers up to 32 A, in multiples of their rating (IEC 60898-1, from memory): from the one on within 1 to 60 s, up to the other not within an hour. */
export const thermalTrip = { withinAMinute: 2.55, notWithinAnHour: 1.13 } as const;
