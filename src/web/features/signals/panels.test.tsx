/** @jest-environment jsdom */
import { cleanup, createEvent, fireEvent, screen } from '@testing-library/react';
import { decodeSignals, type SeenSignals } from '../../../core/signals';
import type { StartOutcome } from '../../../core/startup';
import { renderInShell } from '../../testing-screen';
import { emptySignals, type SignalsDraft } from '../../stores/signals-draft';
import { CodePanel } from './CodePanel';
import { LightsPanel } from './LightsPanel';
import { SevenSegments } from './SevenSegments';
import { TapPad, TappedLine } from './TapPad';
import { Together } from './Together';
import { useTapping } from './use-tapping';

afterEach(cleanup);

const board = {
  model: 'Skua 2',
  revisions: [],
  stageLights: [
    { label: 'MEM', link: 'memory' },
    { label: 'PICT', link: 'graphics' },
  ],
  codes: [
    { code: '3E', meaning: 'Training', stage: 'memory', waitSeconds: 60 },
    { code: '71', meaning: 'Waiting for a picture', stage: 'graphics' },
  ],
} as const;
const changes: Partial<SignalsDraft>[] = [];
beforeEach(() => changes.splice(0));

describe('what they say together', () => {
  const say = (seen: SeenSignals, expected: readonly StartOutcome[] = []) => {
    cleanup();
    renderInShell(<Together decoded={decodeSignals(board, seen)} expected={expected} at="Step 1" board={board} />);
    return screen.getByRole('heading', { level: 1 }).textContent;
  };
  const on = (label: string) => ({ label, shows: 'on' as const });

  test('is named by what agrees, contradicts, is expected or still at work', () => {
    expect(say({})).toBe('Nothing entered yet');
    expect(say({ lights: [on('MEM')] })).toBe('It stops at memory');
    expect(say({ lights: [on('MEM')] }, ['at-memory'])).toBe('As expected: it stops at memory');
    expect(say({ lights: [on('MEM')], code: { text: '71' } })).toBe('They contradict each other');
    expect(say({ code: { text: '3E', unchangedSeconds: 10 } })).toBe('It is still at work: wait');
    expect(say({ code: { text: '3E', unchangedSeconds: 70 } })).toBe('It stops at memory');
  });

  test('says for each signal how far it speaks for the outcome, and against it', () => {
    say({ lights: [on('MEM')], code: { text: '71' }, beeps: 'L' });
    const rows = screen.getAllByRole('row').map(({ textContent }) => textContent);
    expect(rows.find((row) => row.startsWith('Lights'))).toMatch(/[+−]\d/);
    expect(rows.filter((row) => row.includes('−')).length).toBeGreaterThan(0);
    expect(rows.find((row) => row.startsWith('Beeps'))).toContain('not from the book');
  });
});

describe('lights', () => {
  const lights = (draft: Partial<SignalsDraft>) => {
    cleanup();
    renderInShell(
      <LightsPanel
        lights={board.stageLights}
        place={null}
        board="Skua 2"
        draft={{ ...emptySignals, ...draft }}
        forecast={null}
        onChange={(change) => changes.push(change)}
        onWatch={() => undefined}
      />,
    );
  };

  test('go from dark to on to blinking to dark', () => {
    lights({ areDark: true });
    fireEvent.click(screen.getByRole('button', { name: 'Light MEM, memory: dark' }));
    lights({ lit: { MEM: 'on' } });
    fireEvent.click(screen.getByRole('button', { name: 'Light MEM, memory: stays on' }));
    lights({ lit: { MEM: 'blinks', PICT: 'on' } });
    fireEvent.click(screen.getByRole('button', { name: 'Light MEM, memory: blinks' }));
    expect(changes).toEqual([
      { lit: { MEM: 'on' }, areDark: false },
      { lit: { MEM: 'blinks' }, areDark: false },
      { lit: { PICT: 'on' }, areDark: false },
    ]);
  });

  test('that come one after the other are counted in their order', () => {
    lights({ lightsMode: 'change', sequence: ['MEM', 'PICT', 'MEM'] });
    expect(screen.getByRole('status').textContent).toBe('MEM → PICT → MEM');
    fireEvent.click(screen.getByRole('button', { name: 'Light PICT, graphics: came on 1 time' }));
    fireEvent.click(screen.getByRole('button', { name: 'Undo the last' }));
    expect(changes).toEqual([{ sequence: ['MEM', 'PICT', 'MEM', 'PICT'] }, { sequence: ['MEM', 'PICT'] }]);
  });
});

describe('the code display', () => {
  const code = (codes: SignalsDraft['codes']) => {
    cleanup();
    const draft = { ...emptySignals, codes };
    renderInShell(<CodePanel draft={draft} meaning={null} onChange={(change) => changes.push(change)} />);
    return screen.getByLabelText('Code');
  };

  test('takes two digits, by field or pad, and nothing else; the same code is no change', () => {
    fireEvent.change(code([]), { target: { value: '3e' } });
    fireEvent.change(code([]), { target: { value: 'xy' } });
    fireEvent.change(code([{ text: '3E', at: 0 }]), { target: { value: '3E' } });
    code([]);
    fireEvent.click(screen.getByRole('button', { name: '7' }));
    fireEvent.click(screen.getByRole('button', { name: '1' }));
    expect(changes.map(({ codes }) => codes?.map(({ text }) => text))).toEqual([['3E'], ['71']]);
  });

  test('shows each digit by its own strokes', () => {
    const lit = (text: string) =>
      renderInShell(<SevenSegments text={text} />).container.querySelectorAll('line[stroke="#e9bd6c"]').length;
    expect([lit('88'), lit('11'), lit('')]).toEqual([14, 4, 0]);
  });
});

describe('tapping along', () => {
  function Tapped() {
    const tapping = useTapping();
    return (
      <>
        <TapPad tapping={tapping} isListening={false} />
        {tapping.taps.length > 0 && <TappedLine tapping={tapping} onTake={(beeps) => changes.push({ beeps })} />}
      </>
    );
  }
  /** A press or release that was made at that time, and is heard of at some later one. */
  const at = (ms: number, kind: 'keyDown' | 'keyUp' | 'pointerDown' | 'pointerUp', on: Element) => {
    const event = createEvent[kind](on, { key: ' ' });
    Object.defineProperty(event, 'timeStamp', { value: ms });
    fireEvent(on, event);
  };

  test('counts from when the key was pressed and let go, not from when the page gets round to it', () => {
    renderInShell(<Tapped />);
    for (const [down, up] of [
      [1000, 1700],
      [1900, 2050],
      [2250, 2950],
    ] as const) {
      at(down, 'keyDown', document.body);
      at(up, 'keyUp', document.body);
    }
    expect(screen.getByRole('status').textContent).toContain('Tapped: 1 long, 1 short, 1 long');
    fireEvent.click(screen.getByRole('button', { name: 'Take it: L S L' }));
    expect(changes).toEqual([{ beeps: 'L S L' }]);
  });

  test('by the pad is the same, and begins again when it is asked to', () => {
    Element.prototype.setPointerCapture = () => undefined;
    renderInShell(<Tapped />);
    const pad = screen.getByRole('button', { name: 'Hold here as long as each tone' });
    at(500, 'pointerDown', pad);
    at(620, 'pointerUp', pad);
    at(900, 'pointerDown', pad);
    at(1600, 'pointerUp', pad);
    expect(screen.getByRole('button', { name: 'Take it: S L' })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Tap again' }));
    expect(screen.queryByRole('status')).toBeNull();
  });
});
