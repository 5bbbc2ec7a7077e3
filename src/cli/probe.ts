import { parseArgs } from 'node:util';
import { createCaseDiagnoser, inputOf } from '../core/casework';
import { exportModel, SCHOOLS, type School } from '../core/diagnosis';
import { printDiagnosis } from './print-diagnosis';
import { printSimulation, runSimulation } from './print-simulation';
import { readCase } from './read-case';
import { toJson } from './to-json';

const usage = `usage: probe diagnose CASE.json [--json]
       probe export-model CASE.json --json [--faults 1|2]
       probe simulate [--policy NAME] [--cases N] [--seed S] [--json]

  diagnose      ranked suspects, evidence, doubts and next trials for an exported or hand-written case file
  export-model  hypotheses, trials and outcome probabilities in the case's present configuration
  simulate      plays faulty machines by one policy: ${SCHOOLS.join(', ')}
`;

const options = {
  json: { type: 'boolean', default: false },
  help: { type: 'boolean', short: 'h', default: false },
  faults: { type: 'string', default: '1' },
  policy: { type: 'string', default: 'best-value' },
  cases: { type: 'string', default: '200' },
  seed: { type: 'string', default: '1' },
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
    const prices = diagnose.schoolPrices();
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
    const policy = SCHOOLS.find((school) => school === values.policy);
    if (!policy) misused(`simulate: expected --policy to be one of ${SCHOOLS.join(', ')}, found "${values.policy}"`);
    const result = runSimulation({
      policy: policy as School,
      cases: wholeOrRefuse('--cases', values.cases, 1, 100_000),
      seed: wholeOrRefuse('--seed', values.seed, 0, 1_000_000),
    });
    return values.json ? asJson(result) : printSimulation(result);
  },
};

const asJson = (value: unknown, indent = 2): string => `${JSON.stringify(value, null, indent)}\n`;

function main(argv: string[]): void {
  const { positionals, values } = parseOrRefuse(argv);
  const [name, ...files] = positionals;
  if (values.help || !name) return void process.stdout.write(usage);
  const command = commands[name];
  if (!command) return misused(`expected the command ${Object.keys(commands).join(', ')}, found "${name}"`);
  process.stdout.write(command(files, values));
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

function wholeOrRefuse(name: string, text: string, least: number, most: number): number {
  const value = Number(text);
  return Number.isInteger(value) && value >= least && value <= most
    ? value
    : misused(`simulate: expected ${name} from ${least} to ${most}, found "${text}"`);
}

main(process.argv.slice(2));
