import { useState } from 'react';
import { Button } from '../../components/Button';
import { CheckGrid } from '../../components/ChoiceGrid';
import { Field } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { FirstStart } from './FirstStart';
import type { StepProps } from './step-props';
import { Block, Fields, Foot, Lead, Title } from './step-parts';
import { stepsOf } from './use-firmware';

const physical = [
  { id: 'drained', label: 'Supply off, cord out, button pressed: drained' },
  { id: 'stick out', label: 'Stick out' },
  { id: 'parts in place', label: 'Processor, memory and graphics fitted for the first start' },
];
const settings = [
  { id: 'defaults', label: 'defaults loaded' },
  { id: 'memory profile', label: 'memory profile' },
  { id: 'boot order', label: 'boot order' },
  { id: 'fan curves', label: 'fan curves' },
  { id: 'start after power loss', label: 'start after power loss' },
];

/** The version read after the flash, with what was set again, and how both are recorded. */
function useVersionAfter({ firmware, log }: StepProps) {
  const { desk, change, next, plan } = firmware;
  const [version, setVersion] = useState('');
  const [again, setAgain] = useState<readonly string[]>([]);
  const [said, setSaid] = useState<string | null>(null);
  const shown = version.trim();
  const steps = stepsOf(plan);
  // What the second image holds is only known once it is read.
  const wanted = desk.method === 'second-image' ? null : next;
  const isSame = wanted === null || shown.toLowerCase() === wanted.version.toLowerCase();
  const write = async () => {
    const seen = isSame && wanted ? wanted.version : shown;
    if (
      log &&
      !(await log.record({
        kind: 'firmware-verified',
        version: seen,
        setAgain: [...again],
        ...(desk.afterwards.length > 0 ? { done: [...desk.afterwards] } : {}),
      }))
    )
      return;
    setVersion('');
    if (!isSame) {
      change({ installed: seen });
      setSaid(`Written down: ${seen} is on it, not ${wanted.version}. The flash did not take.`);
      return;
    }
    const isOnTheWay = wanted !== null && steps.length > 1;
    change({
      installed: seen,
      ...(desk.purpose === 'recover' ? { purpose: 'update' } : {}),
      print: { ...desk.print, version: seen },
      ...(isOnTheWay ? { stick: null } : {}),
      against: null,
      gates: [],
      afterwards: [],
      backup: null,
      firstStart: { from: null, changes: [], tried: 0 },
      ...(isOnTheWay ? { step: 'stick' } : {}),
    });
    if (!isOnTheWay) setSaid(`${seen} is on it.${log ? ' Start it as the trials of the case propose.' : ''}`);
  };
  return { version, setVersion, shown, wanted, isSame, again, setAgain, said, write };
}

/** After the flash: the first long start, the version read, settings set again. */
export function AfterStep({ firmware, log }: StepProps) {
  const { desk, change } = firmware;
  const { version, setVersion, shown, wanted, isSame, again, setAgain, said, write } = useVersionAfter({
    firmware,
    log,
  });
  return (
    <>
      <Title>Afterwards</Title>
      <Lead>The first start takes long and may restart several times. A changing code means progress.</Lead>
      <Block>
        <CheckGrid
          label="Before the first start"
          columns={1}
          choices={physical}
          values={desk.afterwards}
          onChange={(afterwards) => change({ afterwards })}
        />
      </Block>
      <FirstStart firmware={firmware} log={log} />
      <Fields $columns={2}>
        <Field
          label="Version shown now"
          value={version}
          onChange={setVersion}
          hint={wanted ? `${wanted.version} was flashed.` : undefined}
          maxLength={40}
        />
      </Fields>
      {shown !== '' && wanted && !isSame && (
        <Notice kind="suspicion">
          <span>
            {shown} is not {wanted.version}: the flash did not work, or the version was misread.
          </span>
        </Notice>
      )}
      <Block>
        <CheckGrid label="Set again" columns={3} choices={settings} values={again} onChange={setAgain} />
      </Block>
      <Foot>
        <Button $kind="primary" isDisabled={shown === ''} onPress={() => void write()}>
          Record the version
        </Button>
        {log && <Button onPress={log.leave}>Back to the tests</Button>}
      </Foot>
      {said && (
        <Notice kind="plain">
          <span>{said}</span>
        </Notice>
      )}
    </>
  );
}
