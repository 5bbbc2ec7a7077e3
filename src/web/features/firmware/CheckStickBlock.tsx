import { ScanSearch } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger, Text } from 'react-aria-components';
import styled from 'styled-components';
import type { StickVerdict, StickWanted } from '../../../core/firmware';
import { Button } from '../../components/Button';
import type { Attempt } from './use-attempt';
import type { StickWorker } from '../../workers/use-stick-worker';
import { Drop, droppedFile } from './ImageBlock';
import { ReasonList } from './ReasonList';
import { Block, Foot } from './step-parts';

const Verdict = styled.p<{ $verdict: StickVerdict['verdict'] }>`
  margin: 0.7rem 0 0.2rem;
  font-size: 1.2rem;
  font-weight: 700;
  color: ${({ theme, $verdict }) =>
    $verdict === 'bad' ? theme.danger : $verdict === 'good' ? theme.ink : theme.suspicion};
`;

const words: Readonly<Record<StickVerdict['verdict'], string>> = {
  good: 'The stick is good.',
  'good-with-warnings': 'The stick should work; some boards may have trouble with it.',
  bad: 'The stick will not work.',
};

/** Judges an image of a stick that somebody made. */
export function CheckStickBlock({
  isReady,
  wanted,
  worker,
  attempt,
  onVerdict,
  onGoOn,
}: {
  readonly isReady: boolean;
  readonly wanted: StickWanted;
  readonly worker: StickWorker;
  readonly attempt: Attempt;
  readonly onVerdict: (verdict: StickVerdict['verdict']) => void;
  readonly onGoOn: () => void;
}) {
  const [verdict, setVerdict] = useState<StickVerdict | null>(null);
  const check = async (file: File | null) => {
    if (!file || !isReady) return;
    setVerdict(null);
    const found = await attempt(() => worker.run('check', (work, onProgress) => work.check(file, wanted, onProgress)));
    if (!found) return;
    setVerdict(found);
    onVerdict(found.verdict);
  };
  return (
    <Block aria-label="Check the stick">
      <h2>3 · Check the stick</h2>
      <Drop onDrop={(event) => void droppedFile(event.items).then(check)}>
        <FileTrigger onSelect={(files) => void check(files?.[0] ?? null)}>
          <Button isDisabled={!isReady || worker.underway !== null}>
            <ScanSearch size={18} aria-hidden /> Choose an image of the stick
          </Button>
        </FileTrigger>
        <Text slot="label">or drop one here: raw, or packed with gzip.</Text>
      </Drop>
      <div role="status" aria-live="polite">
        {worker.underway?.task === 'check' && <p>Reading it … {Math.round(100 * worker.underway.share)} %</p>}
        {verdict && (
          <>
            <Verdict $verdict={verdict.verdict}>{words[verdict.verdict]}</Verdict>
            <ReasonList reasons={verdict.reasons} />
          </>
        )}
      </div>
      <Foot>
        <Button $kind="primary" onPress={onGoOn}>
          Go to the flash
        </Button>
      </Foot>
    </Block>
  );
}
