import { circumstanceWords } from './circumstance-words';
import { kindInWords } from '../machine';
import {
  isAttachmentEvent,
  isMoneyEvent,
  isPartEvent,
  type AttachmentEvent,
  type Entry,
  type MoneyEvent,
  type PartEvent,
} from '../casework';
import { STRATEGY_NAMES } from '../diagnosis';
import { START_OUTCOME_LABELS } from '../startup';
import { SILENT_OUTCOMES } from '../trials';
import { factsOf, markedCutOuts } from '../power';
import { attachmentEventWords } from './attachment-words';
import { boardFactWords } from './board-fact-words';
import { consentKindWords, consentWayWords } from './consent-words';
import { moneyEventWords } from './money-words';
import { identityWords } from './part-words';
import { railLoadWords } from './rail-load-words';
import { partEventWords } from './spare-words';
import { signsInWords } from './signs-in-words';
import { format, parseISO } from 'date-fns';
import { capitalized, counted, inARow, listOf, uncapitalized } from '../wording';

const flashWords = { update: 'Flashed', recover: 'Recovered', 'roll-back': 'Rolled back' } as const;
const flashEndWords = {
  finished: 'Finished',
  'gave-up': 'Failed: nothing was written',
  interrupted: 'Interrupted while writing',
  unsure: 'Unclear how it ended',
} as const;

interface Words {
  readonly done: string;
  readonly seen: string;
}
type Of<Kind extends Entry['event']['kind']> = Extract<Entry['event'], { kind: Kind }>;

function wordsOfRecord(event: PartEvent | MoneyEvent | AttachmentEvent): Words {
  if (isPartEvent(event)) return partEventWords(event);
  return isMoneyEvent(event) ? moneyEventWords(event) : attachmentEventWords(event);
}

/** What was done and what was seen, for the bench sheet and the evidence. */
export function entryWords({ event, trial }: Entry): Words {
  if (isPartEvent(event) || isMoneyEvent(event) || isAttachmentEvent(event)) return wordsOfRecord(event);
  switch (event.kind) {
    case 'case-opened':
      return {
        done: 'The owner says',
        seen: event.reported === null ? 'Not known' : START_OUTCOME_LABELS[event.reported],
      };
    case 'unread':
      return { done: `From another version: ${event.writtenKind}`, seen: 'Counts for nothing here' };
    case 'trial-done':
      return trialWords(event, trial);
    case 'configuration-changed':
      return { done: 'Set up by hand', seen: '' };
    case 'note-added':
      return { done: 'Note', seen: event.text };
    case 'entry-struck':
      return { done: 'Crossed out an entry', seen: event.reason };
    case 'case-parked':
      return parkedWords(event);
    case 'case-resumed':
      return { done: 'Resumed', seen: '' };
    case 'case-closed':
      return { done: 'Closed', seen: event.cause };
    case 'case-reopened':
      return { done: 'Reopened', seen: event.reason };
    case 'strategy-chosen':
      return { done: 'Test order', seen: STRATEGY_NAMES[event.strategy] };
    case 'machine-corrected':
      return correctedWords(event);
    case 'part-noted':
      return partWords(event);
    case 'board-noted':
      return {
        done: 'Board',
        seen: `${event.model}, revision ${event.revision}, ${event.installed === null ? 'version not known' : `version ${event.installed}`}`,
      };
    case 'firmware-flashed':
      return flashedWords(event);
    case 'firmware-verified':
      return verifiedWords(event);
    case 'consent-noted':
      return consentWords(event);
    case 'power-noted':
      return powerWords(event);
    case 'power-measured':
      return measuredWords(event);
    case 'switched-off':
      return { done: 'Switched off', seen: 'Cord out, drained' };
    case 'owner-tried':
      return {
        done: 'The owner tried',
        seen: event.outcome === 'not-sure' ? 'Not known what it did' : START_OUTCOME_LABELS[event.outcome],
      };
    case 'lacking-set':
      return lackingWords(event);
    case 'circumstances-set':
      return circumstancesWords(event);
  }
}

/** What was wrong at intake, in a few words each. */
function correctedWords({ board = {}, builtInGraphics, added = [] }: Of<'machine-corrected'>): Words {
  const facts = Object.entries(board).map(([fact, value]) =>
    fact === 'form'
      ? `size ${value}`
      : `${value ? 'has' : 'no'} ${boardFactWords[fact as keyof typeof boardFactWords]}`,
  );
  const graphics =
    builtInGraphics === undefined ? [] : [`graphics in the processor: ${builtInGraphics ? 'yes' : 'no'}`];
  const parts = added.map(({ kind, name }) => `also has ${name ?? kindInWords(kind)}`);
  return { done: 'Machine corrected', seen: capitalized([...facts, ...graphics, ...parts].join(', ')) };
}

