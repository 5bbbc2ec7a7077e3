import { Download, FileUp } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { CsvProblem } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { download } from '../../components/download';
import { Notice } from '../../components/Notice';

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
`;

interface CsvToolsProps {
  /** What the rows are, in the plural. */
  readonly what: string;
  /** Takes the rows of a file, or nothing of it and says what is wrong. */
  readonly onRead: (text: string) => readonly CsvProblem[];
  /** The rows as they are now, and of which board or revision they are; null: nothing to write. */
  readonly onWrite: () => { readonly csv: string; readonly of: string } | null;
}

const problemWords = ({ row, column, message }: CsvProblem): string =>
  `Row ${row}${column ? `, ${column}` : ''}: ${message}.`;

/** A table of the board from a CSV file, and into one. */
export function CsvTools({ what, onRead, onWrite }: CsvToolsProps) {
  const [problems, setProblems] = useState<readonly CsvProblem[]>([]);
  const read = async (file: File | undefined) => {
    if (file) setProblems(onRead(await file.text()));
  };
  const save = () => {
    const written = onWrite();
    if (!written) return;
    const name = `${written.of} ${what}`.trim().replace(/[^A-Za-z0-9.]+/g, '-');
    download(new Blob([written.csv], { type: 'text/csv' }), `${name}.csv`);
  };
  return (
    <>
      <Tools>
        <FileTrigger acceptedFileTypes={['.csv', 'text/csv']} onSelect={(files) => void read(files?.[0])}>
          <Button>
            <FileUp size={17} aria-hidden /> Import {what} from CSV
          </Button>
        </FileTrigger>
        <Button onPress={save}>
          <Download size={17} aria-hidden /> Export {what} as CSV
        </Button>
      </Tools>
      {problems.length > 0 && (
        <Notice kind="danger">
          <ul>
            {problems.slice(0, 6).map((problem) => (
              <li key={problemWords(problem)}>{problemWords(problem)}</li>
            ))}
            {problems.length > 6 && <li>and {problems.length - 6} more</li>}
          </ul>
        </Notice>
      )}
    </>
  );
}
