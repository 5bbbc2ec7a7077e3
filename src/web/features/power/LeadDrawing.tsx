import { memo, useMemo } from 'react';
import styled from 'styled-components';
import type { PowerAssessment, SupplyLabel } from '../../../core/power';
import { fonts } from '../../theme/tokens';
import { layoutLeads, type Chip, type PartBox } from './lead-layout';
import { rangeInWords, wattsInWords } from './power-words';

const Drawing = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  max-height: 27rem;
  @media (max-width: 700px) {
    display: none;
  }
  text {
    font: 600 12.5px ${fonts.text};
    fill: ${({ theme }) => theme.ink};
    text-anchor: middle;
  }
  .figure {
    font: 500 12.5px ${fonts.code};
  }
  .quiet {
    font-weight: 400;
    fill: ${({ theme }) => theme.muted};
  }
  .band {
    fill: none;
    stroke: ${({ theme }) => theme.muted};
  }
  .band.over {
    stroke: ${({ theme }) => theme.suspicionFill};
  }
  .box {
    cursor: pointer;
    rect {
      fill: ${({ theme }) => theme.panel};
      stroke: ${({ theme }) => theme.ink};
      stroke-width: 1.4;
    }
    &.over rect {
      fill: ${({ theme }) => theme.suspicionSoft};
      stroke: ${({ theme }) => theme.suspicion};
      stroke-width: 2.5;
    }
    &:focus-visible {
      outline: none;
      rect {
        stroke: ${({ theme }) => theme.focus};
        stroke-width: 4;
      }
    }
  }
  .cut {
    stroke: ${({ theme }) => theme.danger};
    stroke-width: 3;
  }
  .carries {
    font-size: 11.5px;
    fill: ${({ theme }) => theme.danger};
  }
`;

interface LeadDrawingProps {
  readonly assessment: PowerAssessment;
  readonly label: SupplyLabel | null;
  /** An element was pressed. */
  readonly onElement: (id: string) => void;
  readonly onSupply: () => void;
  readonly onPart: (consumer: string) => void;
}

/** The leads from supply to parts: the wider, the more they carry; the weakest is crossed and says so. */
export const LeadDrawing = memo(function LeadDrawing({
  assessment,
  label,
  onElement,
  onSupply,
  onPart,
}: LeadDrawingProps) {
  const layout = useMemo(() => layoutLeads(assessment), [assessment]);
  const { supply } = layout;
  const middle = supply.x + supply.width / 2;
  return (
    <Drawing
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      role="group"
      aria-label="Leads from the supply to the parts"
    >
      {layout.bands.map(({ id, path, width, isOver }) => (
        <path key={id} className={isOver ? 'band over' : 'band'} d={path} strokeWidth={width} />
      ))}
      <Pressed label={`Supply: ${label ? label.name : 'no label noted'}. Change it`} onPress={onSupply}>
        <rect x={supply.x + 1} y={supply.y} width={supply.width - 2} height={supply.height} rx={5} />
        <text x={middle} y={supply.y + 28}>
          {label?.name ? cut(label.name, 19) : 'supply'}
        </text>
        <text className="figure" x={middle} y={supply.y + 50}>
          {label ? wattsInWords(label.watts) : 'no label yet'}
        </text>
        {label && label.v12Amps.length > 0 && (
          <text className="figure" x={middle} y={supply.y + 70}>
            12 V: {label.v12Amps.join(' + ')} A
          </text>
        )}
        {label && label.v12Watts !== null && (
          <text className="quiet" x={middle} y={supply.y + 90}>
            {wattsInWords(label.v12Watts)} on +12 V
          </text>
        )}
      </Pressed>
      {layout.chips.map((chip) => (
        <ChipShape key={chip.loaded.element.id} chip={chip} onPress={() => onElement(chip.loaded.element.id)} />
      ))}
      {layout.parts.map((part) => (
        <PartShape key={part.consumers.join(' ')} part={part} onPress={() => onPart(part.consumers[0] ?? '')} />
      ))}
    </Drawing>
  );
});

function ChipShape({ chip, onPress }: { readonly chip: Chip; readonly onPress: () => void }) {
  const { loaded, name, shown, isWeakest, isOver, x, y, width, height } = chip;
  const { watts, limitWatts } = loaded;
  const middle = x + width / 2;
  const carries = `carries ${wattsInWords(watts)} of ${wattsInWords(limitWatts)}`;
  return (
    <Pressed
      className={isOver ? 'over' : undefined}
      label={`${name}: ${carries}${isWeakest ? ', the weakest' : ''}. Change it`}
      onPress={onPress}
    >
      <rect x={x} y={y} width={width} height={height} rx={4} />
      <text x={middle} y={y + 19}>
        {cut(shown, Math.floor(width / 6.4))}
      </text>
      <text className="figure" x={middle} y={y + 37}>
        {Math.round(watts)} of {Math.round(limitWatts)} W
      </text>
      {isWeakest && (
        <>
          <path className="cut" d={`M ${x - 7} ${y - 7} l 14 14 m 0 -14 l -14 14`} />
          <text className="carries" x={middle + 6} y={y - 3.5}>
            {isOver ? 'weakest, too much' : 'weakest'}
          </text>
        </>
      )}
    </Pressed>
  );
}

function PartShape({ part, onPress }: { readonly part: PartBox; readonly onPress: () => void }) {
  const { names, low, high, x, y, width, height } = part;
  const middle = x + width / 2;
  const said = names.join(', ');
  const isLong = said.length > 25;
  const above = y + height / 2 - (isLong ? 12 : 4);
  const break2 = isLong ? said.lastIndexOf(' ', 25) : said.length;
  return (
    <Pressed label={`${said}: ${rangeInWords({ low, high })} W. Change it`} onPress={onPress}>
      <rect x={x} y={y} width={width - 1} height={height} rx={5} />
      <text x={middle} y={above}>
        {said.slice(0, break2)}
      </text>
      {isLong && (
        <text x={middle} y={above + 15}>
          {cut(said.slice(break2 + 1), 26)}
        </text>
      )}
      <text className="figure" x={middle} y={above + (isLong ? 31 : 18)}>
        {rangeInWords({ low, high })} W
      </text>
    </Pressed>
  );
}

const cut = (text: string, most: number): string => (text.length > most ? `${text.slice(0, most - 1)}…` : text);

interface PressedProps {
  readonly label: string;
  readonly className?: string | undefined;
  readonly onPress: () => void;
  readonly children: React.ReactNode;
}

/** A part of the drawing that is a button. */
const Pressed = ({ label, className = '', onPress, children }: PressedProps) => (
  <g
    className={`box ${className}`}
    role="button"
    tabIndex={0}
    aria-label={label}
    onClick={onPress}
    onKeyDown={(event) => {
      if (event.key !== 'Enter' && event.key !== ' ') return;
      event.preventDefault();
      onPress();
    }}
  >
    {children}
  </g>
);