function flashedWords(event: Of<'firmware-flashed'>): Words {
  return {
    done: `${flashWords[event.purpose]} ${event.from ?? 'unknown'} → ${event.to ?? 'second image'}`,
    seen: inARow([
      flashEndWords[event.end],
      event.reason,
      event.backup && `The image before is saved as ${event.backup.name}`,
      event.againstBook && `Against the board book: ${event.againstBook}`,
    ]),
  };
}

const parkedWords = ({ waitingFor, until }: Of<'case-parked'>): Words => ({
  done: 'Parked',
  seen: `Waiting for ${waitingFor}${until ? ` until ${format(parseISO(until), 'EEE d MMM HH:mm')}` : ''}`,
});

const verifiedWords = ({ version, setAgain, done = [] }: Of<'firmware-verified'>): Words => ({
  done: 'Version after the flash',
  seen: [version, ...setAgain, ...done].join(', '),
});

const circumstancesWords = (event: Of<'circumstances-set'>): Words => ({
  done: event.source === 'owner' ? 'The owner adds' : 'Found at the bench',
  seen:
    event.circumstances.length > 0
      ? event.circumstances.map((id) => circumstanceWords[id]).join('; ')
      : 'Nothing special',
});

function trialWords(event: Of<'trial-done'>, trial: Entry['trial']): Words {
  const options = [...(trial?.outcomes ?? []), ...SILENT_OUTCOMES];
  const label = options.find(({ id }) => id === event.outcome)?.label ?? event.outcome;
  return {
    done: trial?.title ?? event.trial,
    seen: [
      event.volts === undefined ? label : `${event.volts} V: ${uncapitalized(label)}`,
      ...(event.seen ? signsInWords(event.seen) : []),
    ].join('; '),
  };
}

function consentWords({ to, isAgreed, way, words, shown, upTo }: Of<'consent-noted'>): Words {
  return {
    done: `${consentKindWords[to]}: ${isAgreed ? 'agreed' : 'refused'} ${consentWayWords[way]}`,
    seen: inARow([words, shown && `Shown: ${shown}`, upTo !== undefined && `Up to ${upTo}`]),
  };
}

function powerWords({ sheet: { supply, consumers, leads = [] }, of }: Of<'power-noted'>): Words {
  const label = !supply
    ? 'no label'
    : 'adapterVolts' in supply
      ? `${supply.adapterVolts} V, ${supply.adapterAmps} A`
      : `${supply.watts} W`;
  return {
    done: of === 'spare' ? 'Power noted, with the spare supply' : 'Power noted',
    seen: capitalized(listOf([label, counted(consumers.length, 'consumer'), ...(leads.length > 0 ? ['leads'] : [])])),
  };
}

function measuredWords({ reading, trace }: Of<'power-measured'>): Words {
  if (reading) {
    const { name, unit } = factsOf(reading.quantity, null);
    return { done: `${name}, ${railLoadWords[reading.at]}`, seen: `${reading.value} ${unit}` };
  }
  const most = trace?.readings.reduce((peak, { watts }) => Math.max(peak, watts), 0) ?? 0;
  const cutOuts = trace ? markedCutOuts(trace.readings, trace.phases) : [];
  return {
    done: 'Wall meter',
    seen: [`${Math.round(most)} W at most`, ...cutOuts.map(({ watts }) => `cut out at ${Math.round(watts)} W`)].join(
      ', ',
    ),
  };
}

function partWords(noted: Of<'part-noted'>): Words {
  const { ratedMts, runningMts, paid } = noted;
  const facts = [
    ...identityWords(noted),
    ratedMts === undefined ? null : `rated ${ratedMts} MT/s`,
    runningMts === undefined ? null : `runs at ${runningMts} MT/s`,
    paid === undefined ? null : `paid ${paid}`,
  ];
  return { done: 'Noted', seen: listOf(facts.filter((fact) => fact !== null)) };
}

function lackingWords({ tools, spares }: Of<'lacking-set'>): Words {
  const lacking = [...tools, ...spares.map((kind) => `spare ${kindInWords(kind)}`)];
  return { done: 'Missing', seen: lacking.length > 0 ? listOf(lacking) : 'Nothing is missing' };
}
