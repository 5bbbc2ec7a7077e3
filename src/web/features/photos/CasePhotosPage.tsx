import { FileAudio, FileDigit, FileText } from 'lucide-react';
import { DropZone, isFileDropItem, type DropZoneProps } from 'react-aria-components';
import { useLocation, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import type { CaseState } from '../../../core/casework';
import { entryWords } from '../../../core/record';
import { FILE_ENDINGS, type StoredKind } from '../../../core/attachments';
import { attachmentPath } from '../../api/attachments';
import { Button } from '../../components/Button';
import { download } from '../../components/download';
import { counted, dayAndTime, fileSize } from '../../components/format';
import { Notice } from '../../components/Notice';
import { fileQueue } from '../../device/file-queue-store';
import { Allowed } from '../../shell/Allowed';
import { useMay } from '../../shell/me';
import { Page } from '../../shell/Page';
import { AddFilesButtons, AddingNotice } from '../case-log/attachments/AddFilesButtons';
import { PhotoStrip } from '../case-log/attachments/PhotoStrip';
import type { ShownFile } from '../case-log/attachments/shown-files';
import { useAddFiles } from '../case-log/attachments/use-attachments';
import { usePhotos, type Photos } from '../case-log/attachments/use-photos';
import { CaseRoom } from '../case-log/CaseRoom';
import { useDiagnosedCase } from '../case-log/use-diagnosed-case';

const Drop = styled(DropZone)`
  min-height: 0;
  overflow: auto;
  padding: 1rem;
  &[data-drop-target] {
    background: ${({ theme }) => theme.suspicionSoft};
  }
`;
const Frame = styled.main`
  display: grid;
  gap: 1.4rem;
  max-width: 76rem;
  margin: 0 auto;
  h2 {
    margin-bottom: 0.5rem;
    font-size: 1.1rem;
  }
`;
const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.8rem;
  h1 {
    flex: 1;
    font-size: 1.25rem;
  }
`;
const Quiet = styled.p`
  max-width: 42rem;
  color: ${({ theme }) => theme.muted};
`;
const Files = styled.ul`
  list-style: none;
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.3rem 0.8rem;
    min-height: 44px;
    padding: 0.3rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  code {
    overflow-wrap: anywhere;
    font-size: 0.82rem;
  }
`;
const Name = styled.span`
  flex: 1;
  min-width: 12rem;
  overflow-wrap: anywhere;
`;

/** Photos and other files of a case: the whole room takes what is dropped on it. */
export function CasePhotosPage() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const { found, error } = useDiagnosedCase(id);
  const diagnosis = found?.diagnosed.diagnosis;
  if (!found || !diagnosis)
    return <Page title="Photos and files">{error && <Notice kind="danger">{error.message}</Notice>}</Page>;
  const { logged } = found.newest;
  return (
    <CaseRoom
      caseId={id}
      number={found.number}
      machine={logged.opened.machine.name}
      room="Photos and files"
      links={diagnosis.links}
      onLeave={() => void navigate(`/cases/${id}`)}
    >
      <Room caseId={id} state={logged} />
    </CaseRoom>
  );
}

function Room({ caseId, state }: { readonly caseId: string; readonly state: CaseState }) {
  const photos = usePhotos(caseId, state);
  // What is to be said of photos that were chosen at intake.
  const { problems = [] } = (useLocation().state ?? {}) as { readonly problems?: readonly string[] };
  const adding = useAddFiles(problems);
  const mayWrite = useMay('write-cases');
  const take = (files: readonly File[]) => void adding.add(caseId, files);
  return (
    <Drop
      isDisabled={!mayWrite}
      getDropOperation={() => 'copy'}
      onDrop={(event) => void filesOf(event).then((files) => files.length > 0 && take(files))}
      aria-label="Drop photos and files here"
    >
      <Frame>
        <Head>
          <h1>Photos and files</h1>
          <Allowed action="write-cases">
            <AddFilesButtons onFiles={take} />
          </Allowed>
          <Allowed action="export-cases">
            <Button as="a" {...{ href: `/api/cases/${caseId}/file.zip`, download: true }}>
              Save the case with its photos (zip)
            </Button>
          </Allowed>
        </Head>
        <AddingNotice {...adding} />
        <Refused files={photos.files} />
        {photos.files.length === 0 && (
          <Quiet>
            Nothing yet. Photos are scaled down, and where they were taken is left out. Recordings (WAV) and tables
            (CSV) are kept as they are; of any other file its name, size and SHA-256.
          </Quiet>
        )}
        <Groups caseId={caseId} state={state} photos={photos} />
        <OtherFiles caseId={caseId} files={photos.files} />
        {photos.viewer}
      </Frame>
    </Drop>
  );
}

type Dropped = Parameters<NonNullable<DropZoneProps['onDrop']>>[0];

const filesOf = ({ items }: Dropped): Promise<readonly File[]> =>
  Promise.all(items.filter(isFileDropItem).map((item) => item.getFile()));

/** Photos of the case as a whole first, then those of each entry in the order of the log. */
function Groups({
  caseId,
  state,
  photos,
}: {
  readonly caseId: string;
  readonly state: CaseState;
  readonly photos: Photos;
}) {
  const entries = state.entries.filter(({ event }) => photos.photos.some(({ of }) => of === event.id));
  const named = new Set(entries.map(({ event }) => event.id));
  const groups = [
    {
      id: 'case',
      title: entries.length > 0 ? 'Of the case' : 'Photos',
      own: photos.photos.filter(({ of }) => !named.has(of ?? '')),
    },
    ...entries.map((entry) => {
      const { done, seen } = entryWords(entry);
      return {
        id: entry.event.id,
        title: seen === '' ? done : `${done}: ${seen}`,
        own: photos.photos.filter(({ of }) => of === entry.event.id),
      };
    }),
  ];
  return groups.map(
    ({ id, title, own }) =>
      own.length > 0 && (
        <section key={id} aria-label={title}>
          <h2>{title}</h2>
          <PhotoStrip caseId={caseId} photos={own} numberOf={photos.numberOf} isLarge onOpen={photos.open} />
        </section>
      ),
  );
}

const icons = { sound: FileAudio, table: FileText, digest: FileDigit } as const;

function OtherFiles({ caseId, files }: { readonly caseId: string; readonly files: readonly ShownFile[] }) {
  const others = files.filter(({ as }) => as !== 'picture' && as !== 'signature');
  if (others.length === 0) return null;
  return (
    <section aria-labelledby="other-files">
      <h2 id="other-files">Other files</h2>
      <Files>
        {others.map((one) => (
          <li key={one.file}>
            <OtherFile caseId={caseId} file={one} />
          </li>
        ))}
      </Files>
    </section>
  );
}

function OtherFile({ caseId, file }: { readonly caseId: string; readonly file: ShownFile }) {
  const Icon = icons[file.as as keyof typeof icons];
  return (
    <>
      <Icon size={20} aria-hidden />
      <Name>{file.name}</Name>
      <span>{fileSize(file.bytes)}</span>
      <span>{dayAndTime(file.at)}</span>
      {file.as === 'digest' ? (
        <code>SHA-256 {file.sha256}</code>
      ) : file.queued ? (
        <span>not sent yet</span>
      ) : (
        <Button as="a" {...{ href: attachmentPath(caseId, file.file), download: file.name }}>
          Save
        </Button>
      )}
    </>
  );
}

/** What the server did not take stays on the device until somebody lets it go. */
function Refused({ files }: { readonly files: readonly ShownFile[] }) {
  const refused = files.flatMap(({ queued }) => (queued?.refused === undefined ? [] : [queued]));
  if (refused.length === 0) return null;
  return (
    <Notice kind="danger">
      <span>
        {counted(refused.length, 'file')} not taken by the server: {refused[0]?.refused}
      </span>
      <Button
        onPress={() =>
          refused.forEach(({ bytes, event: { as, name } }) =>
            download(bytes, `${name}.${FILE_ENDINGS[as as StoredKind]}`),
          )
        }
      >
        Save as files
      </Button>
      <Button onPress={() => refused.forEach(({ key }) => void fileQueue.drop(key))}>Remove from this device</Button>
    </Notice>
  );
}
