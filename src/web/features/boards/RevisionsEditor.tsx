import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, type Control, type UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { releasesFromCsv, releasesToCsv } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { TextCell } from '../../components/Cell';
import { releaseColumns } from './board-columns';
import { emptyRelease, emptyRevision, releaseDraft, type BoardDraft } from './board-draft';
import { releaseOf } from './board-of-draft';
import { CsvTools } from './CsvTools';
import { RowsEditor } from './RowsEditor';

const Section = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
  h2 {
    font-size: 1.15rem;
  }
`;
const Head = styled.div`
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: end;
  @media (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
  span {
    font-size: 0.9rem;
    color: ${({ theme }) => theme.muted};
  }
`;
/** A caption above a cell, which has its own label. */
const Captioned = styled.div`
  display: grid;
`;
/** The revisions of a board, each with its releases. */
export function RevisionsEditor({
  control,
  form,
}: {
  readonly control: Control<BoardDraft>;
  readonly form: UseFormReturn<BoardDraft>;
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'revisions' });
  return (
    <Section>
      <h2>Revisions and their releases, oldest first</h2>
      {fields.map((revision, i) => (
        <Section key={revision.id} aria-label={`Revision ${i + 1} and its releases`}>
          <Head>
            <Captioned>
              <span>Revision</span>
              <TextCell control={control} name={`revisions.${i}.revision`} label={`Revision ${i + 1}`} />
            </Captioned>
            <Captioned>
              <span>Processors supported by its first firmware, separated by semicolons</span>
              <TextCell
                control={control}
                name={`revisions.${i}.processors`}
                label={`Processors of revision ${i + 1}`}
              />
            </Captioned>
            {fields.length > 1 && (
              <Button $kind="quiet" aria-label={`Take out revision ${i + 1}`} onPress={() => remove(i)}>
                <Trash2 size={17} aria-hidden />
              </Button>
            )}
          </Head>
          <Releases control={control} form={form} index={i} />
        </Section>
      ))}
      <div>
        <Button onPress={() => append(emptyRevision)}>
          <Plus size={17} aria-hidden /> Add a revision
        </Button>
      </div>
    </Section>
  );
}

function Releases({
  control,
  form,
  index,
}: {
  readonly control: Control<BoardDraft>;
  readonly form: UseFormReturn<BoardDraft>;
  readonly index: number;
}) {
  /** A table that was read from a file is drawn again. */
  const [reads, setReads] = useState(0);
  return (
    <>
      <RowsEditor
        key={reads}
        control={control}
        name={`revisions.${index}.releases`}
        columns={releaseColumns}
        empty={emptyRelease}
        add="Add a release"
      />
      <CsvTools
        what="releases"
        onRead={(text) => {
          const read = releasesFromCsv(text);
          if (!read.ok) return read.problems;
          form.setValue(`revisions.${index}.releases`, read.releases.map(releaseDraft), { shouldDirty: true });
          setReads(reads + 1);
          return [];
        }}
        onWrite={() => {
          const { model, revisions } = form.getValues();
          const revision = revisions[index];
          return revision
            ? {
                csv: releasesToCsv(revision.releases.map(releaseOf)),
                of: `${model} ${revision.revision}`,
              }
            : null;
        }}
      />
    </>
  );
}
