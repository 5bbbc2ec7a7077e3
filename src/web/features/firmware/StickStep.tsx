import { useState } from 'react';
import { Field } from '../../components/Field';
import { Notice } from '../../components/Notice';
import type { Inspected } from '../../workers/stick.worker';
import { useAttempt, type Attempt } from './use-attempt';
import type { StickWorker } from '../../workers/use-stick-worker';
import { CheckStickBlock } from './CheckStickBlock';
import { ImageBlock } from './ImageBlock';
import { compareWithBook } from './listed-image';
import { MakeStickBlock } from './MakeStickBlock';
import { Fields, Lead, Title } from './step-parts';
import type { Firmware } from './use-firmware';

interface StickStepProps {
  readonly firmware: Firmware;
  readonly worker: StickWorker;
}

/** The stick: what was downloaded, made into a stick, and the stick checked. */
export function StickStep({ firmware, worker }: StickStepProps) {
  const { desk, change, board, next } = firmware;
  const [typedName, setTypedName] = useState<string | null>(null);
  const { attempt, error } = useAttempt();
  const { inspected, file, inspect } = useInspection(worker, attempt);
  const isBare = desk.method === 'bare-board' || desk.method === null;
  const original = inspected?.image?.name ?? null;
  const name = typedName ?? (isBare ? board?.flash?.fileName : null) ?? original ?? '';
  const image = inspected?.image?.inspection ?? null;
  const comparison = compareWithBook(next, image);
  const sha256 = image?.sha256 ?? next?.sha256;
  const isListedImage = next?.sha256 !== undefined && sha256?.toLowerCase() === next.sha256.toLowerCase();
  return (
    <>
      <Title>The stick</Title>
      <Lead>
        {next
          ? `For version ${next.version}${next.file ? `, from the file ${next.file}` : ''}.`
          : 'Choose the version first, so that the download can be compared with the board book.'}
      </Lead>
      <ImageBlock
        inspected={inspected}
        fileName={file?.name ?? null}
        comparison={comparison}
        underway={worker.underway}
        onFile={(dropped) => void inspect(dropped, null)}
        onEntry={(entry) => file && void inspect(file, entry)}
      />
      {error && <Notice kind="danger">{error}</Notice>}
      <Fields $columns={2}>
        <Field
          label={isBare ? 'File name that the board expects' : 'Name on the stick'}
          value={name}
          onChange={setTypedName}
          hint={isBare ? 'Exactly this, including the extension. The original file is copied beside it.' : 'Unchanged.'}
          maxLength={255}
        />
      </Fields>
      <MakeStickBlock
        isReady={original !== null && name.trim() !== ''}
        name={name.trim()}
        original={original}
        worker={worker}
        attempt={attempt}
        onWritten={(isSame) => {
          const verdict = isSame ? 'good' : 'bad';
          change({ stick: { verdict, isListedImage: comparison.kind === 'same', isFormatChecked: false } });
        }}
      />
      <CheckStickBlock
        isReady={name.trim() !== ''}
        wanted={{ name: name.trim(), bytes: image?.bytes ?? next?.bytes, sha256 }}
        worker={worker}
        attempt={attempt}
        onVerdict={(verdict) => change({ stick: { verdict, isListedImage, isFormatChecked: true } })}
        onGoOn={() => change({ step: 'flash' })}
      />
    </>
  );
}

/** The downloaded file, opened in the worker. */
function useInspection(worker: StickWorker, attempt: Attempt) {
  const [inspected, setInspected] = useState<Inspected | null>(null);
  const [file, setFile] = useState<File | null>(null);
  const inspect = async (dropped: File, entry: string | null) => {
    setFile(dropped);
    setInspected(await attempt(() => worker.run('inspect', (work) => work.inspect(dropped, entry))));
  };
  return { inspected, file, inspect };
}
