import { useState } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { CONNECTOR_FACTS, CONNECTORS, LEAD_KINDS, leadName, SENSE_WATTS } from '../../../core/power';
import type { ConnectorKind, LeadKind, PowerSheet, SenseCoding, SheetLead } from '../../../core/power';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import { ModalSheet, Overlay } from '../../components/Sheet';
import { parseFigure } from './parse-figures';
import { leadKindWords } from './power-words';
import { edited, withLead, withoutLead, type Edited } from './sheet-edits';

const Body = styled.div`
  display: grid;
  gap: 0.8rem;
  margin: 0.8rem 0;
`;
const Pair = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: 0.8rem;
`;
const Feeders = styled.fieldset`
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
  margin: 0;
  padding: 0.4rem 0.7rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 6px;
  label {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 44px;
  }
  input {
    width: 1.3rem;
    height: 1.3rem;
    accent-color: ${({ theme }) => theme.strong};
  }
`;
const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  justify-content: flex-end;
`;

interface LeadEditorProps {
  readonly sheet: PowerSheet;
  readonly lead: SheetLead;
  readonly isNew: boolean;
  readonly consumers: readonly { readonly id: string; readonly name: string }[];
  readonly onDone: (sheet: PowerSheet) => void;
  readonly onClose: () => void;
}

/** One element of the leads: what it is, what feeds it, what it may carry. Nothing changes before it is right. */
export function LeadEditor({ sheet, lead: first, isNew, consumers, onDone, onClose }: LeadEditorProps) {
  const [lead, setLead] = useState(first);
  const [limit, setLimit] = useState(first.limitWatts === undefined ? '' : String(first.limitWatts));
  const [rail, setRail] = useState(first.rail === undefined ? '' : String(first.rail));
  const [problem, setProblem] = useState<string | null>(null);
  const change = (part: Partial<SheetLead>) => setLead((before) => ({ ...before, ...part }));
  const others = (sheet.leads ?? []).filter(({ id, kind }) => id !== lead.id && kind !== 'input');
  const facts = CONNECTOR_FACTS[lead.connector];
  const finish = (next: Edited) => {
    if (next.ok) onDone(next.sheet);
    else setProblem(next.message);
  };
  const save = () => {
    const watts = parseFigure(limit, { max: 5000, unit: 'watts' });
    const onRail = parseFigure(rail, { min: 1, max: 8, unit: 'the number of a rail' });
    if (!watts.ok || !onRail.ok) {
      setProblem(!watts.ok ? watts.message : !onRail.ok ? onRail.message : null);
      return;
    }
    finish(withLead(sheet, asWritten(lead, watts.value, onRail.value)));
  };
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <ModalSheet>
        <Dialog aria-label="Lead or plug">
          <Heading slot="title">{isNew ? 'Add a lead or plug' : leadName(first)}</Heading>
          <Body>
            <Pair>
              <Select
                label="What it is"
                value={lead.kind}
                choices={LEAD_KINDS.map((id) => ({ id, label: leadKindWords[id] }))}
                onChange={(kind) => change({ kind: kind as LeadKind })}
              />
              <Select
                label="Plug at its end"
                value={lead.connector}
                choices={CONNECTORS.map((id) => ({ id, label: CONNECTOR_FACTS[id].name }))}
                onChange={(connector) => change({ connector: connector as ConnectorKind })}
              />
            </Pair>
            <Field
              label="Name, if it has one"
              value={lead.name ?? ''}
              onChange={(name) => change({ name })}
              maxLength={80}
            />
            {lead.kind !== 'output' && (
              <Feeders>
                <legend>Fed by</legend>
                {others.length === 0 && <span>Add an output of the supply first.</span>}
                {others.map((one) => (
                  <label key={one.id}>
                    <input
                      type="checkbox"
                      checked={lead.from?.includes(one.id) ?? false}
                      onChange={({ target }) =>
                        change({
                          from: target.checked
                            ? [...(lead.from ?? []), one.id]
                            : (lead.from ?? []).filter((id) => id !== one.id),
                        })
                      }
                    />
                    {leadName(one)} <code>{one.id}</code>
                  </label>
                ))}
              </Feeders>
            )}
            {lead.kind === 'input' && (
              <Select
                label="Of which part"
                value={lead.consumer ?? ''}
                choices={[{ id: '', label: 'Choose' }, ...consumers.map(({ id, name }) => ({ id, label: name }))]}
                onChange={(consumer) => change({ consumer })}
              />
            )}
            <Pair>
              <Field
                label="May carry, in watts"
                value={limit}
                onChange={setLimit}
                hint={`Left empty: ${facts.watts} W, ${facts.source}.`}
              />
              {lead.kind === 'output' && (
                <Field
                  label="+12 V rail, if there are several"
                  value={rail}
                  onChange={setRail}
                  hint="As the label counts them."
                />
              )}
              {lead.connector === 'card-12' && (
                <Select
                  label="Its sense contacts allow"
                  value={lead.sense ?? ''}
                  choices={[
                    { id: '', label: 'Not looked at' },
                    ...Object.entries(SENSE_WATTS).map(([id, watts]) => ({
                      id,
                      label: watts === 0 ? 'nothing: both open' : `${watts} W`,
                    })),
                  ]}
                  onChange={(sense) => change({ sense: sense === '' ? undefined : (sense as SenseCoding) })}
                />
              )}
            </Pair>
            {lead.kind !== 'input' && (
              <Feeders>
                <label>
                  <input
                    type="checkbox"
                    checked={lead.foreign ?? false}
                    onChange={({ target }) => change({ foreign: target.checked ? true : undefined })}
                  />
                  It came with another supply
                </label>
              </Feeders>
            )}
            {problem && <Notice kind="danger">{problem}</Notice>}
          </Body>
          <Actions>
            {!isNew && (
              <Button onPress={() => finish(edited(sheet, { leads: withoutLead(sheet.leads ?? [], first.id) }))}>
                Remove it
              </Button>
            )}
            <Button onPress={onClose}>Cancel</Button>
            <Button $kind="primary" onPress={save}>
              Save
            </Button>
          </Actions>
        </Dialog>
      </ModalSheet>
    </Overlay>
  );
}

/** What does not belong to its kind is left out. */
function asWritten(lead: SheetLead, limitWatts: number | null, rail: number | null): SheetLead {
  const { id, kind, connector, name = '', from = [], consumer = '', sense, foreign } = lead;
  return {
    id,
    kind,
    connector,
    ...(name.trim() ? { name: name.trim() } : {}),
    ...(kind === 'output' ? (rail === null ? {} : { rail }) : { from }),
    ...(kind === 'input' && consumer ? { consumer } : {}),
    ...(limitWatts === null ? {} : { limitWatts }),
    ...(connector === 'card-12' && sense ? { sense } : {}),
    ...(kind !== 'input' && foreign ? { foreign } : {}),
  };
}
