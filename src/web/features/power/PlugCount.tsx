import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import {
  CONNECTOR_FACTS,
  countPlugs,
  plugNeeds,
  type ConnectorKind,
  type Plugs,
  type PowerSheet,
} from '../../../core/power';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { ModalSheet, Overlay } from '../../components/Sheet';
import { parseFigure } from './parse-figures';
import { Quiet, Table } from './room-parts';
import { editSupply, type Edited } from './sheet-edits';
import { ValueCell } from './ValueCell';

const Space = styled.div`
  display: grid;
  gap: 0.7rem;
  margin: 0.7rem 0;
`;
const PlugGrid = styled(Table)`
  min-width: 0;
  td:nth-child(3) {
    width: 5rem;
  }
`;

/** Plugs that a supply has: what a person counts before buying. */
const counted: readonly ConnectorKind[] = [
  'board-24',
  'cpu-8',
  'cpu-4',
  'card-12',
  'card-8',
  'card-6',
  'sata-power',
  'drive-4',
];

interface PlugCountProps {
  readonly sheet: PowerSheet;
  readonly onEdit: (next: Edited) => string | null;
  readonly onClose: () => void;
}

/** What the machine needs against what the supply has, plug by plug, and what could stand in. */
export function PlugCount({ sheet, onEdit, onClose }: PlugCountProps) {
  const supply = sheet.supply && 'watts' in sheet.supply ? sheet.supply : null;
  const has = supply?.plugs ?? {};
  const needs = plugNeeds(sheet);
  const standings = countPlugs(needs, has);
  const missing = supply?.plugs ? standings.filter((one) => one.missing > 0) : [];
  const enter = (text: string, connector: ConnectorKind) => {
    const read = parseFigure(text, { max: 40, unit: 'plugs' });
    if (!read.ok) return read.message;
    const { [connector]: _before, ...others } = has;
    return onEdit(editSupply(sheet, { plugs: read.value === null ? others : { ...others, [connector]: read.value } }));
  };
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <ModalSheet>
        <Dialog aria-label="Count plugs">
          <Heading slot="title">Count the plugs before you buy</Heading>
          <Space>
            {supply ? (
              <PlugTable needs={needs} has={has} onEnter={enter} />
            ) : (
              <Quiet>Note an ATX supply first: a DC adapter has one plug.</Quiet>
            )}
            {missing.map(({ connector, missing: count, adapter }) => (
              <Notice key={connector} kind={adapter?.isAllowed ? 'suspicion' : 'danger'}>
                {count} × {CONNECTOR_FACTS[connector].name} missing.{' '}
                {adapter
                  ? `An adapter from ${CONNECTOR_FACTS[adapter.from].name} is ${adapter.isAllowed ? 'allowed' : 'not allowed'}: ${adapter.why}.`
                  : 'No adapter stands in for it: take a supply that has it.'}
              </Notice>
            ))}
            {supply?.plugs && missing.length === 0 && <Notice kind="plain">It has every plug that is needed.</Notice>}
          </Space>
          <Button $kind="primary" onPress={onClose}>
            Done
          </Button>
        </Dialog>
      </ModalSheet>
    </Overlay>
  );
}

interface PlugTableProps {
  readonly needs: Plugs;
  readonly has: Plugs;
  readonly onEnter: (text: string, connector: ConnectorKind) => string | null;
}

const PlugTable = ({ needs, has, onEnter }: PlugTableProps) => (
  <PlugGrid>
    <thead>
      <tr>
        <th scope="col">Plug</th>
        <th scope="col">needed</th>
        <th scope="col">it has</th>
      </tr>
    </thead>
    <tbody>
      {counted.map((connector) => (
        <tr key={connector}>
          <th scope="row">{CONNECTOR_FACTS[connector].name}</th>
          <td data-figure>{needs[connector] ?? 0}</td>
          <td>
            <ValueCell
              label={`How many: ${CONNECTOR_FACTS[connector].name}`}
              isBare
              shown={has[connector] === undefined ? '' : String(has[connector])}
              placeholder="?"
              onEnter={(text) => onEnter(text, connector)}
            />
          </td>
        </tr>
      ))}
    </tbody>
  </PlugGrid>
);
