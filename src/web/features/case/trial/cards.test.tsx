/** @jest-environment jsdom */
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { closingDiagnosis, diagnoseCase, foldCase, type CaseEvent } from '../../../../core/casework';
import { eventsOf, stateOf, type BriefLog } from '../../../../core/casework/testing-log';
import type { TrialView } from '../../../../core/diagnosis';
import { procedureOf } from '../../../../core/procedures';
import type { Role } from '../../../../contracts';
import { renderInShell } from '../../../testing-screen';
import { CautionGate } from './CautionGate';
import { ClosedCard, ParkedCard, ReadyToClose } from './FinishedCard';
import { splitOutcomes } from '../../case-log/outcome-choices';
import { ReadingEntry } from './ReadingEntry';
import { TrialCard } from './TrialCard';

const log: BriefLog = { reported: 'dead', trials: [['start', 'dead']] };
const state = stateOf(log);
const diagnosis = diagnoseCase(state);
const trialOf = (id: string): TrialView => {
  const all = [...(diagnosis.advice.trial ? [diagnosis.advice.trial] : []), ...diagnosis.alternatives];
  const found = all.find((trial) => trial.id === id);
  if (!found) throw new Error(`expected the trial ${id}`);
  return found;
};
const button = (name: string | RegExp) => screen.queryByRole('button', { name });

describe('a reading', () => {
  const trial = trialOf('measure/vsb/supply');
  const taken: unknown[][] = [];
  const type = (text: string) => {
    taken.splice(0);
    const { container } = renderInShell(<ReadingEntry trial={trial} onReading={(...reading) => taken.push(reading)} />);
    fireEvent.change(screen.getByLabelText('Reading in volts'), { target: { value: text } });
    const said = screen.getByRole('status').textContent;
    fireEvent.submit(container.querySelector('form') as HTMLFormElement);
    return said;
  };

  test.each([
    ['5.04', 'within', 5.04],
    ['5,04', 'within', 5.04],
    [' 4.2 ', 'low', 4.2],
    ['−0.1', 'absent', -0.1],
  ])('%s is graded as it is typed and recorded', (text, grade, volts) => {
    const said = type(text);
    expect(taken).toEqual([[grade, volts]]);
    expect(said).toContain(trial.outcomes.find(({ id }) => id === grade)?.label);
    expect(said).toContain('Limits 4.75 to 5.25 V');
  });

  test.each(['', 'five', '5.0.4', '301', '-31', '1e2', '5 V'])('"%s" is refused at the field', (text) => {
    type(text);
    expect(taken).toEqual([]);
    expect(screen.getByText(/Enter volts between −30 and 300/)).toBeTruthy();
  });
});

describe('the card of a trial', () => {
  const gate = { isConfirmed: true, isAsked: false, asks: [], confirm: () => undefined, pass: () => true };
  const seen: string[] = [];
  const shownAs = (trial: TrialView, isFull: boolean) => ({
    procedure: procedureOf(state, trial.id, null),
    board: null,
    isFull,
    toggle: () => seen.push('toggle'),
  });
  const card = (trial: TrialView, role: Role = 'technician', isSetUp = false, isFull = false) =>
    renderInShell(
      <TrialCard
        caseId="one"
        state={state}
        trial={trial}
        diagnosis={diagnosis}
        choices={splitOutcomes(trial)}
        gate={gate}
        shown={shownAs(trial, isFull)}
        isSetUp={isSetUp}
        onOutcome={(id) => seen.push(id)}
        onReading={() => undefined}
        onStartWait={() => undefined}
        onBackToProposal={() => seen.push('back')}
      />,
      { role },
    );
  const proposed = diagnosis.advice.trial as TrialView;

  test('the full form has every movement with what one feels, and the picture of it', () => {
    card(trialOf('fix/push-power-plugs@board'), 'technician', false, true);
    expect(screen.getAllByText(/^Right when: The plug sits flush/).length).toBe(2);
    expect(screen.getByRole('heading', { level: 3, name: 'Before' })).toBeTruthy();
    expect(screen.getAllByRole('img', { name: /^24-pin plug/ }).length).toBe(1);
    fireEvent.click(screen.getByRole('button', { name: /^In short/ }));
    expect(seen).toContain('toggle');
  });

  test('the suggestion says why, its steps, and whether one more test pays', () => {
    card(proposed);
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe(proposed.title);
    expect(screen.getByText(diagnosis.advice.why)).toBeTruthy();
    expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual(
      expect.arrayContaining([...proposed.steps]),
    );
    expect(button('Back to the suggestion')).toBeNull();
  });

  test('another one says what it is for, and leads back', () => {
    const other = trialOf('look/cord/cord');
    card(other);
    expect(screen.getByText('Your choice')).toBeTruthy();
    expect(screen.getByText(other.purpose)).toBeTruthy();
    fireEvent.click(button('Back to the suggestion') as HTMLElement);
    expect(seen.at(-1)).toBe('back');
  });

  test('a start with a machine set up by hand is called so', () => {
    card(trialOf('start'), 'technician', true);
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Start it as it is set up');
  });

  test('who only reads sees no outcomes; a trainee sees none of what writes firmware, and why', () => {
    card(proposed, 'reader');
    expect(screen.queryByRole('group', { name: 'What do you see?' })).toBeNull();
    cleanup();
    const flash = diagnosis.alternatives.find(
      ({ id }) => id.startsWith('fix/') && id.includes('firmware'),
    ) as TrialView;
    card(flash, 'trainee');
    expect(screen.queryByRole('group', { name: 'What do you see?' })).toBeNull();
    expect(screen.getByText(/a technician or a lead does this/)).toBeTruthy();
    cleanup();
    card(flash, 'technician');
    expect(screen.getByRole('group', { name: 'What do you see?' })).toBeTruthy();
    expect(screen.queryByText(/a technician or a lead does this/)).toBeNull();
  });
});

