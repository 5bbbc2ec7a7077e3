import { memo } from 'react';
import styled from 'styled-components';
import { ProbeFigure } from '../../components/drawings/plugs';
import { Panel, PanelHead } from './room-parts';

const List = styled.ul`
  list-style: disc;
  padding-left: 1.2rem;
  max-width: 62rem;
`;
const Bridge = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 1rem;
  align-items: start;
  margin-top: 0.7rem;
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const startPin = 16;

/** What holds for everything that is measured here. */
export const PowerCautions = memo(function PowerCautions({ allowsBridge }: { readonly allowsBridge: boolean }) {
  return (
    <Panel aria-labelledby="power-cautions">
      <PanelHead>
        <h2 id="power-cautions">Before you measure</h2>
      </PanelHead>
      <List>
        <li>Supplies and adapters stay closed: they hold a charge long after the cord is out.</li>
        <li>Wall meters and clamp meters go on the outside only. Wiring of the building is for licensed people.</li>
        <li>
          At open plugs only those measure who were trained to. One hand, no jewellery, probes with shrouded tips.
        </li>
        <li>A supply tester loads lightly: it proves that the supply starts, not that it carries the machine.</li>
        <li>
          {allowsBridge
            ? 'A supply is started by itself only when it is disconnected from everything in the machine.'
            : 'This shop does not let a supply be started by itself: use a supply tester.'}
        </li>
      </List>
      {allowsBridge && (
        <Bridge>
          <ProbeFigure pin={startPin} />
          <List as="ol" style={{ listStyle: 'decimal' }}>
            <li>Cord out. Take every plug of the supply off: board, processor, cards, drives.</li>
            <li>Put a load on it, for instance a fan on a drive plug.</li>
            <li>Bridge pin 16 (PS_ON#, green) to the black wire beside it, with an insulated bridge.</li>
            <li>Cord in, rocker to I. The fan turns: the supply starts.</li>
            <li>Rocker to O and cord out before the bridge comes off.</li>
          </List>
        </Bridge>
      )}
    </Panel>
  );
});
