import { parseArgs } from 'node:util';
import { createCaseDiagnoser, inputOf } from '../core/casework';
import { acceptedNames, type StickWanted } from '../core/firmware';
import { exportModel, STRATEGIES, type Strategy } from '../core/diagnosis';
import { printDiagnosis } from './print-diagnosis';
import { printSimulation, runSimulation } from './print-simulation';
import { planFirmware, readBoard } from './plan-firmware';
import { replayMachine } from './replay-machine';
import { printReplay } from './print-replay';
import { readCase, readCaseFile } from './read-case';
import { CannotDo, type Answer } from './answer';
import { checkStickFile } from './check-stick-file';
import { inspectFile } from './inspect-file';
import { decode, listen } from './listen';
import { makeStick } from './make-stick';
import { answerBudget, answerTrace } from './power';
import { toJson } from './to-json';
import { usage } from './usage';
import { answerVerify } from './verify-case';

const options = {
  json: { type: 'boolean', default: false },
  help: { type: 'boolean', short: 'h', default: false },
  faults: { type: 'string', default: '1' },
  strategy: { type: 'string', default: 'best-value' },
  cases: { type: 'string', default: '200' },
  seed: { type: 'string', default: '1' },
  fault: { type: 'string', multiple: true },
  machine: { type: 'string' },
  image: { type: 'string', multiple: true },
  'yes-erase': { type: 'string' },
  name: { type: 'string' },
  original: { type: 'string' },
  size: { type: 'string' },
  out: { type: 'string' },
  bytes: { type: 'string' },
  sha256: { type: 'string' },
  board: { type: 'string' },
  revision: { type: 'string' },
  from: { type: 'string' },
  goal: { type: 'string' },
  'soak-days': { type: 'string', default: '0' },
  'ready-for': { type: 'string' },
  ran: { type: 'string' },
  made: { type: 'string' },
  beeps: { type: 'string' },
  code: { type: 'string' },
  lights: { type: 'string' },
  sequence: { type: 'string' },
  label: { type: 'string' },
  paper: { type: 'string' },
  'allow-irreversible': { type: 'boolean', default: false },
} as const;

type Values = ReturnType<typeof parseOrRefuse>['values'];

const refuse = (message: string, exitCode: number): never => {
  process.stderr.write(`${message}\n`);
  process.exit(exitCode);
};
const misused = (message: string): never => refuse(`probe ${message}\n${usage}`, 2);

const commands: Readonly<Record<string, (files: readonly string[], values: Values) => string>> = {
  diagnose: (files, values) => {
    const state = caseOrRefuse('diagnose', files);
    const diagnose = createCaseDiagnoser();
    const diagnosis = diagnose(state);
    const prices = diagnose.strategyPrices();
    return values.json ? asJson(toJson(diagnosis, prices)) : printDiagnosis({ diagnosis, prices, state });
  },
  'export-model': (files, values) => {
    if (!values.json) misused('export-model: expected --json, the only form there is');
    if (values.faults !== '1' && values.faults !== '2')
      misused(`export-model: expected --faults 1 or 2, found "${values.faults}"`);
    const state = caseOrRefuse('export-model', files);
    return asJson(exportModel(inputOf(state), { maxFaults: values.faults === '2' ? 2 : 1 }), 0);
  },
  simulate: (files, values) => {
    if (files.length > 0) misused(`simulate: expected no file, found "${files[0] ?? ''}"`);
    const result = runSimulation({
      strategy: strategyOrRefuse('simulate', values.strategy),
      cases: wholeOrRefuse('--cases', values.cases, 1, 100_000),
      seed: wholeOrRefuse('--seed', values.seed, 0, 1_000_000),
    });
    return values.json ? asJson(result) : printSimulation(result);
  },
  replay: (files, values) => {
    if (files.length > 0) misused(`replay: expected no file but --machine, found "${files[0] ?? ''}"`);
    const faults = values.fault ?? misused('replay: expected at least one --fault');
    const replayed = replayMachine({
      faults,
      state: values.machine === undefined ? null : caseOrRefuse('replay', [values.machine]),
      strategy: strategyOrRefuse('replay', values.strategy),
      seed: wholeOrRefuse('--seed', values.seed, 0, 1_000_000),
    });
    if (!replayed.ok) return refuse(`probe: ${replayed.problem}`, 1);
    return values.json ? asJson(replayed.replayed) : printReplay(replayed.replayed);
  },
};

