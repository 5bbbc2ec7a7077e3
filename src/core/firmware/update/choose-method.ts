import type { BoardBookEntry } from '../boards/release';

export const FLASH_METHODS = [
  'menu',
  'bare-board',
  'second-image',
  'borrowed-processor',
  'sent-in',
  'running-system',
] as const;
export type FlashMethod = (typeof FLASH_METHODS)[number];

/** What is known at the bench when the way is chosen. */
export interface MethodSituation {
  readonly board: BoardBookEntry;
  /** It starts and shows its firmware menu; null where nobody knows yet. */
  readonly starts: boolean | null;
  /** The image on the board is broken, not just old. */
  readonly isCorrupt: boolean;
  /** Installations on the way. */
  readonly steps: number;
  readonly hasStick: boolean;
  /** What a processor that the installed version knows would cost. */
  readonly processor: ProcessorOffers;
  readonly sendIn: { readonly fee: number; readonly days: number };
  readonly rates: MethodRates;
}

/** Null for what is not on offer. */
export interface ProcessorOffers {
  readonly isOnShelf: boolean;
  readonly loanDays: number | null;
  readonly shop: { readonly fee: number; readonly days: number } | null;
  readonly purchase: { readonly price: number; readonly resale: number; readonly days: number } | null;
}

/** What time and risk are worth, in the shop's currency. */
export interface MethodRates {
  readonly perHour: number;
  readonly perDayWaiting: number;
  readonly boardPrice: number;
}

export interface MethodChoice {
  readonly method: FlashMethod;
  readonly title: string;
  readonly isPossible: boolean;
  /** Why it is possible, or why not. */
  readonly why: string;
  readonly minutes: number;
  /** Days until it is done. */
  readonly days: number;
  /** To be paid, net of what comes back. */
  readonly money: number;
  /** Probability, 0 to 1, that it ends with a board worse than before: engineering judgement. */
  readonly risk: number;
  /** Money, work, waiting and risk together. */
  readonly cost: number;
}

/** Probabilities of ending worse than before, by method: engineering judgement of the bench, to be replaced by the shop's own. */
const risks: Readonly<Record<FlashMethod, number>> = {
  menu: 0.004,
  'bare-board': 0.004,
  'second-image': 0.002,
  'borrowed-processor': 0.012,
  'sent-in': 0.001,
  'running-system': 0.02,
};
const minutesEach: Readonly<Record<FlashMethod, number>> = {
  menu: 12,
  'bare-board': 14,
  'second-image': 6,
  'borrowed-processor': 40,
  'sent-in': 20,
  'running-system': 18,
};

/**
 * The ways to get another version onto a board, the cheapest possible one first, each with minutes, days, money and risk,
 * and with the reason where it is not possible.
 */
export function chooseMethod(situation: MethodSituation): MethodChoice[] {
  const found = [
    menu(situation),
    bareBoard(situation),
    secondImage(situation),
    borrowed(situation),
    sentIn(situation),
    runningSystem(situation),
  ].map((way) => ({ ...way, risk: risks[way.method], cost: costOf(way, situation.rates) }));
  return found.sort((a, b) => Number(b.isPossible) - Number(a.isPossible) || isLast(a) - isLast(b) || a.cost - b.cost);
}

/** Whatever it costs: nothing else hangs on so much. */
const isLast = ({ method }: Way): number => Number(method === 'running-system');

type Way = Omit<MethodChoice, 'risk' | 'cost'>;

function costOf({ method, minutes, days, money }: Way, { perHour, perDayWaiting, boardPrice }: MethodRates): number {
  return money + (minutes / 60) * perHour + days * perDayWaiting + risks[method] * boardPrice;
}

const rounds = (method: FlashMethod, steps: number): number => minutesEach[method] * Math.max(1, steps);

function menu({ board, starts, isCorrupt, steps, hasStick }: MethodSituation): Way {
  const base = {
    method: 'menu',
    title: "From the firmware's setup menu",
    minutes: rounds('menu', steps),
    days: 0,
    money: 0,
  } as const;
  if (board.menuFlash === false) return { ...base, isPossible: false, why: 'This board cannot be updated from setup.' };
  if (isCorrupt) return { ...base, isPossible: false, why: 'Its image is damaged: the menu cannot be trusted.' };
  if (starts === false) return { ...base, isPossible: false, why: 'It does not start.' };
  if (!hasStick) return { ...base, isPossible: false, why: 'No USB stick is available.' };
  return starts === null
    ? { ...base, isPossible: false, why: 'Find out first whether it starts.' }
    : { ...base, isPossible: true, why: 'It starts. Any USB port works, and the present image can be saved first.' };
}

