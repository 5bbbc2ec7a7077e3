import { Camera, Paperclip } from 'lucide-react';
import type { ReactNode, Ref } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../../components/Button';
import { counted } from '../../../components/format';
import { Notice } from '../../../components/Notice';
import type { AddFiles } from './use-attachments';

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
`;

interface PhotosTriggerProps {
  readonly onFiles: (files: readonly File[]) => void;
  /** The hidden field, for a key that opens it. */
  readonly input?: Ref<HTMLInputElement>;
  readonly children: ReactNode;
}

/** A button within it chooses photos, several at once; a phone asks by itself whether to take one. */
export function PhotosTrigger({ onFiles, input, children }: PhotosTriggerProps) {
  return (
    <FileTrigger
      {...(input ? { ref: input } : {})}
      acceptedFileTypes={['image/*']}
      allowsMultiple
      onSelect={(files) => files && files.length > 0 && onFiles([...files])}
    >
      {children}
    </FileTrigger>
  );
}

/** Takes a photo where there is a camera, or chooses files. */
export function AddFilesButtons({ onFiles }: Pick<PhotosTriggerProps, 'onFiles'>) {
  const take = (files: FileList | null) => files && files.length > 0 && onFiles([...files]);
  return (
    <Row>
      <FileTrigger acceptedFileTypes={['image/*']} defaultCamera="environment" onSelect={take}>
        <Button>
          <Camera size={18} aria-hidden /> Take a photo
        </Button>
      </FileTrigger>
      <FileTrigger allowsMultiple onSelect={take}>
        <Button>
          <Paperclip size={18} aria-hidden /> Choose files
        </Button>
      </FileTrigger>
    </Row>
  );
}

/** What becomes of files that were just added, and why some were not taken. */
export function AddingNotice({ busy, problems, dismiss }: Pick<AddFiles, 'busy' | 'problems' | 'dismiss'>) {
  return (
    <>
      {busy > 0 && <Notice kind="plain">Preparing {counted(busy, 'file')} …</Notice>}
      {problems.length > 0 && (
        <Notice kind="danger">
          <span>{problems.join(' ')}</span>
          <Button onPress={dismiss}>Dismiss</Button>
        </Notice>
      )}
    </>
  );
}