describe('cautions', () => {
  const confirm = jest.fn();
  const gateWith = (more: object) => ({
    isConfirmed: false,
    isAsked: false,
    asks: ['unplug'] as const,
    confirm,
    pass: () => true,
    ...more,
  });

  test('where harm is possible they are confirmed, and say so afterwards', () => {
    renderInShell(<CautionGate cautions={['unplug']} gate={gateWith({ isAsked: true })} />);
    expect(screen.getByRole('alert').textContent).toContain('Confirm this first');
    fireEvent.click(button(/^Done and safe/) as HTMLElement);
    expect(confirm).toHaveBeenCalledTimes(1);
    cleanup();
    renderInShell(<CautionGate cautions={['unplug']} gate={gateWith({ isConfirmed: true })} />);
    expect(screen.getByRole('status').textContent).toContain('Confirmed:');
  });

  test('a trial without any shows none', () => {
    expect(renderInShell(<CautionGate cautions={[]} gate={gateWith({})} />).container.textContent).toBe('');
  });
});

describe('where nothing is left to do', () => {
  const done = eventsOf({
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['look/rocker/supply', 'at-o'],
    ],
  });
  const closed: CaseEvent = {
    kind: 'case-closed',
    id: '00000000-0000-4000-8000-000000000099',
    at: '2026-01-05T10:00:00Z',
    by: 'Runa',
    ending: 'repaired',
    fault: null,
    cause: 'The rocker stood at O',
    done: 'Switched it on',
    diagnosis: { ...closingDiagnosis(diagnosis), model: '0' },
  };

  test('a closed case says what it was, by whom, and what another model said then; opening it again is not for all', () => {
    const folded = foldCase([...done, closed]);
    if (!folded.ok) throw new Error(folded.problem.message);
    const onReopen = jest.fn();
    const card = <ClosedCard state={folded.state} judged={{ parts: {}, proving: null }} onReopen={onReopen} />;
    const { container } = renderInShell(card);
    expect(container.textContent).toContain('Closed by Runa');
    expect(container.textContent).toContain('The rocker stood at O');
    expect(container.textContent).toContain('Switched it on');
    const story = screen.getByRole('list', { name: 'What was done and seen' });
    expect(story.textContent).toContain('Check the rocker switch of the supply. It is at O');
    expect(story.querySelectorAll('li')).toHaveLength(3);
    fireEvent.click(button('Reopen') as HTMLElement);
    expect(onReopen).toHaveBeenCalledTimes(1);
    cleanup();
    renderInShell(card, { role: 'trainee' });
    expect(button('Reopen')).toBeNull();
  });

  test('a parked one says for what it waits, and when that was due', () => {
    const card = (until: string | null) =>
      renderInShell(<ParkedCard state={{ waitingFor: 'a supply', waitingUntil: until }} onResume={() => undefined} />)
        .container.textContent;
    expect(card(null)).toMatch(/Waiting for a supplyEverything stays as it is/);
    expect(card('2020-01-05T10:00:00Z')).toContain('It was expected by');
    expect(card('2999-01-05T10:00:00Z')).toContain('Until');
  });

  test('suspects that cannot be told apart are listed with their repairs', () => {
    const undecided = { ...diagnosis, advice: { ...diagnosis.advice, kind: 'undecided', trial: null } } as const;
    renderInShell(
      <ReadyToClose diagnosis={undecided} state={state} onClose={() => undefined} onConsent={() => undefined} />,
    );
    const listed = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
    const expected = diagnosis.suspects.filter(({ probability }) => probability >= 0.1).slice(0, 4);
    expect(listed).toHaveLength(expected.length);
    expect(listed[0]).toContain(expected[0]?.title);
  });
});
