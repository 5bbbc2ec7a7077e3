import type { Request } from 'express';

/** Where a request comes from, as far as that can be told. */
export const addressOf = (request: Request): string => request.ip ?? 'nowhere';
