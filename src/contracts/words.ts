import * as z from 'zod';

/** Something that somebody typed: trimmed, not empty, at most so long. */
export const words = (max: number) => z.string().trim().min(1).max(max);
