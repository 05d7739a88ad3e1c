export function holdings(url: string): Promise<{ builds: number; notes: number; photos: number; newest: Date | null; print: string }>;
