import { FileUp } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { CASE_STAGES } from '../../../core/casework';
import { Button } from '../../components/Button';
import { counted, dateAndTime } from '../../components/format';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import { useMay } from '../../shell/me';
import { Page } from '../../shell/Page';
import { newId } from '../../stores/new-id';
import { stageWords } from '../case-log/stage-words';
import { openCase, type OpenedCase } from './open-case-zip';
import { useTakeIn } from './use-take-in';

const Part = styled.section`
  max-width: 46rem;
  margin-bottom: 2rem;
  h2 {
    margin-bottom: 0.3rem;
    font-size: 1.15rem;
  }
  > p {
    margin-bottom: 0.7rem;
    color: ${({ theme }) => theme.muted};
  }
`;
const Facts = styled.dl`
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr);
  gap: 0.3rem 1rem;
  margin: 0.8rem 0;
  dt {
    color: ${({ theme }) => theme.muted};
  }
  dd {
    overflow-wrap: anywhere;
  }
`;
const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.6rem;
`;

/** Cases in and out of the shop: a file of another bench taken in, many saved at once, waits for a calendar. */
export function CaseFilesPage() {
  const mayImport = useMay('import-cases');
  const mayExport = useMay('export-cases');
  return (
    <Page title="Case files">
      {mayImport && <TakeIn />}
      {mayExport && <TakeOut />}
      <Part aria-labelledby="waits">
        <h2 id="waits">Waits in a calendar</h2>
        <p>What is parked until a moment, for any calendar program.</p>
        <Button as="a" {...{ href: '/api/cases/waits.ics', download: true }}>
          Save the waits (iCalendar)
        </Button>
      </Part>
    </Page>
  );
}

function TakeIn() {
  const [opened, setOpened] = useState<OpenedCase | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    const read = await openCase(file);
    setOpened(read.ok ? read.file : null);
    setProblem(read.ok ? null : read.problem);
  };
  return (
    <Part aria-labelledby="take-in">
      <h2 id="take-in">Take in a case of another bench</h2>
      <p>
        A case file (JSON), or an archive of one with its photos (zip). It becomes a case of its own here. Who did what
        and when stays as the file says, and is marked as imported.
      </p>
      <FileTrigger
        acceptedFileTypes={['.json', 'application/json', '.zip', 'application/zip']}
        onSelect={(files) => void take(files?.[0])}
      >
        <Button>
          <FileUp size={18} aria-hidden /> Choose a case file
        </Button>
      </FileTrigger>
      {problem && <Notice kind="danger">{problem}</Notice>}
      {opened && <WhatIsIn key={opened.name} file={opened} />}
    </Part>
  );
}

/** What a file has in it, before it is taken in. */
function WhatIsIn({ file }: { readonly file: OpenedCase }) {
  const [id] = useState(newId);
  const taking = useTakeIn(id, file);
  const { machine, complaint, number, model, entries, unread, from, to, chain } = file;
  return (
    <>
      <Facts>
        <dt>Machine</dt>
        <dd>{machine}</dd>
        <dt>Complaint</dt>
        <dd>“{complaint}”</dd>
        <dt>Number there</dt>
        <dd>{number ?? 'none'}</dd>
        <dt>Entries</dt>
        <dd>
          {entries}, {dateAndTime(from)} to {dateAndTime(to)}
        </dd>
        {(file.photos.length > 0 || file.missing > 0) && (
          <>
            <dt>Photos and files</dt>
            <dd>
              {file.photos.length} in the archive
              {file.missing > 0 && `, ${file.missing} named in the log and not in it`}
            </dd>
          </>
        )}
        <dt>Computed with</dt>
        <dd>{model === null ? 'no model: written by hand' : `model ${model}`}</dd>
        <dt>Record</dt>
        <dd>{chain.words}</dd>
      </Facts>
      {!chain.isIntact && <Notice kind="danger">{chain.words} A note in the log will say so.</Notice>}
      {unread > 0 && (
        <Notice kind="plain">
          {counted(unread, 'entry', 'entries')} of another version of the program cannot be read and will be left out.
        </Notice>
      )}
      {taking.error && <Notice kind="danger">{taking.error}</Notice>}
      {taking.progress && <Notice kind="plain">{taking.progress}</Notice>}
      <Button $kind="primary" isDisabled={taking.isBusy} onPress={taking.start}>
        Take it in
      </Button>
      {taking.goOn && <Button onPress={taking.goOn}>Open the case without them</Button>}
    </>
  );
}

function TakeOut() {
  const [stage, setStage] = useState('');
  const file = (kind: 'jsonl' | 'csv') => ({
    href: `/api/cases/export.${kind}${stage === '' ? '' : `?stage=${stage}`}`,
    download: true,
  });
  return (
    <Part aria-labelledby="take-out">
      <h2 id="take-out">Save many cases</h2>
      <p>
        As JSON lines each line is a whole case file that can be taken in again and verified. As CSV each case is a row
        with its times, its end and its money.
      </p>
      <Tools>
        <Select
          label="Which"
          value={stage}
          choices={[{ id: '', label: 'All' }, ...CASE_STAGES.map((id) => ({ id, label: stageWords[id] }))]}
          onChange={setStage}
        />
        <Button as="a" {...file('jsonl')}>
          Save as JSON lines
        </Button>
        <Button as="a" {...file('csv')}>
          Save as CSV
        </Button>
      </Tools>
    </Part>
  );
}
