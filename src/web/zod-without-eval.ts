import * as z from 'zod';

/** Zod would try whether it may compile code; the content-security policy forbids it, and each try would be reported. */
z.config({ jitless: true });
