import * as z from 'zod';

const port = z.coerce.number().int().min(0).max(65535);

const environmentSchema = z.object({
  PORT: port.default(4780),
  DATABASE_URL: z.string().regex(/^postgres(ql)?:\/\//, 'expected a postgresql:// address'),
  MIGRATION_DATABASE_URL: z
    .string()
    .regex(/^postgres(ql)?:\/\//, 'expected a postgresql:// address')
    .optional(),
  WEB_ROOT: z.string().default('dist/web'),
  HTTPS: z.enum(['0', '1']).default('0'),
  PUBLIC_URL: z.url({ protocol: /^https?$/, error: 'expected an address such as https://bench.example' }).optional(),
  TRUSTED_PROXIES: z.coerce.number().int().min(0).max(5).default(0),
  REQUESTS_PER_MINUTE: z.coerce.number().int().min(60).max(1_000_000).default(1200),
  LOG_LEVEL: z.enum(['silent', 'error', 'warn', 'info', 'debug']).default('warn'),
});

export interface Config {
  readonly port: number;
  readonly databaseUrl: string;
  /** Owns the tables; the serving role may not. */
  readonly migrationDatabaseUrl: string;
  readonly webRoot: string;
  /** A proxy in front serves it over HTTPS. */
  readonly isSecure: boolean;
  /** Where people reach it, as `bench.example:8443`; null where it is reached on this machine, or through proxies alone. */
  readonly publicHost: string | null;
  readonly trustedProxies: number;
  /** From one person, in this process. */
  readonly requestsPerMinute: number;
  readonly logLevel: 'silent' | 'error' | 'warn' | 'info' | 'debug';
}

/** The server's configuration from the environment. Failure: throws with the variable that is wrong, never its value. */
export function readConfig(environment: NodeJS.ProcessEnv): Config {
  const parsed = environmentSchema.safeParse(environment);
  if (!parsed.success)
    throw new Error(parsed.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`).join('\n'));
  const env = parsed.data;
  return {
    port: env.PORT,
    databaseUrl: env.DATABASE_URL,
    migrationDatabaseUrl: env.MIGRATION_DATABASE_URL ?? env.DATABASE_URL,
    webRoot: env.WEB_ROOT,
    isSecure: env.HTTPS === '1',
    publicHost: env.PUBLIC_URL === undefined ? null : new URL(env.PUBLIC_URL).host,
    trustedProxies: env.TRUSTED_PROXIES,
    requestsPerMinute: env.REQUESTS_PER_MINUTE,
    logLevel: env.LOG_LEVEL,
  };
}
