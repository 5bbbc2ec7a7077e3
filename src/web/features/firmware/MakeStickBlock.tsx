import { FolderDown, HardDriveDownload } from 'lucide-react';
import { useState } from 'react';
import { mostStickBytes } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { download } from '../../components/download';
import { Select } from '../../components/Select';
import type { StickAnswer } from '../../workers/stick.worker';
import type { StickWorker } from '../../workers/use-stick-worker';
import { Block, Fields, Foot, Muted, Wrong } from './step-parts';

const mib = 2 ** 20;
const sizes = [64, 128, 256, 512, 1024, 2048, 4096, 8192, 16_384, mostStickBytes / mib];

/** What browsers on some systems have besides the standard. */
interface Pickers {
  showDirectoryPicker?: (options: { mode: 'readwrite' }) => Promise<FileSystemDirectoryHandle>;
  showSaveFilePicker?: (options: { suggestedName: string }) => Promise<FileSystemFileHandle>;
}

const isCancelled = (error: unknown): boolean => error instanceof DOMException && error.name === 'AbortError';

/** Makes the stick: straight into a mounted one where the browser can, or as an image to be written with any tool. */
export function MakeStickBlock({
  isReady,
  name,
  original,
  worker,
  attempt,
  onWritten,
}: {
  readonly isReady: boolean;
  readonly name: string;
  readonly original: string | null;
  readonly worker: StickWorker;
  readonly attempt: (work: () => Promise<StickAnswer>) => Promise<StickAnswer | null>;
  readonly onWritten: (isSame: boolean) => void;
}) {
  const [sizeMib, setSizeMib] = useState('128');
  const [said, setSaid] = useState<{ readonly isGood: boolean; readonly words: string } | null>(null);
  const pickers = window as unknown as Pickers;
  const totalBytes = Number(sizeMib) * mib;
  const stem = name.replace(/\.[^.]*$/, '').toLowerCase() || 'stick';
  const isBusy = worker.underway !== null;

  /** The person may close the picker: then nothing happens. */
  const picked = async <T,>(pick: (() => Promise<T>) | undefined): Promise<T | null> => {
    try {
      return pick ? await pick() : null;
    } catch (error) {
      if (isCancelled(error)) return null;
      throw error;
    }
  };
  const make = async (target: FileSystemFileHandle | null) => {
    setSaid(null);
    const made = await attempt(() => worker.ask({ kind: 'make', totalBytes, name, original, target }));
    if (made?.kind !== 'made') return;
    if (made.blob) download(made.blob, `${stem}.img.gz`);
    setSaid({
      isGood: true,
      words: made.blob
        ? 'Packed image saved. Unpack it while writing it to the stick, then check the stick below.'
        : 'Raw image saved. Write it to the stick with any tool that writes raw images, then check the stick below.',
    });
  };
  const saveRaw = async () => {
    const target = await picked(
      pickers.showSaveFilePicker &&
        (() => pickers.showSaveFilePicker?.({ suggestedName: `${stem}.img` }) as Promise<FileSystemFileHandle>),
    );
    if (target) await make(target);
  };
  const write = async () => {
    setSaid(null);
    const folder = await picked(
      pickers.showDirectoryPicker &&
        (() => pickers.showDirectoryPicker?.({ mode: 'readwrite' }) as Promise<FileSystemDirectoryHandle>),
    );
    if (!folder) return;
    const written = await attempt(() => worker.ask({ kind: 'write', folder, name, original }));
    if (written?.kind !== 'written') return;
    const wrong = written.files.filter(({ isSame }) => !isSame).map((file) => file.name);
    const isGood = wrong.length === 0;
    onWritten(isGood);
    setSaid({
      isGood,
      words: isGood
        ? `Written and read back the same: ${written.files.map((file) => file.name).join(', ')}. Eject it properly.`
        : `Not the same when read back: ${wrong.join(', ')}. Take another stick.`,
    });
  };
  return (
    <Block aria-label="Make the stick">
      <h2>2 · Make the stick</h2>
      <Fields $columns={2}>
        <Select
          label="Size of the image"
          value={sizeMib}
          onChange={setSizeMib}
          choices={sizes.map((size) => ({
            id: String(size),
            label: size < 1024 ? `${size} MiB` : `${size / 1024} GiB`,
          }))}
        />
      </Fields>
      <Foot>
        <Button isDisabled={!isReady || isBusy} onPress={() => void make(null)}>
          <HardDriveDownload size={18} aria-hidden /> Save a packed image
        </Button>
        {pickers.showSaveFilePicker && (
          <Button isDisabled={!isReady || isBusy} onPress={() => void saveRaw()}>
            <HardDriveDownload size={18} aria-hidden /> Save a raw image
          </Button>
        )}
        {pickers.showDirectoryPicker && (
          <Button isDisabled={!isReady || isBusy} onPress={() => void write()}>
            <FolderDown size={18} aria-hidden /> Write into a mounted stick
          </Button>
        )}
      </Foot>
      <p role="status" aria-live="polite">
        {worker.underway?.kind === 'make' && `Making it … ${Math.round(100 * worker.underway.share)} %`}
        {worker.underway?.kind === 'write' && 'Writing and reading back …'}
        {said && (said.isGood ? said.words : <Wrong>{said.words}</Wrong>)}
        {!isReady && <Muted>An image and a name first.</Muted>}
      </p>
    </Block>
  );
}
