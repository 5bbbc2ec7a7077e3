import { createHash, randomUUID } from 'node:crypto';
import { jpegOf } from '../core/attachments/testing-jpeg';
import type { TestServer } from './testing-server';

export const sha256Of = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
export const digestOf = (bytes: Uint8Array): string =>
  `sha-256=:${createHash('sha256').update(bytes).digest('base64')}:`;

/** Sends a file to a case, as a browser does. */
export const putFile = (
  client: ReturnType<TestServer['as']>,
  caseId: string,
  file: string,
  bytes: Uint8Array,
  {
    as = 'picture',
    type = 'image/jpeg',
    digest = digestOf(bytes),
  }: { as?: string; type?: string; digest?: string } = {},
) =>
  client
    .put(`/api/cases/${caseId}/attachments/${file}`)
    .query({ as })
    .set('content-type', type)
    .set('content-digest', digest)
    .send(Buffer.from(bytes));

/** What the log says of a picture that was sent. */
export const attachedBody = (file: string = randomUUID(), bytes = jpegOf()) =>
  ({
    kind: 'file-attached',
    file,
    as: 'picture',
    name: 'The switch',
    bytes: bytes.length,
    sha256: sha256Of(bytes),
    width: 24,
    height: 16,
  }) as const;
