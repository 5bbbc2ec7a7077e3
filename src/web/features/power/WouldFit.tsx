import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { SCHOOL_NAMES, type PowerAssessment, type School } from '../../../core/power';
import { Button } from '../../components/Button';
import { ModalSheet, Overlay } from '../../components/Sheet';
import { Toggles } from '../../components/Toggles';
import { Quiet } from './room-parts';

const Space = styled.div`
  display: grid;
  gap: 0.8rem;
  margin: 0.8rem 0;
  strong {
    font-size: 1.3rem;
  }
`;

interface WouldFitProps {
  readonly assessment: PowerAssessment;
  readonly school: School;
  readonly onSchool: (school: School) => void;
  readonly onClose: () => void;
}

/** The least supply that satisfies a school of headroom. */
export function WouldFit({ assessment: { schools }, school, onSchool, onClose }: WouldFitProps) {
  const chosen = schools.find((one) => one.school === school) ?? schools[0];
  const fit = chosen?.wouldFit;
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <ModalSheet>
        <Dialog aria-label="What would fit">
          <Heading slot="title">What would fit</Heading>
          <Space>
            <Toggles
              label="School of headroom"
              choices={schools.map(({ school: id }) => ({ id, label: SCHOOL_NAMES[id] }))}
              value={chosen?.school ?? school}
              onChange={(id) => onSchool(id as School)}
            />
            {chosen && fit && (
              <p>
                <strong>{fit.ratingWatts === null ? 'No supply that is sold' : `At least ${fit.ratingWatts} W`}</strong>
                <br />
                with {fit.v12Amps} A or more on +12 V. {SCHOOL_NAMES[chosen.school]} asks for {Math.round(chosen.watts)}{' '}
                W.
              </p>
            )}
            <Quiet>
              Its own leads only: leads of another supply may be wired otherwise. Count its plugs before you buy.
            </Quiet>
          </Space>
          <Button $kind="primary" onPress={onClose}>
            Done
          </Button>
        </Dialog>
      </ModalSheet>
    </Overlay>
  );
}
