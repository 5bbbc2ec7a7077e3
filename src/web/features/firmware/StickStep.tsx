import { useState } from 'react';
import {
  acceptedNames,
  type BoardRevision,
  type ImageWanted,
  type Inspection,
  type Release,
  type StickWanted,
} from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { listOf } from '../../components/format';
import { Notice } from '../../components/Notice';
import type { Inspected, KeptImage } from '../../workers/stick.worker';
import { useMay } from '../../shell/me';
import type { StickFacts } from '../../stores/firmware-desk-store';
import { useAttempt, type Attempt } from './use-attempt';
import type { StickWorker } from '../../workers/use-stick-worker';
import { CheckStickBlock } from './CheckStickBlock';
import { ImageBlock } from './ImageBlock';
import { compareWithBook } from './listed-image';
import { MakeStickBlock } from './MakeStickBlock';
import { Fields, Lead, Title } from './step-parts';
import { OtherImages } from './OtherImages';
import { stepsOf, type Firmware } from './use-firmware';

interface StickStepProps {
  readonly firmware: Firmware;
  readonly worker: StickWorker;
}

/** What is known of the image in hand, and what the stick is to hold: the book governs unless a lead decided otherwise. */
function useStick({ firmware, worker }: StickStepProps) {
  const { desk, change, board, next } = firmware;
  const [kept, setKept] = useState<readonly KeptImage[]>([]);
  const [typedName, setTypedName] = useState<string | null>(null);
  const [opened, setOpened] = useState(0);
  const { attempt, error } = useAttempt();
  const isBare = desk.method === 'bare-board' || desk.method === null;
  const accepted = isBare && board?.flash ? acceptedNames(board.flash) : [];
  const ofBook = { bytes: next?.bytes, sha256: next?.sha256, names: accepted };
  const { inspected, file, inspect } = useInspection(worker, attempt, ofBook);
  const image = inspected?.image?.inspection ?? null;
  const name = (typedName ?? accepted[0] ?? inspected?.image?.name ?? '').trim();
  const comparison = compareWithBook(next, image);
  const isOther = comparison.kind === 'other';
  // An image that a lead let through against the book is the one that is looked for.
  const isLetThrough = isOther && desk.against?.sha256 === image?.sha256;
  const isAgainst = isOther && !isLetThrough;
  const wanted: StickWanted = {
    names: typedName === null && accepted.length > 0 ? accepted : [name],
    ...(isLetThrough ? { bytes: image?.bytes, sha256: image?.sha256 } : wantedOf(next, isAgainst ? null : image)),
    profile: isBare ? board?.flash?.reads : undefined,
  };
  const open = (dropped: File, entry: string | null) => {
    // What was found out and decided before belongs to another file.
    change({ stick: null, against: null, gates: desk.gates.filter((id) => id !== 'stick') });
    setOpened((count) => count + 1);
    void inspect(dropped, entry);
  };
  const judged = (verdict: StickFacts['verdict'], facts: Pick<StickFacts, 'isListedImage' | 'isFormatChecked'>) =>
    change({ stick: { verdict, ...facts, version: next?.version ?? null } });
  return {
    ...{ kept, setKept, typedName, setTypedName, attempt, error, isBare, accepted, inspected, file },
    ...{ image, name, comparison, isAgainst, wanted, opened, open, judged },
  };
}

/** The stick: what was downloaded, made into a stick, and the stick checked. */
export function StickStep({ firmware, worker }: StickStepProps) {
  const { change, revision, next } = firmware;
  const stick = useStick({ firmware, worker });
  const { inspected, name, comparison, isAgainst, isBare, attempt } = stick;
  return (
    <>
      <Downloaded firmware={firmware} worker={worker} stick={stick} />
      <Fields $columns={2}>
        <Field
          label={isBare ? 'File name that the board expects' : 'Name on the stick'}
          value={stick.typedName ?? name}
          onChange={stick.setTypedName}
          hint={nameHint(isBare, stick.accepted)}
          maxLength={255}
        />
      </Fields>
      {revision && next && (
        <OtherImages
          releases={besideReleases(revision, firmware)}
          kept={stick.kept}
          worker={worker}
          attempt={attempt}
          onKept={stick.setKept}
        />
      )}
      <MakeStickBlock
        isReady={inspected?.isImage === true && !isAgainst && name !== ''}
        names={{ name, isForBoard: isBare, version: next?.version ?? null, others: besideOrder(stick.kept, firmware) }}
        worker={worker}
        attempt={attempt}
        onWritten={(isSame) =>
          stick.judged(isSame ? 'good' : 'bad', { isListedImage: comparison.kind === 'same', isFormatChecked: false })
        }
      />
      <CheckStickBlock
        key={stick.opened}
        isReady={name !== ''}
        wanted={stick.wanted}
        worker={worker}
        attempt={attempt}
        onVerdict={(verdict) =>
          stick.judged(verdict, {
            isListedImage: next?.sha256 !== undefined && stick.wanted.sha256 === next.sha256 && verdict !== 'bad',
            isFormatChecked: true,
          })
        }
        onGoOn={() => change({ step: 'flash' })}
      />
    </>
  );
}

