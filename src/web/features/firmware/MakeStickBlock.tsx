import { listOf } from '../../components/format';
import { FolderDown, HardDriveDownload } from 'lucide-react';
import { useState } from 'react';
import { maxStickBytes } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { download } from '../../components/download';
import { Select } from '../../components/Select';
import type { Attempt } from './use-attempt';
import type { StickWorker } from '../../workers/use-stick-worker';
import { Block, Fields, Foot, Muted, Wrong } from './step-parts';

const mib = 2 ** 20;
const sizes = [64, 128, 256, 512, 1024, 2048, 4096, 8192, 16_384, maxStickBytes / mib];

/** What browsers on some systems have besides the standard. */
interface Pickers {
  showDirectoryPicker?: (options: { mode: 'readwrite' }) => Promise<FileSystemDirectoryHandle>;
  showSaveFilePicker?: (options: { suggestedName: string }) => Promise<FileSystemFileHandle>;
}

interface MakeStickBlockProps {
  readonly isReady: boolean;
  readonly name: string;
  readonly original: string | null;
  readonly worker: StickWorker;
  readonly attempt: Attempt;
  readonly onWritten: (isSame: boolean) => void;
}

/** What the last making said, and the three ways to make a stick. */
function useMaking({ name, original, worker, attempt, onWritten }: Omit<MakeStickBlockProps, 'isReady'>) {
  const [said, setSaid] = useState<{ readonly isGood: boolean; readonly words: string } | null>(null);
  const names = { name, original };
  const stem = name.replace(/\.[^.]*$/, '').toLowerCase() || 'stick';
  const savePacked = async (totalBytes: number) => {
    setSaid(null);
    const packed = await attempt(() => worker.run('make', (work) => work.pack(totalBytes, names)));
    if (!packed) return;
    download(packed, `${stem}.img.gz`);
    setSaid({
      isGood: true,
      words: 'Packed image saved. Unpack it while writing it to the stick, then check the stick below.',
    });
  };
  const saveRaw = async (totalBytes: number, pick: NonNullable<Pickers['showSaveFilePicker']>) => {
    setSaid(null);
    const isMade = await attempt(async () => {
      const target = await pick({ suggestedName: `${stem}.img` });
      await worker.run('make', (work, onProgress) => work.writeRaw(target, totalBytes, names, onProgress));
      return true;
    });
    if (!isMade) return;
    setSaid({
      isGood: true,
      words: 'Raw image saved. Write it to the stick with any tool that writes raw images, then check the stick below.',
    });
  };
  const writeFiles = async (pick: NonNullable<Pickers['showDirectoryPicker']>) => {
    setSaid(null);
    const written = await attempt(async () => {
      const folder = await pick({ mode: 'readwrite' });
      return worker.run('write', (work) => work.writeFiles(folder, names));
    });
    if (!written) return;
    const wrong = written.filter(({ isSame }) => !isSame).map((file) => file.name);
    const isGood = wrong.length === 0;
    onWritten(isGood);
    setSaid({
      isGood,
      words: isGood
        ? `Written and read back the same: ${listOf(written.map((file) => file.name))}. Eject it properly.`
        : `Not the same when read back: ${listOf(wrong)}. Take another stick.`,
    });
  };
  return { said, savePacked, saveRaw, writeFiles };
}

/** Makes the stick: straight into a mounted one where the browser can, or as an image to be written with any tool. */
export function MakeStickBlock(props: MakeStickBlockProps) {
  const { isReady, worker } = props;
  const [sizeMib, setSizeMib] = useState('128');
  const { said, savePacked, saveRaw, writeFiles } = useMaking(props);
  const pickers = window as unknown as Pickers;
  const showSaveFilePicker = pickers.showSaveFilePicker?.bind(window);
  const showDirectoryPicker = pickers.showDirectoryPicker?.bind(window);
  const totalBytes = Number(sizeMib) * mib;
  const isBusy = worker.underway !== null;
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
        <Button isDisabled={!isReady || isBusy} onPress={() => void savePacked(totalBytes)}>
          <HardDriveDownload size={18} aria-hidden /> Save a packed image
        </Button>
        {showSaveFilePicker && (
          <Button isDisabled={!isReady || isBusy} onPress={() => void saveRaw(totalBytes, showSaveFilePicker)}>
            <HardDriveDownload size={18} aria-hidden /> Save a raw image
          </Button>
        )}
        {showDirectoryPicker && (
          <Button isDisabled={!isReady || isBusy} onPress={() => void writeFiles(showDirectoryPicker)}>
            <FolderDown size={18} aria-hidden /> Write into a mounted stick
          </Button>
        )}
      </Foot>
      <p role="status" aria-live="polite">
        {worker.underway?.task === 'make' &&
          `Making it …${worker.underway.share > 0 ? ` ${Math.round(100 * worker.underway.share)} %` : ''}`}
        {worker.underway?.task === 'write' && 'Writing and reading back …'}
        {said && (said.isGood ? said.words : <Wrong>{said.words}</Wrong>)}
        {!isReady && <Muted>Choose an image and a name first.</Muted>}
      </p>
    </Block>
  );
}
