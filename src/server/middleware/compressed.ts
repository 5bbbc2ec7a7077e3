import compression from 'compression';

/** Answers with secrets in them beside what somebody typed are not compressed: their length would tell (BREACH). */
const secret = /^\/api\/(session|people|owner)([/?]|$)/;

/** Compresses pages, code and answers where the browser takes it; streams and secrets go out as they are. */
export const compressed = compression({
  filter: (request, response) =>
    // The path as it was asked for: within a router, `path` lacks what led there.
    !secret.test(request.originalUrl) &&
    !String(response.getHeader('content-type')).startsWith('text/event-stream') &&
    compression.filter(request, response),
});
