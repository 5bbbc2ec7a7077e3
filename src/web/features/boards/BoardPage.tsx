import { Download, Pencil } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import type { BoardDetail } from '../../../contracts';
import { useBoardDetail } from '../../api/boards';
import { Allowed } from '../../shell/Allowed';
import { Page } from '../../shell/Page';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { BoardForm } from './BoardForm';
import { BoardSheet } from './BoardSheet';
import { emptyBoard } from './board-draft';
import { newId } from '../../stores/new-id';

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
`;

/** A board of the book, to read and to edit. */
export function BoardPage() {
  const { id = '' } = useParams();
  const isNew = id === 'new';
  const { data, error } = useBoardDetail(isNew ? null : id);
  if (isNew) return <NewBoard />;
  if (!data) return <Page title="Board">{error && <Notice kind="danger">{error.message}</Notice>}</Page>;
  return <OneBoard key={data.id} detail={data} />;
}

function NewBoard() {
  const navigate = useNavigate();
  const [id] = useState(newId);
  return (
    <Page title="New board">
      <BoardForm
        id={id}
        edition={0}
        start={emptyBoard}
        onSaved={() => void navigate(`/boards/${id}`, { replace: true })}
        onLeave={() => void navigate('/boards')}
      />
    </Page>
  );
}

function OneBoard({ detail: { id, edition, board } }: { readonly detail: BoardDetail }) {
  const [isEditing, setEditing] = useState(false);
  /** The edition that the form was opened on: somebody else's newer one must not be written over unseen. */
  const [opened, setOpened] = useState({ edition, board });
  if (isEditing)
    return (
      <Page title={`Edit ${board.model}`}>
        <BoardForm
          id={id}
          edition={opened.edition}
          board={opened.board}
          onSaved={() => setEditing(false)}
          onLeave={() => setEditing(false)}
        />
      </Page>
    );
  return (
    <Page
      title={board.model}
      actions={
        <Tools>
          <Button as="a" {...{ href: `/api/boards/${id}/file`, download: true }}>
            <Download size={18} aria-hidden /> Save as a file
          </Button>
          <Allowed action="write-boards">
            <Button
              $kind="primary"
              onPress={() => {
                setOpened({ edition, board });
                setEditing(true);
              }}
            >
              <Pencil size={18} aria-hidden /> Edit
            </Button>
          </Allowed>
        </Tools>
      }
    >
      <BoardSheet board={board} />
    </Page>
  );
}
