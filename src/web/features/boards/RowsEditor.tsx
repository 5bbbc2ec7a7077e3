import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, type ArrayPath, type Control, type FieldArray, type FieldPath } from 'react-hook-form';
import styled from 'styled-components';
import { Button } from '../../components/Button';
import { ChoiceCell, TextCell, TickCell, TickPlace } from '../../components/Cell';
import type { BoardDraft } from './board-draft';

const Scroll = styled.div`
  overflow-x: auto;
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    padding: 0.2rem 0.4rem 0.2rem 0;
    text-align: left;
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
    white-space: nowrap;
  }
  td {
    padding: 0.15rem 0.4rem 0.15rem 0;
    vertical-align: top;
  }
`;
const Take = styled(Button)`
  padding: 0.2rem 0.6rem;
`;
const Foot = styled.div`
  display: flex;
  gap: 0.6rem;
  margin-top: 0.3rem;
`;

export interface RowColumn {
  readonly key: string;
  readonly head: string;
  readonly kind?: 'text' | 'tick';
  readonly choices?: readonly (readonly [id: string, words: string])[];
  /** CSS width of the column. */
  readonly width?: string;
}

/** Longer tables show their last rows first; the newest are what is edited. */
const maxShown = 40;

interface RowsEditorProps {
  readonly control: Control<BoardDraft>;
  readonly name: ArrayPath<BoardDraft>;
  readonly columns: readonly RowColumn[];
  readonly empty: FieldArray<BoardDraft>;
  /** Words of the button that adds a row. */
  readonly add: string;
}

/** A table of a board that is edited row by row. */
export function RowsEditor({ control, name, columns, empty, add }: RowsEditorProps) {
  const { fields, append, remove } = useFieldArray({ control, name });
  const [isWhole, setWhole] = useState(false);
  const hidden = isWhole ? 0 : Math.max(0, fields.length - maxShown);
  return (
    <div>
      {fields.length > 0 && (
        <Scroll>
          <Table>
            <thead>
              <tr>
                {columns.map(({ key, head, width }) => (
                  <th key={key} style={width ? { width, minWidth: width } : undefined}>
                    {head}
                  </th>
                ))}
                <th aria-label="Remove" />
              </tr>
            </thead>
            <tbody>
              {fields.slice(hidden).map((row, shown) => (
                <tr key={row.id}>
                  {columns.map((column) => (
                    <td key={column.key}>
                      <OneCell control={control} name={name} row={hidden + shown} column={column} />
                    </td>
                  ))}
                  <td>
                    <Take
                      $kind="quiet"
                      aria-label={`Take out row ${hidden + shown + 1}`}
                      onPress={() => remove(hidden + shown)}
                    >
                      <Trash2 size={17} aria-hidden />
                    </Take>
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </Scroll>
      )}
      <Foot>
        <Button onPress={() => append(empty)}>
          <Plus size={17} aria-hidden /> {add}
        </Button>
        {hidden > 0 && <Button onPress={() => setWhole(true)}>Show {hidden} older rows</Button>}
      </Foot>
    </div>
  );
}

function OneCell({
  control,
  name,
  row,
  column: { key, head, kind = 'text', choices },
}: {
  readonly control: Control<BoardDraft>;
  readonly name: string;
  readonly row: number;
  readonly column: RowColumn;
}) {
  const path = `${name}.${row}.${key}` as FieldPath<BoardDraft>;
  const label = `${head}, row ${row + 1}`;
  if (choices) return <ChoiceCell control={control} name={path} label={label} choices={choices} />;
  return kind === 'tick' ? (
    <TickPlace>
      <TickCell control={control} name={path} label={label} />
    </TickPlace>
  ) : (
    <TextCell control={control} name={path} label={label} />
  );
}
