import { listOf } from '../../components/format';
import { FolderDown, HardDriveDownload } from 'lucide-react';
import { useState } from 'react';
import { maxStickBytes } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { download } from '../../components/download';
import { Select } from '../../components/Select';
import type { Attempt } from './use-attempt';
import type { StickNames } from '../../workers/stick.worker';
import type { StickWorker } from '../../workers/use-stick-worker';
import { HowToWrite } from './HowToWrite';
import { TickLine } from '../../components/TickLine';
import { Block, Fields, Foot, Muted, Wrong } from './step-parts';

const mib = 2 ** 20;
const sizes = [64, 128, 256, 512, 1024, 2048, 4096, 8192, 16_384, maxStickBytes / mib];

const choiceOf = (size: number) => ({
  id: String(size),
  label: size < 1024 ? `${size} MiB` : `${size / 1024} GiB`,
});
const capacities = [512, 1024, 2048, 4096, 8192, 16_384, 32_768, 65_536, 131_072, 262_144].map(choiceOf);

/** What browsers on some systems have besides the standard. */
interface Pickers {
  showDirectoryPicker?: (options: { mode: 'readwrite' }) => Promise<FileSystemDirectoryHandle>;
  showSaveFilePicker?: (options: { suggestedName: string }) => Promise<FileSystemFileHandle>;
}

interface MakeStickBlockProps {
  readonly isReady: boolean;
  readonly names: StickNames;
  readonly worker: StickWorker;
  readonly attempt: Attempt;
  readonly onWritten: (isSame: boolean) => void;
}

/** What the last making said, and the three ways to make a stick. */
function useMaking({ names, worker, attempt, onWritten }: Omit<MakeStickBlockProps, 'isReady'>) {
  const [said, setSaid] = useState<{ readonly isGood: boolean; readonly words: string } | null>(null);
  const stem = names.name.replace(/\.[^.]*$/, '').toLowerCase() || 'stick';
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
  const [capacity, setCapacity] = useState('8192');
  const [sizeMib, setSizeMib] = useState('128');
  const [isFormatted, setFormatted] = useState(false);
  const { said, savePacked, saveRaw, writeFiles } = useMaking(props);
  const pickers = window as unknown as Pickers;
  const showSaveFilePicker = pickers.showSaveFilePicker?.bind(window);
  const showDirectoryPicker = pickers.showDirectoryPicker?.bind(window);
  const totalBytes = Math.min(Number(sizeMib), Number(capacity)) * mib;
  const isBusy = worker.underway !== null;
  return (
    <Block aria-label="Make the stick">
      <h2>2 · Make the stick</h2>
      <SizeFields capacity={capacity} size={sizeMib} onCapacity={setCapacity} onSize={setSizeMib} />
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
          <Button isDisabled={!isReady || isBusy || !isFormatted} onPress={() => void writeFiles(showDirectoryPicker)}>
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
      {showDirectoryPicker && (
        <TickLine
          isTicked={isFormatted}
          onChange={setFormatted}
          label="The mounted stick has one FAT32 partition of at most 32 GiB, and a partition table of the MBR kind"
        />
      )}
      <HowToWrite />
    </Block>
  );
}

interface SizeFieldsProps {
  /** Both in MiB, as they are chosen. */
  readonly capacity: string;
  readonly size: string;
  readonly onCapacity: (mib: string) => void;
  readonly onSize: (mib: string) => void;
}

/** How much the stick holds, and how large an image is made for it. */
function SizeFields({ capacity, size, onCapacity, onSize }: SizeFieldsProps) {
  return (
    <>
      <Fields $columns={2}>
        <Select label="Capacity of the stick" value={capacity} onChange={onCapacity} choices={capacities} />
        <Select
          label="Size of the image"
          value={size}
          onChange={onSize}
          choices={sizes.filter((one) => one <= Number(capacity)).map(choiceOf)}
        />
      </Fields>
      {Number(capacity) > maxStickBytes / mib && (
        <p>
          It is larger than 32 GiB: the image makes one small partition on it, and the rest stays unused. Formatted
          whole it would be too large for many boards.
        </p>
      )}
    </>
  );
}