/** What was downloaded for the version, and how it stands to the board book. */
function Downloaded({ firmware, worker, stick }: StickStepProps & { readonly stick: ReturnType<typeof useStick> }) {
  const { change, board, desk, next } = firmware;
  const { inspected, file, image, comparison, isAgainst } = stick;
  return (
    <>
      <Title>The stick</Title>
      <Lead>
        {next
          ? `For version ${next.version}${next.file ? `, from the file ${next.file}` : ''}.`
          : 'Choose the version first, so that the download can be compared with the board book.'}
        {(desk.isOfCompletePc || board?.completePc) &&
          ` The board belongs to a complete PC: take the image from ${board?.completePc ?? 'the maker of that PC'} only.`}
      </Lead>
      <ImageBlock
        inspected={inspected}
        fileName={file?.name ?? null}
        comparison={comparison}
        underway={worker.underway}
        onFile={(dropped) => stick.open(dropped, null)}
        onEntry={(entry) => file && stick.open(file, entry)}
      />
      {stick.error && <Notice kind="danger">{stick.error}</Notice>}
      {isAgainst && image && inspected?.isImage && (
        <AgainstBook
          version={next?.version ?? ''}
          onDecide={(reason) => change({ against: { sha256: image.sha256, reason } })}
        />
      )}
    </>
  );
}

/** Size and hash that the stick is checked by: the book's, and of what it leaves out those of the image in hand. */
const wantedOf = (next: Release | null, image: Inspection | null): Pick<StickWanted, 'bytes' | 'sha256'> => ({
  bytes: next?.bytes ?? image?.bytes,
  sha256: next?.sha256 ?? image?.sha256,
});

/** The rest of the plan, then what is older than what is on: for going back. */
function besideReleases({ releases }: BoardRevision, { plan, next, desk }: Firmware): Release[] {
  const later = stepsOf(plan).map(({ version }) => version);
  const installed = releases.findIndex(({ version }) => version === desk.installed);
  const older = releases.slice(0, installed + 1).reverse();
  const onTheWay = releases.filter(({ version }) => later.includes(version) && version !== next?.version);
  return [...onTheWay, ...older.filter(({ version }) => version !== next?.version && !later.includes(version))];
}

/** What is kept, in the order of the plan; what is not on it comes last. */
function besideOrder(kept: readonly KeptImage[], { plan }: Firmware): string[] {
  const later = stepsOf(plan).map(({ version }) => version);
  const placeOf = (version: string) => (later.includes(version) ? later.indexOf(version) : later.length);
  return kept
    .filter(({ isKept }) => isKept)
    .map(({ version }) => version)
    .sort((a, b) => placeOf(a) - placeOf(b));
}

function nameHint(isBare: boolean, accepted: readonly string[]): string {
  if (!isBare) return 'Unchanged.';
  const others = accepted.length > 1 ? ` It also accepts ${listOf(accepted.slice(1))}.` : '';
  return `Exactly this, including the extension. The original file is copied beside it.${others}`;
}

/** The image is not the one of the board book: only a lead may go on, and says why. */
function AgainstBook({ version, onDecide }: { readonly version: string; readonly onDecide: (reason: string) => void }) {
  const mayDecide = useMay('flash-against-book');
  const [reason, setReason] = useState('');
  return (
    <Notice kind="danger">
      <span>
        This is not the image that the board book has for {version}. No stick is made from it
        {mayDecide ? ' unless you say why it is right all the same.' : ': a lead may decide otherwise.'}
      </span>
      {mayDecide && (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (reason.trim().length >= leastReason) onDecide(reason.trim());
          }}
        >
          <Field label="Why it is right all the same" value={reason} onChange={setReason} maxLength={400} />
          <Button type="submit" isDisabled={reason.trim().length < leastReason}>
            Go on against the board book
          </Button>
        </form>
      )}
    </Notice>
  );
}

/** A word or two at least: it goes on record. */
const leastReason = 8;

/** The downloaded file, opened in the worker. */
function useInspection(worker: StickWorker, attempt: Attempt, wanted: ImageWanted) {
  const [inspected, setInspected] = useState<Inspected | null>(null);
  const [file, setFile] = useState<File | null>(null);
  const inspect = async (dropped: File, entry: string | null) => {
    setFile(dropped);
    setInspected(await attempt(() => worker.run('inspect', (work) => work.inspect(dropped, entry, wanted))));
  };
  return { inspected, file, inspect };
}
