import { Button } from '../../components/Button';
import { BudgetPicture } from './BudgetPicture';
import { Panel, PanelHead } from './room-parts';
import { edited } from './sheet-edits';
import type { PowerBench } from './use-power-bench';

interface BudgetPanelProps {
  readonly bench: PowerBench;
}

/** What it draws against what the label allows. */
export const BudgetPanel = ({ bench }: BudgetPanelProps) => (
  <Panel aria-labelledby="power-budget">
    <PanelHead>
      <h2 id="power-budget">Budget</h2>
      <span>{bench.sheet.calibration ? 'corrected by what was measured' : 'sum of ranges, 19 times in 20'}</span>
    </PanelHead>
    <BudgetPicture assessment={bench.assessment} calibration={bench.calibration} />
    <Calibrate bench={bench} />
  </Panel>
);

/** Estimates tend to be low: what the wall meter showed corrects them. */
function Calibrate({ bench: { sheet, calibration, edit } }: BudgetPanelProps) {
  if (sheet.calibration)
    return (
      <Button $kind="quiet" onPress={() => edit(edited(sheet, { calibration: undefined }))}>
        Take the correction back
      </Button>
    );
  if (!calibration) return null;
  const { low, high } = calibration.factor;
  const rounded = [low, high].map((one) => Math.min(5, Math.max(0.01, Math.round(100 * one) / 100)));
  return <Button onPress={() => edit(edited(sheet, { calibration: rounded }))}>Correct the budget by it</Button>;
}