/** Commands of two words, which answer and say whether all is well. */
const pairs: Readonly<Record<string, (files: readonly string[], values: Values) => Answer | Promise<Answer>>> = {
  'stick make': (files, values) => {
    if (files.length > 0) misused(`stick make: expected no file but --image, found "${files[0] ?? ''}"`);
    return makeStick({
      images: values.image ?? misused('stick make: expected --image'),
      name: needed('stick make', 'name', values.name),
      original: values.original,
      size: needed('stick make', 'size', values.size),
      out: needed('stick make', 'out', values.out),
      now: new Date(),
      sha256: hashOrRefuse(values.sha256),
      yesErase: values['yes-erase'],
    });
  },
  'stick check': (files, values) =>
    checkStickFile({
      stick: oneFile('stick check', files),
      ...stickOfBook(values),
      bytes: bytesOrRefuse(values.bytes),
      sha256: hashOrRefuse(values.sha256),
    }),
  'firmware inspect': (files, values) =>
    inspectFile(oneFile('firmware inspect', files), {
      names: namesOf(values.name),
      bytes: bytesOrRefuse(values.bytes),
      sha256: hashOrRefuse(values.sha256),
    }),
  'signals listen': (files) => listen(oneFile('signals listen', files)),
  'signals decode': (files, values) => {
    if (files.length > 0) misused(`signals decode: expected no file but --board, found "${files[0] ?? ''}"`);
    const { beeps, code } = values;
    const lights = values.lights === undefined ? undefined : namesOf(values.lights);
    const sequence = values.sequence === undefined ? undefined : namesOf(values.sequence);
    return decode({ board: needed('signals decode', 'board', values.board), beeps, code, lights, sequence });
  },
  'power budget': (files) => answerBudget(oneFile('power budget', files)),
  'power trace': (files, values) =>
    answerTrace(oneFile('power trace', files), {
      label: wholeOrRefuse('--label', needed('power trace', 'label', values.label), 1, 5000),
    }),
  'firmware plan': (files, values) => {
    if (files.length > 0) misused(`firmware plan: expected no file but --board, found "${files[0] ?? ''}"`);
    return planFirmware({
      board: needed('firmware plan', 'board', values.board),
      revision: values.revision,
      from: values.from,
      goal: needed('firmware plan', 'goal', values.goal),
      policy: {
        soakDays: wholeOrRefuse('--soak-days', values['soak-days'], 0, 3650),
        allowIrreversible: values['allow-irreversible'],
        today: new Date().toISOString().slice(0, 10),
      },
      clues: { readyFor: values['ready-for'], ran: values.ran, made: dayOrRefuse('--made', values.made) },
    });
  },
};

const verify = (files: readonly string[], values: Values): Answer => {
  const path = oneFile('verify', files);
  const read = readCaseFile(path);
  if (!read.ok) throw new CannotDo(read.problems.join('\n'));
  return answerVerify(read.file, path, paperHash(values.paper));
};

/** The hash as it stands on a paper, in four groups or in one. */
function paperHash(text: string | undefined): string | undefined {
  if (text === undefined) return undefined;
  const hash = text.replaceAll(/\s/g, '').toLowerCase();
  return /^[0-9a-f]{64}$/.test(hash) ? hash : misused(`expected --paper as 64 hexadecimal digits, found "${text}"`);
}

/** Names and sticks that the board reads: as typed, else from the board book. */
function stickOfBook({ name, board }: Values): Pick<StickWanted, 'names' | 'profile'> {
  const flash = board === undefined ? undefined : readBoard(board).flash;
  const names = name === undefined && flash ? acceptedNames(flash) : namesOf(needed('stick check', 'name', name));
  return { names, profile: flash?.reads };
}

const namesOf = (typed: string | undefined): string[] =>
  (typed ?? '')
    .split(',')
    .map((name) => name.trim())
    .filter((name) => name !== '');

const bytesOrRefuse = (text: string | undefined): number | undefined =>
  text === undefined ? undefined : wholeOrRefuse('--bytes', text, 1, 2 ** 40);

function hashOrRefuse(text: string | undefined): string | undefined {
  if (text === undefined || /^[0-9a-f]{64}$/i.test(text)) return text;
  return misused(`expected --sha256 as 64 hexadecimal digits, found "${text}"`);
}

const needed = (command: string, option: string, value: string | undefined): string =>
  value ?? misused(`${command}: expected --${option}`);

function oneFile(command: string, [file, ...more]: readonly string[]): string {
  return file === undefined || more.length > 0 ? misused(`${command}: expected one file`) : file;
}

const asJson = (value: unknown, indent = 2): string => `${JSON.stringify(value, null, indent)}\n`;

async function main(argv: string[]): Promise<void> {
  const { positionals, values } = parseOrRefuse(argv);
  const [name, ...files] = positionals;
  if (values.help || !name) return void process.stdout.write(usage);
  const pair = pairs[`${name} ${files[0] ?? ''}`];
  if (pair) return answerPair(pair, files.slice(1), values);
  if (name === 'verify') return answerPair(verify, files, values);
  const command = commands[name];
  if (!command)
    return misused(
      `expected the command ${[...Object.keys(commands), 'verify', ...Object.keys(pairs)].join(', ')}, found "${name}"`,
    );
  process.stdout.write(command(files, values));
}

async function answerPair(pair: (typeof pairs)[string], files: readonly string[], values: Values): Promise<void> {
  try {
    const { ok, value, text } = await pair(files, values);
    process.stdout.write(values.json ? asJson(value) : text);
    process.exitCode = ok ? 0 : 1;
  } catch (error) {
    if (error instanceof CannotDo) refuse(`probe: ${error.message}`, 1);
    throw error;
  }
}

function parseOrRefuse(argv: string[]) {
  try {
    return parseArgs({ args: argv, allowPositionals: true, options });
  } catch (error) {
    return refuse(`probe: ${error instanceof Error ? error.message : String(error)}\n${usage}`, 2);
  }
}

function caseOrRefuse(command: string, [file, ...more]: readonly string[]) {
  if (file === undefined || more.length > 0) return misused(`${command}: expected one case file`);
  const read = readCase(file);
  return read.ok ? read.state : refuse(read.problems.join('\n'), 1);
}

const strategyOrRefuse = (command: string, name: string): Strategy =>
  STRATEGIES.find((one) => one === name) ??
  misused(`${command}: expected --strategy to be one of ${STRATEGIES.join(', ')}, found "${name}"`);

function dayOrRefuse(name: string, text: string | undefined): string | undefined {
  if (text === undefined || /^\d{4}-\d{2}-\d{2}$/.test(text)) return text;
  return misused(`expected ${name} as YYYY-MM-DD, found "${text}"`);
}

function wholeOrRefuse(name: string, text: string, least: number, most: number): number {
  const value = Number(text);
  return Number.isInteger(value) && value >= least && value <= most
    ? value
    : misused(`expected ${name} from ${least} to ${most}, found "${text}"`);
}

await main(process.argv.slice(2));
