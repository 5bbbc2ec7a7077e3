import { strToU8, zipSync, type Zippable } from 'fflate';
import { shopSettingsSchema, type CaseDetail } from '../../contracts';
import { paperPdf } from '../papers/paper-pdf';
import { caseFileOf, caseTag } from './case-file-of';
import { makePaper } from './make-paper';

interface ZipOf {
  readonly shop: string;
  readonly linkTo: (caseId: string) => string;
}

/** All that is kept of an owner, to be handed over: each case as a file and as the owner's sheet, and how to reach them. */
export async function ownerZip(
  owner: string,
  cases: readonly CaseDetail[],
  { shop, linkTo }: ZipOf,
): Promise<Uint8Array> {
  const { rates } = shopSettingsSchema.parse({});
  const files: Zippable = {
    'owner.json': strToU8(
      JSON.stringify(
        { owner, cases: cases.map(({ number, contact }) => ({ number, contact: contact ?? null })) },
        null,
        2,
      ),
    ),
  };
  for (const found of cases) {
    const tag = caseTag(found.number);
    files[`case-${tag}.json`] = strToU8(JSON.stringify(caseFileOf(found)));
    const { paper, at } = makePaper(found, 'owner', { shop, rates, link: linkTo(found.id) });
    files[`case-${tag}-sheet.pdf`] = new Uint8Array(await paperPdf(paper, at));
  }
  return zipSync(files, { level: 6 });
}
