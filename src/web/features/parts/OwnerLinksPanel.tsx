import { toDataURL } from 'qrcode';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { LINK_DAYS, type OwnerLink } from '../../../contracts';
import { useMakeOwnerLink, useOwnerLinks, useRevokeOwnerLink } from '../../api/owner-links';
import { Button } from '../../components/Button';
import { counted, dayAndTime } from '../../components/format';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import { Panel, PanelHead, Quiet, Table } from './panel-parts';

const Make = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.6rem;
  margin: 0.6rem 0;
`;
const Made = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 1rem;
  align-items: center;
  padding: 0.8rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 8px;
  background: ${({ theme }) => theme.panel};
  img {
    width: 8rem;
    height: 8rem;
    background: #fff;
  }
  code {
    overflow-wrap: anywhere;
    user-select: all;
  }
  p {
    margin-bottom: 0.5rem;
  }
`;

/** Links by which the owner sees the case without an account, and answers the estimate. */
export function OwnerLinksPanel({ caseId }: { readonly caseId: string }) {
  const { data, error } = useOwnerLinks(caseId);
  const make = useMakeOwnerLink(caseId);
  const [days, setDays] = useState<number>(30);
  return (
    <Panel aria-labelledby="owner-links">
      <PanelHead>
        <h2 id="owner-links">Link for the owner</h2>
      </PanelHead>
      <Quiet>
        With it the owner sees, without an account, where the case stands and what it waits for, answers the estimate,
        and saves the owner’s sheet once it is closed. It shows no names and no tests; what the case waits for is shown
        as it was typed.
      </Quiet>
      <Make>
        <Select
          label="Good for"
          value={String(days)}
          choices={LINK_DAYS.map((count) => ({ id: String(count), label: counted(count, 'day') }))}
          onChange={(id) => setDays(Number(id))}
        />
        <Button isDisabled={make.isPending} onPress={() => make.mutate(days)}>
          Make a link
        </Button>
      </Make>
      {(error ?? make.error) && <Notice kind="danger">{(error ?? make.error)?.message}</Notice>}
      {make.data && (
        <MadeLink address={`${window.location.origin}/owner#${make.data.token}`} until={make.data.expiresAt} />
      )}
      <Links caseId={caseId} links={data?.links ?? []} />
    </Panel>
  );
}

/** It is shown once: nobody can read it again. */
function MadeLink({ address, until }: { readonly address: string; readonly until: string }) {
  const [code, setCode] = useState<string | null>(null);
  const [isCopied, setCopied] = useState(false);
  useEffect(() => {
    let isGone = false;
    void toDataURL(address, { margin: 2, width: 256 }).then((made) => {
      if (!isGone) setCode(made);
    });
    return () => {
      isGone = true;
    };
  }, [address]);
  return (
    <Made role="status">
      {code && <img src={code} alt="QR code of the link" />}
      <div>
        <p>Give it to the owner now: it is shown only once. Good until {dayAndTime(until)}.</p>
        <p>
          <code>{address}</code>
        </p>
        <Button onPress={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}>
          {isCopied ? 'Copied' : 'Copy'}
        </Button>
      </div>
    </Made>
  );
}

function Links({ caseId, links }: { readonly caseId: string; readonly links: readonly OwnerLink[] }) {
  const revoke = useRevokeOwnerLink(caseId);
  if (links.length === 0) return null;
  return (
    <>
      {revoke.error && <Notice kind="danger">{revoke.error.message}</Notice>}
      <Table>
        <tbody>
          {links.map(({ id, by, madeAt, expiresAt, seenAt }) => (
            <tr key={id}>
              <th scope="row">Until {dayAndTime(expiresAt)}</th>
              <td>
                {by}, {dayAndTime(madeAt)}. {seenAt === null ? 'Not opened yet.' : `Opened last ${dayAndTime(seenAt)}.`}
              </td>
              <td>
                <Button
                  aria-label={`Take back the link until ${dayAndTime(expiresAt)}`}
                  isDisabled={revoke.isPending}
                  onPress={() => revoke.mutate(id)}
                >
                  Take back
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  );
}
