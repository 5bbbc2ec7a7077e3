import { Gauge } from 'lucide-react';
import { useState } from 'react';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import type { CaseState, EventBody } from '../../../../core/casework';
import { noSpeed, speedRemarks, type ModuleSpeed } from '../../../../core/isolation';
import type { Part } from '../../../../core/machine';
import { Button } from '../../../components/Button';
import { Field } from '../../../components/Field';
import { PopoverSheet } from '../../../components/Sheet';
import { fonts } from '../../../theme/tokens';

const Block = styled.section`
  margin-top: 0.6rem;
  h3 {
    font-size: 0.95rem;
  }
  p {
    margin-top: 0.3rem;
    padding: 0.35rem 0.7rem;
    border-left: 5px solid ${({ theme }) => theme.suspicionFill};
    background: ${({ theme }) => theme.suspicionSoft};
    font-size: 0.9rem;
    line-height: 1.3;
  }
`;
const Line = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  align-items: center;
  gap: 0.5rem;
  margin-top: 0.3rem;
  font-size: 0.92rem;
  > span:nth-child(2) {
    font-family: ${fonts.code};
  }
`;
const Small = styled(Button)`
  padding: 0.1rem 0.6rem;
  font-weight: 500;
`;
const Form = styled.form`
  display: grid;
  gap: 0.6rem;
  h3 {
    font-size: 1rem;
  }
`;

/** Rated and running speed of each module, and what mixed speeds mean. */
export function ModuleSpeeds({
  state,
  canNote,
  onNote,
}: {
  readonly state: CaseState;
  readonly canNote: boolean;
  readonly onNote: (body: EventBody) => void;
}) {
  const modules = state.machine.parts.filter(({ kind }) => kind === 'module');
  return (
    <Block aria-label="Speeds">
      <h3>Speeds, MT/s</h3>
      {modules.map((module) => (
        <Line key={module.id}>
          <span>{module.name}</span>
          <span>{speedWords(state.partFacts[module.id] ?? noSpeed)}</span>
          <SpeedEntry module={module} speed={state.partFacts[module.id] ?? noSpeed} canNote={canNote} onNote={onNote} />
        </Line>
      ))}
      {speedRemarks(state.machine, state.partFacts).map((remark) => (
        <p key={remark}>{remark}</p>
      ))}
    </Block>
  );
}

const speedWords = ({ ratedMts, runningMts }: ModuleSpeed): string =>
  ratedMts === null && runningMts === null ? 'not noted' : `rated ${ratedMts ?? '?'} · runs ${runningMts ?? '?'}`;

function SpeedEntry({
  module,
  speed,
  canNote,
  onNote,
}: {
  readonly module: Part;
  readonly speed: ModuleSpeed;
  readonly canNote: boolean;
  readonly onNote: (body: EventBody) => void;
}) {
  return (
    <DialogTrigger>
      <Small isDisabled={!canNote} aria-label={`Note the speeds of ${module.name}`}>
        <Gauge size={16} aria-hidden /> Note
      </Small>
      <PopoverSheet placement="right top">
        <Dialog>
          {({ close }) => (
            <SpeedForm
              title={module.name}
              speed={speed}
              onDone={(noted) => {
                onNote({
                  kind: 'part-noted',
                  part: module.id,
                  ...(noted.ratedMts === null ? {} : { ratedMts: noted.ratedMts }),
                  ...(noted.runningMts === null ? {} : { runningMts: noted.runningMts }),
                });
                close();
              }}
            />
          )}
        </Dialog>
      </PopoverSheet>
    </DialogTrigger>
  );
}

function SpeedForm({
  title,
  speed,
  onDone,
}: {
  readonly title: string;
  readonly speed: ModuleSpeed;
  readonly onDone: (speed: ModuleSpeed) => void;
}) {
  const [rated, setRated] = useState(String(speed.ratedMts ?? ''));
  const [running, setRunning] = useState(String(speed.runningMts ?? ''));
  const [tried, setTried] = useState(false);
  const problems = { rated: problemOf(rated), running: problemOf(running) };
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (problems.rated || problems.running || (!rated.trim() && !running.trim())) return;
        onDone({ ratedMts: numberOf(rated), runningMts: numberOf(running) });
      }}
    >
      <Heading slot="title" level={3}>
        Speeds of {title}
      </Heading>
      <Field
        label="Rated, as the label says"
        value={rated}
        onChange={setRated}
        error={tried ? problems.rated : undefined}
        autoFocus
      />
      <Field
        label="Running, as the firmware shows it"
        value={running}
        onChange={setRunning}
        error={tried ? problems.running : undefined}
        hint="In MT/s. Leave empty if not known."
      />
      <Button type="submit" $kind="primary">
        Save the speeds
      </Button>
    </Form>
  );
}

const numberOf = (text: string): number | null => (text.trim() === '' ? null : Number(text.trim()));

function problemOf(text: string): string | undefined {
  const number = numberOf(text);
  if (number === null || (Number.isInteger(number) && number >= 100 && number <= 20_000)) return undefined;
  return 'Enter a whole number from 100 to 20000, or leave it empty.';
}
