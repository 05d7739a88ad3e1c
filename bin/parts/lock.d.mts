export function takeLock(file: string, wait: number): Promise<(() => Promise<void>) | null>;
