import { useState } from 'react';
import { acceptedNames, type BoardRevision, type ImageWanted, type Release } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { listOf } from '../../components/format';
import { Notice } from '../../components/Notice';
import type { Inspected, KeptImage } from '../../workers/stick.worker';
import { useMay } from '../../shell/me';
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

/** The stick: what was downloaded, made into a stick, and the stick checked. */
export function StickStep({ firmware, worker }: StickStepProps) {
  const { desk, change, board, revision, next } = firmware;
  const [kept, setKept] = useState<readonly KeptImage[]>([]);
  const beside = besideOrder(kept, firmware);
  const [typedName, setTypedName] = useState<string | null>(null);
  const { attempt, error } = useAttempt();
  const isBare = desk.method === 'bare-board' || desk.method === null;
  const accepted = isBare && board?.flash ? acceptedNames(board.flash) : [];
  const { inspected, file, inspect } = useInspection(worker, attempt, {
    bytes: next?.bytes,
    sha256: next?.sha256,
    names: accepted,
  });
  const original = inspected?.image?.name ?? null;
  const name = (typedName ?? accepted[0] ?? original ?? '').trim();
  const image = inspected?.image?.inspection ?? null;
  const comparison = compareWithBook(next, image);
  const isAgainst = comparison.kind === 'other' && image !== null && desk.against?.sha256 !== image.sha256;
  // What the book says governs; an image that a lead let through against it is the one that is looked for.
  const wanted = comparison.kind === 'other' && !isAgainst ? image : (next?.sha256 && next) || (image ?? next);
  const open = (dropped: File, entry: string | null) => {
    // What was found out before belongs to another file.
    change({ stick: null, gates: desk.gates.filter((id) => id !== 'stick') });
    void inspect(dropped, entry);
  };
  return (
    <>
      <Title>The stick</Title>
      <Lead>
        {next
          ? `For version ${next.version}${next.file ? `, from the file ${next.file}` : ''}.`
          : 'Choose the version first, so that the download can be compared with the board book.'}
        {board?.completePc && ` The board belongs to a complete PC: take the image from ${board.completePc} only.`}
      </Lead>
      <ImageBlock
        inspected={inspected}
        fileName={file?.name ?? null}
        comparison={comparison}
        underway={worker.underway}
        onFile={(dropped) => open(dropped, null)}
        onEntry={(entry) => file && open(file, entry)}
      />
      {error && <Notice kind="danger">{error}</Notice>}
      {isAgainst && inspected?.isImage && (
        <AgainstBook
          version={next?.version ?? ''}
          onDecide={(reason) => change({ against: { sha256: image.sha256, reason } })}
        />
      )}
      <Fields $columns={2}>
        <Field
          label={isBare ? 'File name that the board expects' : 'Name on the stick'}
          value={typedName ?? name}
          onChange={setTypedName}
          hint={nameHint(isBare, accepted)}
          maxLength={255}
        />
      </Fields>
      {revision && next && (
        <OtherImages
          releases={besideReleases(revision, firmware)}
          kept={kept}
          worker={worker}
          attempt={attempt}
          onKept={setKept}
        />
      )}
      <MakeStickBlock
        isReady={inspected?.isImage === true && !isAgainst && name !== ''}
        names={{ name, isForBoard: isBare, version: next?.version ?? null, others: beside }}
        worker={worker}
        attempt={attempt}
        onWritten={(isSame) => {
          const verdict = isSame ? 'good' : 'bad';
          const isListedImage = comparison.kind === 'same';
          change({ stick: { verdict, isListedImage, isFormatChecked: false, version: next?.version ?? null } });
        }}
      />
      <CheckStickBlock
        key={image?.sha256 ?? 'none'}
        isReady={name !== ''}
        wanted={{
          names: typedName === null && accepted.length > 0 ? accepted : [name],
          bytes: wanted?.bytes,
          sha256: wanted?.sha256,
          profile: isBare ? board?.flash?.reads : undefined,
        }}
        worker={worker}
        attempt={attempt}
        onVerdict={(verdict) => {
          const isListedImage = next?.sha256 !== undefined && wanted?.sha256 === next.sha256 && verdict !== 'bad';
          change({ stick: { verdict, isListedImage, isFormatChecked: true, version: next?.version ?? null } });
        }}
        onGoOn={() => change({ step: 'flash' })}
      />
    </>
  );
}

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
