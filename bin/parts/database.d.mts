export interface Cluster {
  /** Address of the database `hobrek` in it. */
  readonly url: string;
  readonly port: number;
  /** Folder with PostgreSQL's programs. */
  readonly bin: string;
  /** It was running before: whoever started it stops it. */
  readonly joined: boolean;
  stop(): Promise<void>;
}

export function startCluster(options: { folder: string; testing?: boolean; say?: (line: string) => void }): Promise<Cluster>;