function bareBoard({ board, steps, hasStick }: MethodSituation): Way {
  const base = {
    method: 'bare-board',
    title: 'Bare-board flash',
    minutes: rounds('bare-board', steps),
    days: 0,
    money: 0,
  } as const;
  if (!board.flash) return { ...base, isPossible: false, why: 'This board cannot flash itself without a processor.' };
  if (!hasStick) return { ...base, isPossible: false, why: 'No USB stick is available.' };
  return {
    ...base,
    isPossible: true,
    why: 'The board flashes itself: it needs no processor, memory or card, and does not have to start.',
  };
}

function secondImage({ board, isCorrupt }: MethodSituation): Way {
  const base = {
    method: 'second-image',
    title: 'Start from the second image',
    minutes: minutesEach['second-image'],
    days: 0,
    money: 0,
  } as const;
  if (!board.secondImage) return { ...base, isPossible: false, why: 'This board has no second image.' };
  return isCorrupt
    ? { ...base, isPossible: true, why: board.secondImage }
    : {
        ...base,
        isPossible: false,
        why: 'It holds an older version at best; it helps where the first image is damaged.',
      };
}

/** The cheapest way to hold a processor that the installed version knows. */
function borrowed({ board, isCorrupt, steps, processor, hasStick, rates }: MethodSituation): Way {
  const title = 'With a supported processor';
  const minutes = minutesEach['borrowed-processor'] + rounds('menu', steps) - minutesEach.menu;
  const base = { method: 'borrowed-processor', title, minutes, days: 0, money: 0 } as const;
  if (isCorrupt) return { ...base, isPossible: false, why: 'No processor can start a damaged image.' };
  if (board.menuFlash === false || !hasStick)
    return {
      ...base,
      isPossible: false,
      why: hasStick ? 'It cannot be updated from setup.' : 'No USB stick is available.',
    };
  const offers = [
    ...(processor.isOnShelf ? [{ days: 0, money: 0, why: 'There is one on the shelf.' }] : []),
    ...(processor.loanDays === null
      ? []
      : [{ days: processor.loanDays, money: 0, why: `One can be had on loan in ${inDays(processor.loanDays)}.` }]),
    ...(processor.shop === null
      ? []
      : [
          {
            days: processor.shop.days,
            money: processor.shop.fee,
            why: `A shop does it for ${processor.shop.fee} in ${inDays(processor.shop.days)}.`,
          },
        ]),
    ...(processor.purchase === null ? [] : [boughtAndSold(processor.purchase)]),
  ].sort((a, b) => a.money + a.days * rates.perDayWaiting - (b.money + b.days * rates.perDayWaiting));
  const [best] = offers;
  return best
    ? { ...base, isPossible: true, days: best.days, money: best.money, why: best.why }
    : { ...base, isPossible: false, why: 'None is on the shelf, available on loan, or priced.' };
}

const boughtAndSold = ({ price, resale, days }: NonNullable<ProcessorOffers['purchase']>) => ({
  days,
  money: price - resale,
  why: `Bought for ${price} and resold for ${resale}: ${price - resale} net.`,
});

function sentIn({ sendIn }: MethodSituation): Way {
  return {
    method: 'sent-in',
    title: 'Send the board in',
    isPossible: true,
    why: `Its maker's service: ${sendIn.fee} and ${inDays(sendIn.days)}.`,
    minutes: minutesEach['sent-in'],
    days: sendIn.days,
    money: sendIn.fee,
  };
}

/** From the machine's own system, or from a boot stick with the maker's program. */
function runningSystem({ starts, isCorrupt, steps }: MethodSituation): Way {
  const base = {
    method: 'running-system',
    title: 'From the running system or a boot stick',
    minutes: rounds('running-system', steps),
    days: 0,
    money: 0,
  } as const;
  if (isCorrupt || starts === false)
    return { ...base, isPossible: false, why: isCorrupt ? 'Its image is damaged.' : 'It does not start.' };
  return {
    ...base,
    isPossible: starts === true,
    why:
      starts === null
        ? 'Find out first whether it starts.'
        : 'Last choice: system, driver, protection programs, disk encryption and sleep can all interrupt it.',
  };
}

const inDays = (days: number): string => (days === 1 ? '1 day' : `${days} days`);
