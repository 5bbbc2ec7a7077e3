import { nameInWords, type Machine, type Part } from '../machine';

/** Speeds of one module in megatransfers a second: what its label says, and what it was seen to run at. */
export interface ModuleSpeed {
  readonly ratedMts: number | null;
  readonly runningMts: number | null;
}

export const noSpeed: ModuleSpeed = { ratedMts: null, runningMts: null };

const sentence = (part: Part): string => {
  const words = nameInWords(part);
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/**
 * What the noted speeds say, in sentences, empty where there is nothing to say. Mixed modules run together at the slower
 * one's speed; one that runs below its rating waits for a memory profile; one above it may be why it does not start.
 */
export function speedRemarks(machine: Machine, speeds: Readonly<Record<string, ModuleSpeed>>): string[] {
  const noted = machine.parts.flatMap((part) => {
    const speed = speeds[part.id];
    return part.kind === 'module' && speed ? [{ part, ...speed }] : [];
  });
  const rated = noted.flatMap(({ part, ratedMts }) => (ratedMts === null ? [] : [{ part, ratedMts }]));
  const slowest = rated.reduce<(typeof rated)[number] | null>(
    (least, one) => (least === null || one.ratedMts < least.ratedMts ? one : least),
    null,
  );
  const remarks: string[] = [];
  if (slowest && rated.some(({ ratedMts }) => ratedMts !== slowest.ratedMts))
    remarks.push(
      `Mixed speeds: together they run at ${slowest.ratedMts} MT/s at most, the rating of ${nameInWords(slowest.part)}.`,
    );
  for (const { part, ratedMts, runningMts } of noted) {
    if (ratedMts === null || runningMts === null) continue;
    const limit = Math.min(ratedMts, slowest?.ratedMts ?? ratedMts);
    if (runningMts > ratedMts)
      remarks.push(`${sentence(part)} runs at ${runningMts}, above its rated ${ratedMts} MT/s: try it at its rating.`);
    else if (runningMts < limit)
      remarks.push(
        `${sentence(part)} runs at ${runningMts} of ${ratedMts} MT/s: the memory profile is off, or the board allows no more.`,
      );
  }
  return remarks;
}
