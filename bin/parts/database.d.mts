export interface Cluster {
  /** Address of the database `hobrek` in it. */
  readonly url: string;
  readonly port: number;
  /** Folder with PostgreSQL's programs. */
  readonly bin: string;
  stop(): Promise<void>;
}

export function startCluster(options: { folder: string; testing?: boolean; say?: (line: string) => void }): Promise<Cluster>;
