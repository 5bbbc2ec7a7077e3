import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { diagnoseFile } from './diagnose-file';
import { printDiagnosis } from './print-diagnosis';
import { toJson } from './to-json';

const usage = `usage: probe diagnose CASE.json [--json]

  diagnose   ranked suspects, links and next trials for an exported or hand-written case file
`;

const refuse = (message: string, exitCode: number): never => {
  process.stderr.write(`${message}\n`);
  process.exit(exitCode);
};

function main(argv: string[]): void {
  const { positionals, values } = parseOrRefuse(argv);
  const [command, file, ...rest] = positionals;
  if (values.help || !command) return void process.stdout.write(usage);
  if (command !== 'diagnose') return refuse(`probe: expected the command diagnose, found "${command}"\n${usage}`, 2);
  if (!file || rest.length > 0) return refuse(`probe diagnose: expected one case file\n${usage}`, 2);
  const result = diagnoseFile(readOrRefuse(file));
  if (!result.ok) return refuse(result.problems.map((problem) => `${file}: ${problem}`).join('\n'), 1);
  process.stdout.write(values.json ? `${JSON.stringify(toJson(result.diagnosis), null, 2)}\n` : printDiagnosis(result));
}

function parseOrRefuse(argv: string[]) {
  try {
    return parseArgs({
      args: argv,
      allowPositionals: true,
      options: { json: { type: 'boolean', default: false }, help: { type: 'boolean', short: 'h', default: false } },
    });
  } catch (error) {
    return refuse(`probe: ${error instanceof Error ? error.message : String(error)}\n${usage}`, 2);
  }
}

function readOrRefuse(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    return refuse(`${file}: expected a readable file, found ${error instanceof Error ? error.message : 'none'}`, 1);
  }
}

main(process.argv.slice(2));
