// Zod would try whether it may compile code; the content-security policy forbids it, and each try would be reported.
globalThis.__zod_globalConfig = { jitless: true };
