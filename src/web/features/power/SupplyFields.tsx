import { memo } from 'react';
import styled from 'styled-components';
import type { PowerSheet, SheetAdapter, SheetSupply } from '../../../core/power';
import { usualDerating } from '../../../core/power';
import { Toggles } from '../../components/Toggles';
import { parseFigure, parseRails } from './parse-figures';
import { Fields, Quiet } from './room-parts';
import { edited, editSupply, type Edited } from './sheet-edits';
import { ValueCell } from './ValueCell';

const Space = styled.div`
  display: grid;
  gap: 0.6rem;
`;

interface SupplyFieldsProps {
  readonly sheet: PowerSheet;
  readonly onEdit: (next: Edited) => string | null;
}

type Kind = 'none' | 'supply' | 'adapter';

/** What the label says, and how old and how warm it is. */
export const SupplyFields = memo(function SupplyFields({ sheet, onEdit }: SupplyFieldsProps) {
  const { supply } = sheet;
  const kind: Kind = !supply ? 'none' : 'adapterVolts' in supply ? 'adapter' : 'supply';
  const choose = (next: string) => {
    if (next === kind) return;
    const empty = { none: null, supply: { watts: 400 }, adapter: { adapterVolts: 19, adapterAmps: 6 } } as const;
    onEdit(edited(sheet, { supply: empty[next as Kind] }));
  };
  return (
    <Space id="supply-fields">
      <Toggles
        label="Kind of supply"
        choices={[
          { id: 'supply', label: 'ATX supply' },
          { id: 'adapter', label: 'DC adapter' },
          { id: 'none', label: 'Label not read' },
        ]}
        value={kind}
        onChange={choose}
      />
      {supply && 'adapterVolts' in supply && <AdapterLabel sheet={sheet} supply={supply} onEdit={onEdit} />}
      {supply && 'watts' in supply && <AtxLabel sheet={sheet} supply={supply} onEdit={onEdit} />}
      {supply && <Assumptions sheet={sheet} onEdit={onEdit} />}
    </Space>
  );
});

function AdapterLabel({ sheet, supply, onEdit }: SupplyFieldsProps & { readonly supply: SheetAdapter }) {
  const figure = (
    text: string,
    of: 'adapterVolts' | 'adapterAmps',
    bounds: { min: number; max: number; unit: string },
  ) => {
    const read = parseFigure(text, bounds);
    if (!read.ok) return read.message;
    return read.value === null
      ? `expected ${bounds.unit}, found nothing`
      : onEdit(editSupply(sheet, { [of]: read.value }));
  };
  return (
    <Fields>
      <ValueCell
        label="Volts"
        shown={String(supply.adapterVolts)}
        onEnter={(text) => figure(text, 'adapterVolts', { min: 5, max: 60, unit: 'volts' })}
      />
      <ValueCell
        label="Amperes"
        shown={String(supply.adapterAmps)}
        onEnter={(text) => figure(text, 'adapterAmps', { min: 0.1, max: 60, unit: 'amperes' })}
      />
    </Fields>
  );
}

const lines: readonly (readonly [
  Exclude<keyof SheetSupply, 'name' | 'watts' | 'v12Amps' | 'plugs'>,
  string,
  string,
])[] = [
  ['v12Watts', '+12 V together, W', 'watts'],
  ['v5Amps', '+5 V, A', 'amperes'],
  ['v3Amps', '+3.3 V, A', 'amperes'],
  ['smallRailsWatts', '+5 and +3.3 V, W', 'watts'],
  ['vsbAmps', '+5 VSB, A', 'amperes'],
];

