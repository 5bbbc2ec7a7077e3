import { readFileSync } from 'node:fs';
import { boardBookFileSchema, fieldProblems, parseSafely, type BoardBookFile } from '../contracts';
import {
  planUpdate,
  revisionsWith,
  type BoardRevision,
  type FirmwareGoal,
  type FirmwarePolicy,
  type UpdatePlan,
  type VersionClues,
} from '../core/firmware';
import { CannotDo, type Answer } from './answer';

export interface PlanOrder {
  readonly board: string;
  readonly revision?: string | undefined;
  readonly from?: string | undefined;
  readonly goal: string;
  readonly policy: FirmwarePolicy;
  /** What may be known of a board whose version cannot be read. */
  readonly clues?: VersionClues | undefined;
}

/** Which releases to install and in which order; for every revision that it can be, where that is not settled. */
export function planFirmware({ board, revision, from, goal, policy, clues = {} }: PlanOrder): Answer {
  const book = readBoard(board);
  const wanted = goalOf(goal);
  const revisions = revisionsOf(book, revision, from ?? null);
  const plans = revisions.map((one) => ({
    revision: one.revision,
    plan: planUpdate(one, from ?? null, wanted, policy, clues),
  }));
  const [first] = plans;
  const isSettled = first !== undefined && plans.every(({ plan }) => sameSteps(plan, first.plan));
  const value =
    first && isSettled
      ? { model: book.model, revisions: plans.map((one) => one.revision), ...first.plan }
      : { model: book.model, kind: 'ask', question: 'Which revision is printed on the board?', answers: plans };
  return {
    ok: isSettled && first.plan.kind === 'plan',
    value,
    text: isSettled
      ? printPlan(first.plan)
      : `Which revision is printed on the board?\n${plans.map(({ revision: of, plan }) => `Revision ${of}:\n${printPlan(plan)}`).join('')}`,
  };
}

const stepsOf = (plan: UpdatePlan): string =>
  plan.kind === 'plan' ? plan.steps.map(({ version }) => version).join(' ') : JSON.stringify(plan);
const sameSteps = (a: UpdatePlan, b: UpdatePlan): boolean => a.kind === b.kind && stepsOf(a) === stepsOf(b);

function revisionsOf(
  { revisions }: BoardBookFile,
  wanted: string | undefined,
  from: string | null,
): readonly BoardRevision[] {
  if (wanted !== undefined) {
    const own = revisions.filter(({ revision }) => revision === wanted);
    if (own.length === 0)
      throw new CannotDo(
        `--revision: expected one of ${revisions.map(({ revision }) => revision).join(', ')}, found "${wanted}"`,
      );
    return own;
  }
  if (from === null) return revisions;
  const possible = revisionsWith(revisions, from);
  if (possible.length === 0)
    throw new CannotDo(`--from: expected a version on the list of some revision, found "${from}"`);
  return possible;
}

function goalOf(text: string): FirmwareGoal {
  const [kind, ...rest] = text.split(':');
  const what = rest.join(':').trim();
  if (text === 'newest') return { kind: 'newest' };
  if (kind === 'support' && what) return { kind, processor: what };
  if (kind === 'fix' && what) return { kind, complaint: what };
  if (kind === 'version' && what) return { kind, version: what };
  throw new CannotDo(`--goal: expected newest, support:CPU, fix:WORDS or version:V, found "${text}"`);
}

export function readBoard(path: string): BoardBookFile {
  const parsed = parseSafely(boardBookFileSchema, readJson(path));
  if (parsed.success) return parsed.data;
  throw new CannotDo(
    fieldProblems(parsed.error)
      .map(({ path: at, message }) => `${path}: ${at.join('.') || 'file'}: ${message}`)
      .join('\n'),
  );
}

function readJson(path: string): unknown {
  try {
    return JSON.parse(readFileSync(path, 'utf8'));
  } catch (error) {
    throw new CannotDo(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  }
}

function printPlan(plan: UpdatePlan): string {
  switch (plan.kind) {
    case 'none':
      return `  ${plan.why}\n${plan.instead ? `  Without it, as far as ${plan.instead.target}:\n${printPlan(plan.instead)}` : printRuledOut(plan.ruledOut)}`;
    case 'plan':
      return (
        (plan.steps.length === 0
          ? `  Nothing to install. ${plan.why}\n`
          : plan.steps.map(({ version, why }, i) => `  ${i + 1}. ${version}: ${why}\n`).join('')) +
        (plan.readAfterFirst ? '  Then read the version and plan again.\n' : '') +
        printRuledOut(plan.ruledOut)
      );
    case 'ask':
      return `  ${plan.question}\n${plan.answers
        .map(({ versions, plan: then }) => `  ${versions.join(', ')}:\n${printPlan(then)}`)
        .join('')}`;
  }
}

const printRuledOut = (ruledOut: readonly { version: string; why: string }[]): string =>
  ruledOut.map(({ version, why }) => `     not ${version}: ${why}\n`).join('');
