import { counted } from '../../components/format';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { ownerFile, useEraseOwner, useOwnerCases } from '../../api/people';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { caseNumber, dayAndTime } from '../../components/format';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import type { ErasedFiles, OwnerCases } from '../../../contracts';

const Find = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 24rem) auto;
  gap: 0.8rem;
  align-items: end;
  margin-bottom: 1.2rem;
`;
const Cases = styled.ul`
  margin: 0.6rem 0 1.2rem;
  li {
    padding: 0.4rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
`;
const Buttons = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  align-items: center;
`;

/** An owner's data: what there is, handed over as a file, or erased. */
export function OwnersPart() {
  const [typed, setTyped] = useState('');
  const [name, setName] = useState('');
  const { data, error } = useOwnerCases(name);
  const erase = useEraseOwner();
  const count = data?.cases.length ?? 0;
  const countWords = counted(count, 'case');
  return (
    <>
      <Find
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          erase.reset();
          setName(typed.trim());
        }}
      >
        <Field label="Owner, as written in the cases" value={typed} onChange={setTyped} maxLength={80} />
        <Button type="submit">Find</Button>
      </Find>
      {(error ?? erase.error) && <Notice kind="danger">{(error ?? erase.error)?.message}</Notice>}
      {erase.data && (
        <Notice kind="plain">
          {name} is erased from {counted(erase.data.cases, 'case')}
          {erase.data.files > 0 && `, with ${counted(erase.data.files, 'photo or file', 'photos and files')}`}. The
          records of the machines stay.
        </Notice>
      )}
      {data && !erase.data && count === 0 && <p>No case has an owner with that name.</p>}
      {data && count > 0 && (
        <section aria-label="Found">
          <strong>
            {data.owner}: {countWords}
          </strong>
          <OwnedCases cases={data.cases} />
          <Buttons key={name}>
            <Button as="a" {...{ href: ownerFile(name, 'json'), download: true }}>
              Save the data as a file
            </Button>
            <Button as="a" {...{ href: ownerFile(name, 'zip'), download: true }}>
              Save it with the sheets (zip)
            </Button>
            <EraseOwner
              from={countWords}
              isPending={erase.isPending}
              onErase={(files) => erase.mutate({ name, files })}
            />
          </Buttons>
        </section>
      )}
    </>
  );
}

function OwnedCases({ cases }: { readonly cases: OwnerCases['cases'] }) {
  return (
    <Cases>
      {cases.map(({ id, number, machine, openedAt }) => (
        <li key={id}>
          <Link to={`/cases/${id}`}>
            {caseNumber(number)} {machine}
          </Link>
          , {dayAndTime(openedAt)}
        </li>
      ))}
    </Cases>
  );
}

const erasedFilesChoices: readonly { readonly id: ErasedFiles; readonly label: string }[] = [
  { id: 'owners', label: 'Erase signatures and those that show the owner’s things' },
  { id: 'all', label: 'Erase all of these cases' },
  { id: 'none', label: 'Keep all' },
];

interface EraseOwnerProps {
  /** From how many cases the name goes. */
  readonly from: string;
  readonly isPending: boolean;
  readonly onErase: (files: ErasedFiles) => void;
}

/** Asks a second time. */
function EraseOwner({ from, isPending, onErase }: EraseOwnerProps) {
  const [isSure, setIsSure] = useState(false);
  const [files, setFiles] = useState<ErasedFiles>('owners');
  if (!isSure) return <Button onPress={() => setIsSure(true)}>Erase the owner …</Button>;
  return (
    <>
      <span>The name goes from {from} for good. What notes and captions say stays.</span>
      <Select
        label="Photos and files"
        value={files}
        choices={erasedFilesChoices}
        onChange={(id) => setFiles(id as ErasedFiles)}
      />
      <Button $kind="primary" isDisabled={isPending} onPress={() => onErase(files)}>
        Erase the owner
      </Button>
      <Button $kind="quiet" onPress={() => setIsSure(false)}>
        Keep
      </Button>
    </>
  );
}
