export const ms = (value) => `${value.toFixed(value < 1 ? 3 : 1)} ms`;

/** The value that so large a part of all values does not pass. */
export const share = (values, part) => [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * part))];
