import { shopSettingsSchema } from '../../contracts';
import { caseNumber } from '../../core/wording';
import { paperPdf } from '../papers/paper-pdf';
import { caseZipEntries, type WholeCase } from './case-zip';
import { makePaper } from './make-paper';
import type { ZipEntry } from './zip-stream';

interface ZipOf {
  readonly shop: string;
  readonly linkTo: (caseId: string) => string;
}

/** All that is kept of an owner, to be handed over: how to reach them, and of each case the file, the sheet, the photos. */
export async function* ownerZipEntries(
  owner: string,
  cases: readonly WholeCase[],
  { shop, linkTo }: ZipOf,
): AsyncIterable<ZipEntry> {
  const { rates } = shopSettingsSchema.parse({});
  const contacts = cases.map(({ detail: { number, contact } }) => ({ number, contact: contact ?? null }));
  yield { name: 'owner.json', content: jsonOf({ owner, cases: contacts }) };
  for (const found of cases) {
    const { detail } = found;
    const tag = caseNumber(detail.number);
    const { paper, at } = makePaper(detail, 'owner', { shop, rates, link: linkTo(detail.id) });
    yield { name: `case-${tag}-sheet.pdf`, content: new Uint8Array(await paperPdf(paper, at)) };
    yield* caseZipEntries(found, found.files.length > 0 ? `case-${tag}/` : '');
  }
}

const jsonOf = (value: unknown): Uint8Array => new TextEncoder().encode(JSON.stringify(value, null, 2));
