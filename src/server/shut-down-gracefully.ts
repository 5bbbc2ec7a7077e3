import type { Server, ServerResponse } from 'node:http';

/** Requests under way get this long to end; streams are cut. */
const graceMs = 3000;

/** On SIGINT, SIGTERM, or when the start command goes: takes no more, lets what is under way end, then leaves. */
export function shutDownGracefully(server: Server, close: () => Promise<void>): void {
  const streams = new Set<ServerResponse>();
  server.on('request', (_request, response: ServerResponse) => {
    streams.add(response);
    response.once('close', () => streams.delete(response));
  });
  let isStopping = false;
  const stop = () => {
    if (isStopping) return;
    isStopping = true;
    server.close(() => void close().finally(() => process.exit(0)));
    server.closeIdleConnections();
    for (const response of streams)
      if (String(response.getHeader('content-type')).startsWith('text/event-stream')) response.end();
    setTimeout(() => process.exit(0), graceMs).unref();
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
  process.once('disconnect', stop);
}
