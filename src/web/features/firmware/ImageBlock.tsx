import { counted, decimal } from '../../components/format';
import { FileDown } from 'lucide-react';
import { DropZone, FileTrigger, Text, type FileDropItem } from 'react-aria-components';
import styled from 'styled-components';
import type { Inspection } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Select } from '../../components/Select';
import { fonts } from '../../theme/tokens';
import type { Inspected } from '../../workers/stick.worker';
import type { StickWorker } from '../../workers/use-stick-worker';
import type { Comparison } from './listed-image';
import { ReasonList } from './ReasonList';
import { Block, Muted, Wrong } from './step-parts';

export const Drop = styled(DropZone)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem 1rem;
  padding: 0.9rem;
  border: 2px dashed ${({ theme }) => theme.muted};
  border-radius: 8px;
  &[data-drop-target] {
    border-color: ${({ theme }) => theme.strong};
    background: ${({ theme }) => theme.panel};
  }
`;
const Facts = styled.dl`
  display: grid;
  grid-template-columns: 8rem minmax(0, 1fr);
  gap: 0.2rem 0.8rem;
  margin: 0.8rem 0;
  dt {
    color: ${({ theme }) => theme.muted};
  }
  code {
    font-family: ${fonts.code};
    overflow-wrap: anywhere;
  }
`;

const kindWords: Readonly<Record<Inspection['kind'], string>> = {
  archive: 'An archive',
  image: 'A firmware image',
  capsule: 'A UEFI capsule',
  package: 'A package',
  program: 'A program',
  'web-page': 'A web page',
  document: 'A document',
  text: 'A text',
  erased: 'An erased image (all FF)',
  empty: 'An empty file',
  unknown: 'Something else',
};

/** Takes the first file of what was dropped. */
export async function droppedFile(items: Iterable<{ readonly kind: string }>): Promise<File | null> {
  for (const item of items) if (item.kind === 'file') return (item as FileDropItem).getFile();
  return null;
}

interface ImageBlockProps {
  readonly inspected: Inspected | null;
  readonly fileName: string | null;
  readonly comparison: Comparison;
  readonly underway: StickWorker['underway'];
  readonly onFile: (file: File) => void;
  readonly onEntry: (entry: string) => void;
}

/** The downloaded file: dropped or chosen, opened in the worker, its image compared with the book. */
export function ImageBlock({ inspected, fileName, comparison, underway, onFile, onEntry }: ImageBlockProps) {
  return (
    <Block aria-label="Downloaded file">
      <h2>1 · What was downloaded</h2>
      <Drop onDrop={(event) => void droppedFile(event.items).then((file) => file && onFile(file))}>
        <FileTrigger onSelect={(files) => files?.[0] && onFile(files[0])}>
          <Button>
            <FileDown size={18} aria-hidden /> Choose archive or image
          </Button>
        </FileTrigger>
        <Text slot="label">{fileName ?? 'or drop it here. It is opened on this computer only.'}</Text>
      </Drop>
      <div role="status" aria-live="polite">
        {underway?.task === 'inspect' && <p>Opening it …</p>}
        {inspected && (
          <>
            <ImageFacts inspected={inspected} comparison={comparison} />
            {inspected.file.candidates.length > 1 && (
              <Select
                label="Which of these is the image?"
                value={inspected.image?.entry ?? ''}
                choices={inspected.file.candidates.map((id) => ({ id, label: id }))}
                onChange={onEntry}
              />
            )}
            <ReasonList reasons={inspected.reasons} />
          </>
        )}
      </div>
    </Block>
  );
}

interface ImageFactsProps {
  readonly inspected: Inspected;
  readonly comparison: Comparison;
}

function ImageFacts({ inspected: { file, image: named, milliseconds }, comparison }: ImageFactsProps) {
  const image = named?.inspection ?? null;
  return (
    <Facts>
      <dt>It is</dt>
      <dd>
        {kindWords[file.kind]}
        {named && named.entry !== null && (
          <>
            {' '}
            with the image <strong>{named.name}</strong>
          </>
        )}
      </dd>
      {image && (
        <>
          <dt>Size</dt>
          <dd>
            {sizeInWords(image.bytes)} <Muted>opened and checked in {decimal(milliseconds / 1000, 1)} s</Muted>
          </dd>
          <dt>Inside</dt>
          <dd>{volumeWords(image)}</dd>
          <dt>CRC-32</dt>
          <dd>
            <code>{image.crc32}</code>
          </dd>
          <dt>SHA-256</dt>
          <dd>
            <code>{image.sha256}</code>
          </dd>
        </>
      )}
      {comparison.kind !== 'nothing' && (
        <>
          <dt>Board book</dt>
          <dd>{comparison.kind === 'other' ? <Wrong>{comparison.words}</Wrong> : <Muted>{comparison.words}</Muted>}</dd>
        </>
      )}
    </Facts>
  );
}

/** Bytes with the size that chips are sold by. */
export function sizeInWords(bytes: number): string {
  const mib = bytes / 2 ** 20;
  return Number.isInteger(mib) ? `${mib} MiB` : counted(bytes, 'byte');
}

function volumeWords({ volumes }: Inspection): string {
  if (volumes.length === 0) return 'no UEFI firmware volume';
  const good = volumes.filter(({ headerChecksumValid }) => headerChecksumValid).length;
  return `${counted(volumes.length, 'UEFI firmware volume')}, ${good === volumes.length ? 'all headers valid' : `${volumes.length - good} with a bad header`}`;
}
