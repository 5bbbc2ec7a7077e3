/** What is known of the attempt besides its light. */
export interface FlashFacts {
  /** The verdict on name and content of the stick; null if it was never checked. */
  readonly stick: 'good' | 'good-with-warnings' | 'bad' | null;
  /** Partition table and file system were looked at as well. */
  readonly isFormatChecked: boolean;
  /** Its content is the one that the board book names. */
  readonly isListedImage: boolean;
  /** Confirmed at the gates. */
  readonly portConfirmed: boolean;
  readonly plugsConfirmed: boolean;
  /** The board belongs to a complete PC, whose maker alone has its images. */
  readonly isOfCompletePc?: boolean | undefined;
}

export interface GaveUpReason {
  readonly code: 'name' | 'format' | 'image' | 'port' | 'stick' | 'plugs' | 'button' | 'source';
  /** 0 to 1; together 1. */
  readonly probability: number;
  readonly title: string;
  readonly fix: string;
}

interface Cause {
  readonly title: string;
  readonly fix: string;
  /** Odds before anything is known: engineering judgement of the bench. */
  readonly odds: number;
  /** How much each fact leaves of them, 0 to 1 or above. */
  readonly left: (seen: FlashFacts & { readonly blinks: number; readonly seconds: number }) => number;
}

const isChecked = ({ stick }: FlashFacts) => stick === 'good' || stick === 'good-with-warnings';

const causes: Readonly<Record<GaveUpReason['code'], Cause>> = {
  name: {
    title: 'The file name on the stick is not the one the board expects',
    fix: 'Check the stick here, or show file extensions and read the name letter by letter.',
    odds: 8,
    left: (seen) => (isChecked(seen) ? 0.02 : 1) * (seen.blinks === 0 ? 0.05 : 1),
  },
  format: {
    title: 'The stick is not FAT32 in an MBR, or has more than one partition',
    fix: 'Make the stick again here, or format a small one as FAT32.',
    odds: 5,
    left: (seen) => (isChecked(seen) && seen.isFormatChecked ? 0.02 : 1) * (seen.blinks === 0 ? 0.05 : 1),
  },
  image: {
    title: 'The image is for another board or revision, or is damaged',
    fix: 'Compare name, size and SHA-256 with the board book; read the revision on the board again.',
    odds: 3,
    // A board reads some of the image before it refuses it.
    left: (seen) => (seen.isListedImage ? 0.05 : 1) * (seen.seconds < 5 ? 0.5 : 1.3),
  },
  source: {
    title: 'The image came from elsewhere than from the maker of this complete PC',
    fix: 'Download it from the maker of the whole machine, by the machine’s own model and serial number.',
    odds: 4,
    left: (seen) => (seen.isOfCompletePc ? 1 : 0) * (seen.isListedImage ? 0.05 : 1) * (seen.blinks === 0 ? 0.05 : 1),
  },
  port: {
    title: 'The stick is in another port',
    fix: 'Only the marked port works. A mark beside a port may belong to the button.',
    odds: 3,
    left: (seen) => (seen.portConfirmed ? 0.3 : 1) * (seen.seconds < 10 ? 1 : 0.5),
  },
  stick: {
    title: 'The board cannot work with this stick',
    fix: 'Use another: small, USB 2.0, with nothing else on it.',
    odds: 3,
    left: (seen) => (seen.stick === 'good-with-warnings' ? 1.5 : 1) * (seen.blinks === 0 ? 0.2 : 1),
  },
  plugs: {
    title: 'A power plug is missing, or it is the wrong one of two',
    fix: 'Compare the plugs with the board book one by one and push them fully in.',
    odds: 1,
    left: (seen) => (seen.plugsConfirmed ? 0.3 : 1) * (seen.blinks === 0 ? 12 : 0.5),
  },
  button: {
    title: 'The button was not held long enough, or did not click',
    fix: 'Press until it clicks and hold it until the light blinks.',
    odds: 1,
    left: (seen) => (seen.blinks === 0 ? 12 : 0.2),
  },
};

/** Why a flash gave up, the likeliest reason first: odds from the bench, weighed by what was checked and what the light did. */
export function rankGaveUp(seen: FlashFacts & { readonly blinks: number; readonly seconds: number }): GaveUpReason[] {
  const weighed = (Object.entries(causes) as [GaveUpReason['code'], Cause][]).map(
    ([code, { title, fix, odds, left }]) => ({ code, title, fix, odds: odds * left(seen) }),
  );
  const total = weighed.reduce((sum, { odds }) => sum + odds, 0);
  return weighed
    .filter(({ odds }) => odds > 0)
    .map(({ odds, ...reason }) => ({ ...reason, probability: odds / total }))
    .sort((a, b) => b.probability - a.probability);
}
