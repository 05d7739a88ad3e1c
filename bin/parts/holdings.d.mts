export function holdings(url: string): Promise<{ builds: number; print: string }>;
