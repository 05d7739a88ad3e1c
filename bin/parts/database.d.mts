export interface Cluster {
  /** Address of the database `hobrek` in it, for the role that owns it and is no superuser. */
  readonly url: string;
  /** The same for the cluster's superuser. */
  readonly admin: string;
  readonly port: number;
  /** Folder with PostgreSQL's programs. */
  readonly bin: string;
  /** It was running before: whoever started it stops it. */
  readonly joined: boolean;
  isUp(): boolean;
  /** Starts it on the port that it had, when it has ended by itself. */
  again(): Promise<void>;
  /** The end of its log. */
  lastWords(lines: number): string;
  stop(): Promise<void>;
}

export function startCluster(options: { folder: string; testing?: boolean; say?: (line: string) => void; tidy?: boolean }): Promise<Cluster>;
