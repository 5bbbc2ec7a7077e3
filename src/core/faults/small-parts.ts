import type { RepairClass } from './instantiate';

/** A part of so little price, in the shop's currency, is not worth much testing. */
const smallPrice = 15;

export const isSmallPart = ({ price }: Pick<RepairClass, 'price'>): boolean => price <= smallPrice;

/**
 * Whether a new small part puts right what another repair of the same part would, in no more time: to tell the two apart
 * is of no use. A switch that may be wet is exchanged as quickly as it is cleaned.
 */
export const putsRightAsWell = (own: RepairClass, other: RepairClass): boolean =>
  own.repair === 'replace' &&
  isSmallPart(own) &&
  other.part.id === own.part.id &&
  other.id !== own.id &&
  other.minutes >= own.minutes;
