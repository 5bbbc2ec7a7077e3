import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import type { Mark } from '../src/core/attachments';
import type { FileAttached, WritableEvent } from '../src/core/casework';
import type { AttachmentService } from '../src/server/services/attachment-service';
import type { CaseService } from '../src/server/services/case-service';
import { demoCases } from './cases';
import { demoId } from './demo-case';

/** A photo of a demo case. */
interface DemoPhoto {
  /** In demo/photos. */
  readonly file: string;
  readonly name: string;
  /** The entry that it belongs to, by its number in the log. */
  readonly of: number;
  readonly marks?: readonly Mark[];
}

const key = '08';
const size = { width: 1200, height: 900 };
const photos: readonly DemoPhoto[] = [
  { file: 'slipway-machine.jpg', name: 'As it came in', of: 1 },
  {
    file: 'slipway-meter.jpg',
    name: 'The adapter under load, at the plug',
    of: 4,
    marks: [
      { shape: 'circle', at: [0.47, 0.265], radius: 0.13 },
      { shape: 'text', at: [0.62, 0.2], text: '19 V on the label' },
    ],
  },
  {
    file: 'slipway-adapter.jpg',
    name: 'The label of the old adapter',
    of: 4,
    marks: [{ shape: 'arrow', from: [0.85, 0.25], to: [0.55, 0.41] }],
  },
];
const fileId = (n: number): string => `0d3a0f00-0000-4000-8000-00000000${key}${String(n).padStart(2, '0')}`;

/** Attaches the photos of the demo through the same services as the API. */
export async function loadDemoPhotos(attachments: AttachmentService, cases: CaseService): Promise<void> {
  const by = demoCases.find((demo) => demo.key === key)?.by ?? '';
  const { events } = await cases.read(demoId(key));
  const after = (minutes: number) =>
    new Date(new Date(events.at(-1)?.event.at ?? 0).getTime() + 60_000 * minutes).toISOString();
  const written: WritableEvent[] = [];
  for (const [n, photo] of photos.entries()) {
    const bytes = readFileSync(join('demo/photos', photo.file));
    const sha256 = createHash('sha256').update(bytes).digest('hex');
    await attachments.store(demoId(key), fileId(n), { kind: 'picture', sha256, body: Readable.from([bytes]) });
    const attached: FileAttached = {
      kind: 'file-attached',
      id: demoId(key, 80 + n),
      at: after(2 + n),
      by,
      file: fileId(n),
      as: 'picture',
      name: photo.name,
      bytes: bytes.length,
      sha256,
      ...size,
      of: demoId(key, photo.of),
    };
    written.push(attached);
    if (photo.marks)
      written.push({
        kind: 'picture-marked',
        id: demoId(key, 90 + n),
        at: after(6 + n),
        by,
        file: fileId(n),
        marks: photo.marks,
      });
  }
  await cases.append(demoId(key), { expectedSequence: events.length, events: written });
}
