import { useDeferredValue, useMemo } from 'react';
import styled, { useTheme } from 'styled-components';
import type { LimitStanding, PowerAssessment, School, TraceCalibration } from '../../../core/power';
import { Chart } from '../../charts/Chart';
import { consumerColours, powerBudgetChart } from '../../charts/power-budget';
import { capitalized, decimal, listOf, percent } from '../../components/format';
import { fonts } from '../../theme/tokens';
import { Quiet } from './room-parts';

const Legend = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.9rem;
  font-size: 0.9rem;
  li {
    display: inline-flex;
    align-items: center;
    gap: 0.35rem;
  }
  i {
    width: 0.8rem;
    height: 0.8rem;
  }
`;
const Schools = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(6.2rem, 1fr));
  gap: 0.5rem 0.8rem;
  margin-top: 0.7rem;
  dt {
    font-size: 0.93rem;
    font-weight: 600;
  }
  dd {
    font-size: 0.93rem;
  }
  strong {
    font: 600 1rem ${fonts.code};
  }
`;
const Limits = styled.ul`
  margin-top: 0.5rem;
  font-size: 0.93rem;
`;

interface BudgetPictureProps {
  readonly assessment: PowerAssessment;
  readonly calibration: TraceCalibration | null;
}

/** What it draws against what the label allows, and what each school of headroom asks for. */
export function BudgetPicture({ assessment, calibration }: BudgetPictureProps) {
  const theme = useTheme();
  const { budget, schools } = assessment;
  const drawn = useDeferredValue(budget);
  const option = useMemo(() => powerBudgetChart(drawn, theme), [drawn, theme]);
  const colours = consumerColours(budget, theme);
  const { typical, sustained, peak } = budget.loads;
  const [governing] = schools;
  return (
    <>
      <Chart
        option={option}
        height={224}
        label={`Typical ${Math.round(typical.middle)} W, sustained ${Math.round(sustained.middle)} W, peak ${Math.round(peak.middle)} W`}
      />
      <Legend aria-label="Consumers in the picture">
        {colours.map(({ name, colour, opacity }) => (
          <li key={name}>
            <i style={{ background: colour, opacity }} aria-hidden />
            {name}
          </li>
        ))}
      </Legend>
      <LimitList assessment={assessment} />
      <Schools aria-label="Schools of headroom">
        {schools.map(({ school: id, watts, shortBy }) => (
          <div key={id}>
            <dt>{shortNames[id]}</dt>
            <dd>
              <strong>{Math.round(watts)} W</strong>
            </dd>
            <dd>{[standing(shortBy), id === governing?.school ? 'governs' : ''].filter(Boolean).join(', ')}</dd>
          </div>
        ))}
      </Schools>
      {calibration && (
        <Quiet>
          The wall meter showed {decimal(calibration.factor.low, 2)} to {decimal(calibration.factor.high, 2)} times the
          estimate.
        </Quiet>
      )}
    </>
  );
}

/** The limits that are near, and those that have room in one line; then each of several +12 V rails. */
function LimitList({ assessment: { budget, rails } }: Pick<BudgetPictureProps, 'assessment'>) {
  const isTight = ({ peakPasses }: LimitStanding, at: number) => at < 2 || peakPasses > 0.01;
  const tight = budget.limits.filter(isTight);
  const roomy = budget.limits.filter((one, at) => !isTight(one, at));
  return (
    <Limits aria-label="Limits of the label">
      {tight.map(({ limit, watts, headroomWatts, peakPasses }) => (
        <li key={limit.id}>
          {capitalized(limit.name)}: <code>{Math.round(watts)} W</code>,{' '}
          {headroomWatts >= 0
            ? `${Math.round(headroomWatts)} W left at sustained load`
            : `${Math.round(-headroomWatts)} W too little for sustained load`}
          ; peaks {overloadsInWords(peakPasses)}
        </li>
      ))}
      {roomy.length > 0 && (
        <li>
          Room on {listOf(roomy.map(({ limit, headroomWatts }) => `${limit.name} (${Math.round(headroomWatts)} W)`))}
        </li>
      )}
      {rails.map(({ rail, watts, limitWatts }) => (
        <li key={rail}>
          +12 V rail {rail}: carries <code>{Math.round(watts)} W</code> of {Math.round(limitWatts)} W
          {watts > limitWatts && <strong> too much</strong>}
        </li>
      ))}
    </Limits>
  );
}

const shortNames: Readonly<Record<School, string>> = {
  'add-100-watts': 'Add 100 W',
  'add-percent': 'Add 30 %',
  'fit-the-peaks': 'Fit the peaks',
  'half-load': 'Half load',
};

function overloadsInWords(probability: number): string {
  if (probability < 0.01) return 'hardly ever overload it';
  return probability > 0.99 ? 'nearly always overload it' : `overload it in ${percent(probability)} of loads`;
}

function standing(shortBy: number | null): string {
  if (shortBy === null) return '';
  return shortBy > 0 ? `short by ${Math.round(shortBy)}` : 'met';
}
