import { fromNow, plural } from '../../components/format';
import { FileUp, Plus } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { boardBookFileSchema, fieldProblems, parseSafely, type BoardSummary } from '../../../contracts';
import { useBoardList, usePutBoard } from '../../api/boards';
import { useMay } from '../../shell/me';
import { Page } from '../../shell/Page';
import { Button } from '../../components/Button';
import { EmptyList, ListRow, RowLink, RowWords } from '../../components/list-parts';
import { Notice } from '../../components/Notice';
import { SearchBox } from '../../components/SearchBox';
import { newId } from '../../stores/new-id';

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
`;
const Found = styled.div`
  display: flex;
  margin-bottom: 1rem;
`;
const Row = styled(ListRow)`
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 2fr) 12rem 7rem;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.1rem;
  }
`;
const Problems = styled.ul`
  li + li {
    margin-top: 0.2rem;
  }
`;

/** The board book: every board the shop knows. */
export function BoardsPage() {
  const { data, error } = useBoardList();
  const [search, setSearch] = useState('');
  const navigate = useNavigate();
  const mayWrite = useMay('write-boards');
  const wanted = search.trim().toLowerCase();
  const shown = data?.boards.filter(({ model }) => model.toLowerCase().includes(wanted)) ?? [];
  return (
    <Page
      title="Board book"
      actions={
        mayWrite && (
          <Tools>
            <ImportBoard />
            <Button $kind="primary" onPress={() => void navigate('/boards/new')}>
              <Plus size={18} aria-hidden /> New board
            </Button>
          </Tools>
        )
      }
    >
      {error && <Notice kind="danger">{error.message}</Notice>}
      <Found>
        <SearchBox value={search} onChange={setSearch} placeholder="Name as printed on the board" />
      </Found>
      <ul aria-label="Boards">
        {shown.map((board) => (
          <BoardRow key={board.id} board={board} />
        ))}
      </ul>
      {data && shown.length === 0 && (
        <EmptyList>
          {wanted ? 'No matching boards.' : 'The board book is empty. Add the first board or import a file.'}
        </EmptyList>
      )}
    </Page>
  );
}

function BoardRow({ board: { id, model, revisions, canFlashBare, updatedAt } }: { readonly board: BoardSummary }) {
  const newest = revisions.map(({ revision, versions }) => `${revision}: up to ${versions.at(-1) ?? 'none'}`);
  return (
    <Row>
      <RowLink to={`/boards/${id}`}>{model}</RowLink>
      <RowWords>
        {plural(revisions.length, 'Revision', 'Revisions')} {newest.join(' · ')}
      </RowWords>
      <RowWords>{canFlashBare ? 'Flashes without a processor' : 'Needs a processor to flash'}</RowWords>
      <RowWords>{fromNow(updatedAt)}</RowWords>
    </Row>
  );
}

const maxFileBytes = 900_000;

function ImportBoard() {
  const put = usePutBoard();
  const navigate = useNavigate();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const take = async (file: File | undefined) => {
    if (!file) return;
    const read = await readBoardFile(file);
    if (!read.ok) {
      setProblems(read.problems);
      return;
    }
    setProblems([]);
    const saved = await put.mutateAsync({ id: newId(), expectedEdition: 0, board: read.board }).catch(() => null);
    if (saved) await navigate(`/boards/${saved.id}`);
  };
  const told = put.error ? [put.error.message] : problems;
  return (
    <>
      <FileTrigger acceptedFileTypes={['.json', 'application/json']} onSelect={(files) => void take(files?.[0])}>
        <Button>
          <FileUp size={18} aria-hidden /> Import a file
        </Button>
      </FileTrigger>
      {told.length > 0 && (
        <Notice kind="danger">
          <Problems>
            {told.slice(0, 6).map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </Problems>
        </Notice>
      )}
    </>
  );
}

async function readBoardFile(file: File) {
  const refuse = (problem: string) => ({ ok: false, problems: [problem] }) as const;
  if (file.size > maxFileBytes)
    return refuse(`${file.name}: expected at most ${maxFileBytes} bytes, found ${file.size}.`);
  let json: unknown;
  try {
    json = JSON.parse(await file.text());
  } catch {
    return refuse(`${file.name}: expected JSON, found something else.`);
  }
  const parsed = parseSafely(boardBookFileSchema, json);
  return parsed.success
    ? ({ ok: true, board: parsed.data } as const)
    : ({
        ok: false,
        problems: fieldProblems(parsed.error).map(({ path, message }) => `${path.join('.') || 'file'}: ${message}`),
      } as const);
}
