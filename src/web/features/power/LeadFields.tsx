import styled from 'styled-components';
import {
  CONNECTOR_FACTS,
  CONNECTORS,
  LEAD_KINDS,
  leadName,
  SENSE_WATTS,
  type ConnectorKind,
  type LeadKind,
  type SenseCoding,
  type SheetLead,
} from '../../../core/power';
import { Field } from '../../components/Field';
import { Select } from '../../components/Select';
import { leadKindWords } from './power-words';

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
const Boxes = styled.fieldset`
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

/** A lead as it is being edited, its figures as they are typed. */
export interface LeadDraft {
  readonly lead: SheetLead;
  readonly limit: string;
  readonly rail: string;
}

interface LeadFieldsProps {
  readonly draft: LeadDraft;
  /** What may feed it. */
  readonly others: readonly SheetLead[];
  readonly consumers: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (change: Partial<LeadDraft>) => void;
}

/** The facts of one element of the leads, those that belong to its kind. */
export function LeadFields({ draft: { lead, limit, rail }, others, consumers, onChange }: LeadFieldsProps) {
  const change = (part: Partial<SheetLead>) => onChange({ lead: { ...lead, ...part } });
  const facts = CONNECTOR_FACTS[lead.connector];
  return (
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
      <Field label="Name, if it has one" value={lead.name ?? ''} onChange={(name) => change({ name })} maxLength={80} />
      {lead.kind !== 'output' && <FedBy lead={lead} others={others} onChange={(from) => change({ from })} />}
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
          onChange={(typed) => onChange({ limit: typed })}
          hint={`Left empty: ${facts.watts} W, ${facts.source}.`}
        />
        {lead.kind === 'output' && (
          <Field
            label="+12 V rail, if there are several"
            value={rail}
            onChange={(typed) => onChange({ rail: typed })}
            hint="As the label counts them."
          />
        )}
        {lead.connector === 'card-12' && <Sense lead={lead} onChange={(sense) => change({ sense })} />}
      </Pair>
      {lead.kind !== 'input' && (
        <Boxes>
          <Tick
            label="It came with another supply"
            isTicked={lead.foreign ?? false}
            onTick={(isTicked) => change({ foreign: isTicked ? true : undefined })}
          />
        </Boxes>
      )}
    </Body>
  );
}

interface FedByProps {
  readonly lead: SheetLead;
  readonly others: readonly SheetLead[];
  readonly onChange: (from: readonly string[]) => void;
}

const FedBy = ({ lead: { from = [] }, others, onChange }: FedByProps) => (
  <Boxes>
    <legend>Fed by</legend>
    {others.length === 0 && <span>Add an output of the supply first.</span>}
    {others.map((one) => (
      <Tick
        key={one.id}
        label={`${leadName(one)} (${one.id})`}
        isTicked={from.includes(one.id)}
        onTick={(isTicked) => onChange(isTicked ? [...from, one.id] : from.filter((id) => id !== one.id))}
      />
    ))}
  </Boxes>
);

const Sense = ({
  lead,
  onChange,
}: {
  readonly lead: SheetLead;
  readonly onChange: (sense: SenseCoding | undefined) => void;
}) => (
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
    onChange={(sense) => onChange(sense === '' ? undefined : (sense as SenseCoding))}
  />
);

interface TickProps {
  readonly label: string;
  readonly isTicked: boolean;
  readonly onTick: (isTicked: boolean) => void;
}

const Tick = ({ label, isTicked, onTick }: TickProps) => (
  <label>
    <input type="checkbox" checked={isTicked} onChange={({ target }) => onTick(target.checked)} />
    {label}
  </label>
);
