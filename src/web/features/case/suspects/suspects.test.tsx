/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import { diagnoseCase } from '../../../../core/casework';
import { desktopWithLights, stateOf, type BriefLog } from '../../../../core/casework/testing-log';
import { renderInShell } from '../../../testing-screen';
import { ProvingPanel } from './ProvingPanel';
import { Suspects } from './Suspects';

function showSuspects(log: BriefLog) {
  const state = stateOf(log);
  renderInShell(<Suspects diagnosis={diagnoseCase(state)} state={state} link={null} />);
}
const overload: NonNullable<BriefLog['trials']> = [
  ['start', 'works'],
  ['run-under-load', 'cuts-out'],
  ['look/card-leads/card', 'split'],
];

test('two faults of one event are named as one cause, with its parts and the reason', () => {
  showSuspects({ machine: desktopWithLights, circumstances: ['card-changed'], trials: overload });
  expect(screen.getByText('Both at once: more is drawn than the supply and its leads can carry')).toBeTruthy();
  expect(screen.getByText(/^The supply is too small .* \+ One split lead .*is fed on through splitters/)).toBeTruthy();
});

test('what was repaired while the complaint stayed says so, and stands behind what is still to be found', () => {
  showSuspects({ machine: desktopWithLights, trials: [...overload, ['fix/separate-leads@card', 'cuts-out']] });
  const [first, ...others] = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
  expect(first).toContain('The supply is too small');
  expect(others.find((text) => text.includes('One split lead'))).toContain('repaired');
});

test('a repair that cannot be undone shows the starts that it was counted by', () => {
  showSuspects({
    machine: desktopWithLights,
    circumstances: ['spill'],
    reported: 'dead',
    trials: [
      ['start', 'dead'],
      ['bridge-pins', 'works'],
      ['fix/clean-switch@case-switch', 'works'],
      ['look/ten-presses/case-switch', 'all'],
    ],
  });
  expect(screen.getByText(/it cannot be undone\. Worked 11 of 11 since, 0 of 1 before: 98 % sure/)).toBeTruthy();
});

describe('parts on the bench', () => {
  const machine: BriefLog['machine'] = {
    parts: [
      { id: 'module-1', kind: 'module' },
      { id: 'module-2', kind: 'module' },
      { id: 'drive', kind: 'drive' },
    ],
    board: { stageLights: true },
    builtInGraphics: true,
    onBench: true,
  };
  function showPanel(trials: NonNullable<BriefLog['trials']>) {
    const state = stateOf({ machine, trials });
    const { proving } = diagnoseCase(state);
    if (!proving) throw new Error('expected a bench test');
    renderInShell(<ProvingPanel state={state} proving={proving} />);
    return screen.getByRole('region', { name: 'Parts to prove' });
  }

  test('the starts behind the one in hand are listed with their minutes, and each part has its verdict', () => {
    const panel = showPanel([
      ['build/processor', 'at-memory'],
      ['build/memory', 'no-boot'],
    ]);
    const rows = within(panel).getAllByRole('row');
    expect(rows.find((row) => row.textContent.startsWith('module 1'))?.textContent).toContain('works, not loaded');
    expect(rows.find((row) => row.textContent.startsWith('module 2'))?.textContent).toContain('not tested');
    const ahead = within(panel)
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent);
    expect(ahead[0]).toMatch(/^Put in module 2 and start.*minutes$/);
    expect(ahead.at(-1)).toContain('Run it under full load');
  });

  test('with nothing ahead only the verdicts are left', () => {
    const panel = showPanel([
      ['build/processor', 'at-memory'],
      ['build/memory', 'no-boot'],
      ['build/drive', 'works'],
      ['set/1', 'works'],
      ['run-under-load', 'works'],
    ]);
    expect(within(panel).queryByText('Then, if all is good')).toBeNull();
    expect(panel.textContent).not.toContain('not tested');
  });
});
