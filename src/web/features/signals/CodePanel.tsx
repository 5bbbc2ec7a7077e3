import { useState } from 'react';
import styled from 'styled-components';
import type { Meaning } from '../../../core/signals';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { clock } from '../../components/format';
import { useTicking } from '../../components/use-ticking';
import type { SignalsDraft } from '../../stores/signals-draft';
import { fonts } from '../../theme/tokens';
import { Head, Quiet, Tools } from './parts';
import { SevenSegments } from './SevenSegments';

const Split = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.8rem;
`;
const Pad = styled.div`
  display: grid;
  grid-template-columns: repeat(8, minmax(0, 1fr));
  gap: 3px;
  margin-top: 0.5rem;
  button {
    min-width: 0;
    padding: 0;
    font: 700 1.05rem ${fonts.code};
  }
`;
const Since = styled.p`
  margin: 0.15rem 0;
  output {
    margin-left: 0.3rem;
    font: 700 1.15rem ${fonts.code};
  }
`;
const Trail = styled.p`
  font: 600 0.92rem ${fonts.code};
  overflow-wrap: anywhere;
`;

const hexDigits = Array.from('0123456789ABCDEF');
const mostCodes = 60;

interface CodePanelProps {
  readonly draft: SignalsDraft;
  readonly meaning: Meaning | null;
  readonly onChange: (change: Partial<SignalsDraft>) => void;
}

/** The code display: typed or pressed digit by digit; how long it has stood counts by itself. */
export function CodePanel({ draft: { codes, codeMoves }, meaning, onChange }: CodePanelProps) {
  /** The digits of the next code so far. */
  const [typed, setTyped] = useState('');
  const last = codes.at(-1);
  const type = (text: string) => {
    const next = text.toUpperCase().replace(/[^0-9A-F]/g, '');
    setTyped(next.length < 2 ? next : '');
    const code = next.slice(0, 2);
    if (code.length < 2 || code === last?.text) return;
    onChange({ codes: [...codes, { text: code, at: Date.now() }].slice(-mostCodes), codeMoves: false });
  };
  return (
    <section aria-label="Code display">
      <Head>
        <h2>Code display</h2>
        <span>D</span>
      </Head>
      <Split>
        <SevenSegments text={typed || (last?.text ?? '')} />
        <div>
          <Field
            label="Code"
            value={typed}
            onChange={type}
            maxLength={2}
            hint={last ? undefined : 'Two digits, 0 to F.'}
          />
          {last && !codeMoves && <UnchangedFor since={last.at} />}
        </div>
      </Split>
      {meaning && (
        <p role="status">
          <strong>{meaning.seen}</strong>: {codeMoves ? 'still changing' : meaning.meaning}
        </p>
      )}
      {codes.length > 1 && <Trail>{codes.map(({ text }) => text).join(' → ')}</Trail>}
      <Pad role="group" aria-label="Digits">
        {hexDigits.map((digit) => (
          <Button key={digit} onPress={() => type(typed + digit)}>
            {digit}
          </Button>
        ))}
      </Pad>
      {last && (
        <Tools>
          <Button aria-pressed={codeMoves} onPress={() => onChange({ codeMoves: !codeMoves })}>
            {codeMoves ? '✓ It still changes' : 'It still changes'}
          </Button>
          <Button onPress={() => onChange({ codes: codes.slice(0, -1), codeMoves: false })}>Undo the last</Button>
        </Tools>
      )}
      {!last && <Quiet>A code that changes is progress; one that stands is where it stopped.</Quiet>}
    </section>
  );
}

function UnchangedFor({ since }: { readonly since: number }) {
  const now = useTicking(true, 500);
  return (
    <Since>
      Unchanged for
      <output aria-label="Unchanged for">{clock(Math.max(0, Math.round((now - since) / 1000)))}</output>
    </Since>
  );
}
