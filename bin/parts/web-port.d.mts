export function portFrom(text: string): number | null;
export function keptPort(file: string): number | null;
export function keepPort(file: string, port: number | string): void;
