export function lockComplaints(lock?: { packages: Record<string, object> }, settings?: string): string[];
