export function takeLock(file: string, wait: number, patient?: boolean): Promise<(() => Promise<void>) | null>;
