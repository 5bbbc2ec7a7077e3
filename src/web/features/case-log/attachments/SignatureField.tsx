import { useEffect, useRef } from 'react';
import SignaturePad from 'signature_pad';
import styled from 'styled-components';
import { Button } from '../../../components/Button';
import { FieldLabel } from '../../../components/Field';

const Paper = styled.canvas`
  display: block;
  width: 100%;
  aspect-ratio: 3.4;
  border: 1px solid ${({ theme }) => theme.muted};
  border-radius: 6px;
  background: #fff;
  touch-action: none;
  cursor: crosshair;
`;
const Foot = styled.div`
  display: flex;
  justify-content: flex-end;
`;

/** Pixels of the drawn name for each that is seen: it is printed as well. */
const density = 2;
const ink = '#101828';

interface SignatureFieldProps {
  readonly label: string;
  /** The drawn name, after each stroke; null once it is empty again. */
  readonly onDrawn: (signature: File | null) => void;
}

/** A paper to sign on with a finger, a pen or a mouse. */
export function SignatureField({ label, onDrawn }: SignatureFieldProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad | null>(null);
  useEffect(() => {
    const paper = canvas.current;
    if (!paper) return;
    paper.width = paper.offsetWidth * density;
    paper.height = paper.offsetHeight * density;
    paper.getContext('2d')?.scale(density, density);
    const made = new SignaturePad(paper, { penColor: ink, backgroundColor: '#fff', minWidth: 1, maxWidth: 2.6 });
    const tell = () =>
      paper.toBlob((blob) => onDrawn(blob && new File([blob], 'signature.png', { type: 'image/png' })), 'image/png');
    made.addEventListener('endStroke', tell);
    pad.current = made;
    return () => {
      made.removeEventListener('endStroke', tell);
      made.off();
      pad.current = null;
    };
  }, [onDrawn]);
  return (
    <div>
      <FieldLabel elementType="span">{label}</FieldLabel>
      <Paper ref={canvas} role="img" aria-label={label} />
      <Foot>
        <Button
          $kind="quiet"
          onPress={() => {
            pad.current?.clear();
            onDrawn(null);
          }}
        >
          Clear
        </Button>
      </Foot>
    </div>
  );
}