function AtxLabel({ sheet, supply, onEdit }: SupplyFieldsProps & { readonly supply: SheetSupply }) {
  const figure = (text: string, of: (typeof lines)[number][0], unit: string) => {
    const read = parseFigure(text, { max: unit === 'amperes' ? 300 : 5000, unit });
    return read.ok ? onEdit(editSupply(sheet, { [of]: read.value ?? undefined })) : read.message;
  };
  return (
    <Fields>
      <ValueCell
        label="Name"
        isText
        shown={supply.name ?? ''}
        placeholder="supply"
        onEnter={(text) => onEdit(editSupply(sheet, { name: text.trim() === '' ? undefined : text }))}
      />
      <ValueCell
        label="Total, W"
        shown={String(supply.watts)}
        onEnter={(text) => {
          const read = parseFigure(text, { min: 1, max: 5000, unit: 'watts' });
          if (!read.ok) return read.message;
          return read.value === null
            ? 'expected watts, found nothing'
            : onEdit(editSupply(sheet, { watts: read.value }));
        }}
      />
      <ValueCell
        label="+12 V rails, A"
        shown={(supply.v12Amps ?? []).join(' + ')}
        placeholder="18 + 16"
        onEnter={(text) => {
          const read = parseRails(text, { max: 300, unit: 'amperes' });
          return read.ok ? onEdit(editSupply(sheet, { v12Amps: read.value ?? undefined })) : read.message;
        }}
      />
      {lines.map(([of, label, unit]) => (
        <ValueCell
          key={of}
          label={label}
          shown={supply[of] === undefined ? '' : String(supply[of])}
          placeholder="not read"
          onEnter={(text) => figure(text, of, unit)}
        />
      ))}
    </Fields>
  );
}

/** What an old or warm supply is taken to give, and its efficiency: assumptions, each to be changed. */
function Assumptions({ sheet, onEdit }: SupplyFieldsProps) {
  const { years, degrees, efficiency } = sheet;
  const plain = (text: string, of: 'years' | 'degrees', bounds: { min: number; max: number; unit: string }) => {
    const read = parseFigure(text, bounds);
    return read.ok ? onEdit(edited(sheet, { [of]: read.value ?? undefined })) : read.message;
  };
  return (
    <>
      <Fields>
        <ValueCell
          label="Years in service"
          shown={years === undefined ? '' : String(years)}
          placeholder="0"
          onEnter={(text) => plain(text, 'years', { min: 0, max: 40, unit: 'years' })}
        />
        <ValueCell
          label="Degrees around it, °C"
          shown={degrees === undefined ? '' : String(degrees)}
          placeholder="25"
          onEnter={(text) => plain(text, 'degrees', { min: -20, max: 90, unit: 'degrees' })}
        />
        <ValueCell
          label="Efficiency at 20, 50, 100 %"
          shown={
            efficiency
              ? [efficiency.at20, efficiency.at50, efficiency.at100].map((one) => Math.round(1000 * one) / 10).join(' ')
              : ''
          }
          placeholder="80–92, usual"
          onEnter={(text) => enterEfficiency(text, sheet, onEdit)}
        />
      </Fields>
      <Quiet>
        Assumed: each year beyond {usualDerating.freeYears} takes away {100 * usualDerating.sharePerYear} % of the
        label, each degree beyond {usualDerating.freeDegrees} °C {100 * usualDerating.sharePerDegree} %. Peaks of
        milliseconds may pass a limit by {Math.round(100 * (usualDerating.peakAllowance - 1))} % before the protection
        trips.
      </Quiet>
    </>
  );
}

function enterEfficiency(text: string, sheet: PowerSheet, onEdit: SupplyFieldsProps['onEdit']): string | null {
  const typed = text.trim();
  if (typed === '') return onEdit(edited(sheet, { efficiency: undefined }));
  const [at20, at50, at100, ...others] = typed
    .split(/[\s;/]+/)
    .map((one) => parseFigure(one, { min: 1, max: 100, unit: 'percent' }));
  const isWhole = at20?.ok && at50?.ok && at100?.ok && others.length === 0;
  if (!isWhole) return `expected three figures in percent, as "84 88 85", found "${typed}"`;
  const share = (percent: number | null) => (percent ?? 0) / 100;
  return onEdit(
    edited(sheet, { efficiency: { at20: share(at20.value), at50: share(at50.value), at100: share(at100.value) } }),
  );
}
