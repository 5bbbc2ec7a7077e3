import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import type { CaseState, Signer } from '../../../core/casework';
import { Button } from '../../components/Button';
import { dateAndTime } from '../../components/format';
import { FormSheet } from '../../components/FormSheet';
import { useQueuedFiles } from '../../device/file-queue-store';
import { Allowed } from '../../shell/Allowed';
import { FilePicture } from '../case-log/attachments/FilePicture';
import { shownFiles } from '../case-log/attachments/shown-files';
import { SignatureField } from '../case-log/attachments/SignatureField';
import { useAddFiles } from '../case-log/attachments/use-attachments';
import { useToCome } from '../case-log/use-to-come';
import { Panel, PanelHead, Quiet } from './panel-parts';

const Lines = styled.dl`
  display: grid;
  grid-template-columns: 8rem minmax(0, 1fr);
  gap: 0.6rem 1rem;
  align-items: center;
  dt {
    font-weight: 600;
  }
  dd {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 1rem;
  }
  img {
    width: auto;
    max-width: 12rem;
    height: 44px;
    object-fit: contain;
    padding: 2px 8px;
    border-radius: 4px;
    background: #fff;
  }
`;

const lines: readonly { readonly by: Signer; readonly label: string }[] = [
  { by: 'shop', label: 'Tested by' },
  { by: 'owner', label: 'Received by' },
];

/** The list of tested parts with who signed it; it is the paper that a bench test ends in. */
export function PartsListPanel({ caseId, state }: { readonly caseId: string; readonly state: CaseState }) {
  const [signer, setSigner] = useState<Signer | null>(null);
  const files = shownFiles(state.attachments, useQueuedFiles(caseId));
  const { add } = useAddFiles();
  const toCome = useToCome(caseId);
  return (
    <Panel aria-labelledby="parts-list">
      <PanelHead>
        <h2 id="parts-list">Parts list</h2>
        <Allowed action="export-cases">
          {toCome > 0 ? (
            <Quiet role="status">The PDF waits for what is being saved.</Quiet>
          ) : (
            <Button as="a" {...{ href: `/api/cases/${caseId}/papers/parts.pdf`, download: true }}>
              Save as PDF
            </Button>
          )}
        </Allowed>
      </PanelHead>
      <Lines>
        {lines.map(({ by, label }) => {
          const signed = files.findLast(({ signs }) => signs?.paper === 'parts-list' && signs.by === by);
          return (
            <SignedLine key={by} label={label} onSign={() => setSigner(by)}>
              {signed ? (
                <>
                  <FilePicture caseId={caseId} file={signed} alt={`${label}, signed`} />
                  <Quiet>{dateAndTime(signed.at)}</Quiet>
                </>
              ) : (
                <Quiet>not signed</Quiet>
              )}
            </SignedLine>
          );
        })}
      </Lines>
      {signer && (
        <SignSheet
          label={lines.find(({ by }) => by === signer)?.label ?? ''}
          onClose={() => setSigner(null)}
          onSigned={(signature) => {
            setSigner(null);
            void add(caseId, [signature], { name: 'Signature', signs: { paper: 'parts-list', by: signer } });
          }}
        />
      )}
    </Panel>
  );
}

interface SignedLineProps {
  readonly label: string;
  readonly onSign: () => void;
  readonly children: ReactNode;
}

function SignedLine({ label, onSign, children }: SignedLineProps) {
  return (
    <>
      <dt>{label}</dt>
      <dd>
        {children}
        <Allowed action="write-cases">
          <Button onPress={onSign} aria-label={`Sign: ${label}`}>
            Sign on the screen
          </Button>
        </Allowed>
      </dd>
    </>
  );
}

interface SignSheetProps {
  readonly label: string;
  readonly onSigned: (signature: File) => void;
  readonly onClose: () => void;
}

function SignSheet({ label, onSigned, onClose }: SignSheetProps) {
  const [signature, setSignature] = useState<File | null>(null);
  return (
    <FormSheet
      title="Parts list"
      submit="Sign"
      isBusy={signature === null}
      onSubmit={() => signature && onSigned(signature)}
      onClose={onClose}
    >
      <SignatureField label={label} onDrawn={setSignature} />
    </FormSheet>
  );
}
