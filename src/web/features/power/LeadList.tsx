import { memo } from 'react';
import { leadName, type PowerAssessment, type PowerSheet } from '../../../core/power';
import { Button } from '../../components/Button';
import { listOf } from '../../components/format';
import { leadKindWords } from './power-words';
import { Table, Wide } from './room-parts';

interface LeadListProps {
  readonly sheet: PowerSheet;
  readonly assessment: PowerAssessment;
  readonly nameOfPart: (consumer: string) => string;
  readonly onElement: (id: string) => void;
}

/** Every lead and plug with what feeds it, what it carries and what it may; the drawing as a list. */
export const LeadList = memo(function LeadList({ sheet, assessment, nameOfPart, onElement }: LeadListProps) {
  const leads = sheet.leads ?? [];
  const loadOf = new Map(assessment.leads.map((one) => [one.element.id, one]));
  return (
    <Wide tabIndex={0} role="region" aria-label="Leads and plugs">
      <Table>
        <thead>
          <tr>
            <th scope="col">Lead or plug</th>
            <th scope="col">Fed by</th>
            <th scope="col">Carries</th>
            <th scope="col">May carry</th>
            <th scope="col">
              <span className="sr-only" />
            </th>
          </tr>
        </thead>
        <tbody>
          {leads.map((lead) => {
            const load = loadOf.get(lead.id);
            const feeders = (lead.from ?? [])
              .map((id) => leads.find((one) => one.id === id))
              .filter((one) => one !== undefined);
            const isOver = (load?.fullness ?? 0) > 1;
            return (
              <tr key={lead.id}>
                <th scope="row">
                  {leadName(lead)}
                  <small> · {lead.consumer ? nameOfPart(lead.consumer) : leadKindWords[lead.kind]}</small>
                </th>
                <td>
                  {feeders.length > 0
                    ? listOf(feeders.map(leadName))
                    : lead.kind === 'output'
                      ? 'the supply'
                      : 'the board'}
                </td>
                <td data-figure>
                  {Math.round(load?.watts ?? 0)} W{isOver && <strong> too much</strong>}
                </td>
                <td data-figure>{Math.round(load?.limitWatts ?? 0)} W</td>
                <td>
                  <Button
                    $kind="quiet"
                    aria-label={`Change ${leadName(lead)} ${lead.id}`}
                    onPress={() => onElement(lead.id)}
                  >
                    Change
                  </Button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </Wide>
  );
});
