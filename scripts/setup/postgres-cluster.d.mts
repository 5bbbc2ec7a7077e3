/** A running PostgreSQL of the program's own, on loopback. */
export interface Cluster {
  /** Connects as the role that owns the tables. */
  readonly ownerUrl: string;
  /** Connects as the role that the server uses. */
  readonly serverUrl: string;
  readonly pid: number;
  readonly port: number;
  readonly stop: () => Promise<void>;
}

export function startCluster(folder: string, options?: { durable?: boolean; port?: number }): Promise<Cluster>;
