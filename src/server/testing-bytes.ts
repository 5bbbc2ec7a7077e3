/** For supertest: an answer as its bytes. */
export function asBytes(response: NodeJS.EventEmitter, done: (error: Error | null, body: unknown) => void): void {
  const chunks: Buffer[] = [];
  response.on('data', (chunk: Buffer) => chunks.push(chunk));
  response.on('end', () => done(null, Buffer.concat(chunks)));
}
