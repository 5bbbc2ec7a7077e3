import styled from 'styled-components';
import type { FirmwareGoal, UpdatePlan } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { ChoiceGrid } from '../../components/ChoiceGrid';
import { Field, Stepper } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import { fonts } from '../../theme/tokens';
import type { StepProps } from './step-props';
import { PlanView } from './PlanView';
import { Block, Fields, Foot, Lead, Title } from './step-parts';
import { TickLine } from '../../components/TickLine';
import { stepsOf, type Firmware } from './use-firmware';

const Path = styled.p`
  margin: 0.2rem 0 0.6rem;
  font: 700 1.5rem ${fonts.code};
  overflow-wrap: anywhere;
`;
const unknown = '?';
const goals: readonly { readonly id: FirmwareGoal['kind']; readonly label: string }[] = [
  { id: 'newest', label: 'Newest version that has proved itself' },
  { id: 'support', label: 'Supports a certain processor' },
  { id: 'fix', label: 'Fixes a certain problem' },
  { id: 'version', label: 'A certain version, or back to an older one' },
];

/** From which version to which, and over which stepping stones. */
export function VersionStep({ firmware: { desk, change, revision, plan, board } }: StepProps) {
  if (!revision || !board) return <NeedsBoard onGo={() => change({ step: 'board' })} />;
  const { goal, installed } = desk;
  const known = knownOf(revision);
  const { versions } = known;
  const aim = (kind: FirmwareGoal['kind']) => change({ goal: goalOf(kind, known) });
  const goOn = () => {
    if (plan?.kind !== 'plan') return;
    const isBack = installed !== null && versions.indexOf(plan.target) < versions.indexOf(installed);
    const purpose = desk.purpose === 'recover' ? 'recover' : isBack ? 'roll-back' : 'update';
    change({ step: 'way', purpose });
  };
  return (
    <>
      <Title>Which version?</Title>
      <Lead>
        {board.model}, revision {revision.revision}. If the machine works and needs nothing, do not flash.
      </Lead>
      <Fields $columns={2}>
        <Select
          label="Installed now"
          value={installed ?? unknown}
          onChange={(version) => change({ installed: version === unknown ? null : version })}
          choices={[{ id: unknown, label: 'Not known' }, ...[...versions].reverse().map((id) => ({ id, label: id }))]}
        />
        <TickLine
          isTicked={desk.purpose === 'recover'}
          onChange={(isTicked) => change({ purpose: isTicked ? 'recover' : 'update' })}
          label="The installed image is damaged (failed flash, power cut)"
        />
      </Fields>
      {installed === null && <ClueFields desk={desk} change={change} known={known} />}
      <Block>
        <ChoiceGrid
          label="Goal"
          choices={goals}
          value={goal.kind}
          onChange={(kind) => aim(kind as FirmwareGoal['kind'])}
        />
      </Block>
      <Fields $columns={2}>
        <GoalDetail desk={desk} change={change} known={known} />
        <TickLine
          isTicked={desk.allowIrreversible}
          onChange={(allowIrreversible) => change({ allowIrreversible })}
          label="Allow steps that cannot be undone"
        />
      </Fields>
      {plan && <Answer plan={plan} installed={installed} />}
      <Foot>
        <Button $kind="primary" isDisabled={stepsOf(plan).length === 0} onPress={goOn}>
          Choose the method
        </Button>
      </Foot>
    </>
  );
}

/** What the box and the history say of a version that cannot be read. */
function ClueFields({ desk: { clues }, change, known }: Pick<Firmware, 'desk' | 'change'> & { readonly known: Known }) {
  const processors = [{ id: '', label: 'Nothing known' }, ...known.processors.map((id) => ({ id, label: id }))];
  const set = (part: Partial<typeof clues>) => change({ clues: { ...clues, ...part } });
  const isDay = clues.made === '' || /^\d{4}-\d{2}-\d{2}$/.test(clues.made);
  return (
    <Fields $columns={3}>
      <Select
        label="Box says ready for"
        value={clues.readyFor}
        choices={processors}
        onChange={(readyFor) => set({ readyFor })}
      />
      <Select label="Already ran with" value={clues.ran} choices={processors} onChange={(ran) => set({ ran })} />
      <Field
        label="Made on, if it is new"
        value={clues.made}
        onChange={(made) => set({ made })}
        hint="Year-month-day, as 2025-03-01"
        error={isDay ? undefined : 'Expected for instance 2025-03-01.'}
        maxLength={10}
      />
    </Fields>
  );
}

/** What a goal can name, from the board book. */
type Known = Readonly<Record<'processors' | 'fixes' | 'versions', readonly string[]>>;

function knownOf({ releases, processors }: NonNullable<Firmware['revision']>): Known {
  const added = releases.flatMap(({ processorsAdded }) => processorsAdded ?? []);
  return {
    versions: releases.map(({ version }) => version),
    processors: [...new Set([...processors, ...added])],
    fixes: [...new Set(releases.flatMap((release) => release.fixes ?? []))],
  };
}

/** What the goal needs besides its kind. */
function GoalDetail({
  desk: { goal, soakDays },
  change,
  known,
}: Pick<Firmware, 'desk' | 'change'> & { readonly known: Known }) {
  const choice = (label: string, value: string, ids: readonly string[], goalOn: (id: string) => FirmwareGoal) => (
    <Select
      label={label}
      value={value}
      onChange={(id) => change({ goal: goalOn(id) })}
      choices={ids.map((id) => ({ id, label: id }))}
    />
  );
  switch (goal.kind) {
    case 'support':
      return choice('Processor', goal.processor, known.processors, (processor) => ({ kind: 'support', processor }));
    case 'fix':
      return choice('Problem, as the release notes describe it', goal.complaint, known.fixes, (complaint) => ({
        kind: 'fix',
        complaint,
      }));
    case 'version':
      return choice('Version', goal.version, [...known.versions].reverse(), (version) => ({
        kind: 'version',
        version,
      }));
    case 'newest':
      return (
        <Stepper
          label="Minimum age in days"
          value={soakDays}
          onChange={(days) => change({ soakDays: days })}
          max={365}
        />
      );
  }
}

function Answer({ plan, installed }: { readonly plan: UpdatePlan; readonly installed: string | null }) {
  return (
    <Block role="status" aria-live="polite" aria-label="Plan">
      <h2>{plan.kind === 'ask' ? 'One question first' : 'Plan'}</h2>
      {plan.kind === 'plan' && plan.steps.length > 0 && (
        <Path>{[installed ?? '?', ...plan.steps.map(({ version }) => version)].join(' → ')}</Path>
      )}
      <PlanView plan={plan} />
    </Block>
  );
}

function goalOf(kind: FirmwareGoal['kind'], { processors, fixes, versions }: Known): FirmwareGoal {
  switch (kind) {
    case 'newest':
      return { kind };
    case 'support':
      return { kind, processor: processors.at(-1) ?? '' };
    case 'fix':
      return { kind, complaint: fixes[0] ?? '' };
    case 'version':
      return { kind, version: versions.at(-1) ?? '' };
  }
}

export function NeedsBoard({ onGo }: { readonly onGo: () => void }) {
  return (
    <>
      <Title>First say which board it is</Title>
      <Notice kind="plain">
        <span>Versions, methods and checks depend on the board and its revision.</span>
        <Button onPress={onGo}>Which board</Button>
      </Notice>
    </>
  );
}
