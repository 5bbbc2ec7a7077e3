import type { AttachmentKind } from '../attachments';
import type { AttachmentEvent, SignedPaper, Signer } from '../casework';
import { capitalized, counted } from '../wording';

/** What a photo is called that nobody has named yet. */
export const UNNAMED_PHOTO = 'Photo';

const attachmentKindWords: Readonly<Record<AttachmentKind, string>> = {
  picture: 'photo',
  signature: 'signature',
  sound: 'recording',
  table: 'table',
  digest: 'digest of a file',
};

const signerWords: Readonly<Record<Signer, string>> = { owner: 'the owner', shop: 'the shop' };
const paperWords: Readonly<Record<SignedPaper, string>> = { consent: 'an agreement', 'parts-list': 'the parts list' };

/** What was attached or drawn, as done and seen. */
export function attachmentEventWords(event: AttachmentEvent): { readonly done: string; readonly seen: string } {
  if (event.kind === 'picture-marked')
    return {
      done: 'Marked a photo',
      seen: [event.name === UNNAMED_PHOTO ? '' : event.name, counted(event.marks.length, 'mark')]
        .filter(Boolean)
        .join(', '),
    };
  const { as, name, signs } = event;
  return signs
    ? { done: `Signed by ${signerWords[signs.by]}`, seen: capitalized(paperWords[signs.paper]) }
    : { done: capitalized(attachmentKindWords[as]), seen: name === UNNAMED_PHOTO ? '' : name };
}
