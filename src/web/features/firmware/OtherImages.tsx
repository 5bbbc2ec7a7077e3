import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import type { Release } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Select } from '../../components/Select';
import type { KeptImage } from '../../workers/stick.worker';
import type { StickWorker } from '../../workers/use-stick-worker';
import { ReasonList } from './ReasonList';
import { Block, Fields, Foot, Muted } from './step-parts';
import type { Attempt } from './use-attempt';

interface OtherImagesProps {
  /** What may come onto the same stick: the rest of the plan first, then older ones. */
  readonly releases: readonly Release[];
  readonly kept: readonly KeptImage[];
  readonly worker: StickWorker;
  readonly attempt: Attempt;
  readonly onKept: (kept: readonly KeptImage[]) => void;
}

/** Further versions on the same stick: what is flashed after the first, or an older one for going back. */
export function OtherImages({ releases, kept, worker, attempt, onKept }: OtherImagesProps) {
  const left = releases.filter(({ version }) => !kept.some((one) => one.version === version && one.isKept));
  const [chosen, setChosen] = useState('');
  const release = left.find(({ version }) => version === chosen) ?? left[0];
  const others = kept.filter(({ version }) => version !== release?.version);
  const keep = async (file: File | undefined) => {
    if (!file || !release) return;
    const { version, bytes, sha256 } = release;
    const found = await attempt(() => worker.run('inspect', (work) => work.keep(version, file, { bytes, sha256 })));
    if (found) onKept([...others, found]);
  };
  const drop = async (version: string) => {
    await attempt(() => worker.run('inspect', (work) => work.drop(version)));
    onKept(kept.filter((one) => one.version !== version));
  };
  return (
    <Block aria-label="Further versions on this stick">
      <details open={kept.length > 0}>
        <summary>Further versions on the same stick: {kept.filter(({ isKept }) => isKept).length}</summary>
        <p>
          Each keeps its own name, and a plain list on the stick says what is what. Only the first has the name of the
          board.
        </p>
        <ul>
          {kept.map(({ version, name, reasons, isKept }) => (
            <li key={version}>
              {version}: {name} {isKept ? '' : <Muted>is not taken</Muted>}
              <ReasonList reasons={reasons} />
              <Button $kind="quiet" onPress={() => void drop(version)}>
                Take {version} off the list
              </Button>
            </li>
          ))}
        </ul>
        {release && (
          <Fields $columns={2}>
            <Select
              label="Further version"
              value={release.version}
              choices={left.map(({ version }) => ({ id: version, label: version }))}
              onChange={setChosen}
            />
            <Foot>
              <FileTrigger onSelect={(files) => void keep(files?.[0])}>
                <Button isDisabled={worker.underway !== null}>Choose its archive or image</Button>
              </FileTrigger>
            </Foot>
          </Fields>
        )}
      </details>
    </Block>
  );
}
