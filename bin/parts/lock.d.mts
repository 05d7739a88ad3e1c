export function takeLock(file: string, wait: number): Promise<(() => void) | null>;
