import { may, type Action, type Role } from '../../contracts';
import { Refusal } from './refusal';

/** Who does something. */
export interface Actor {
  readonly personId: string;
  readonly name: string;
  readonly role: Role;
  /** An owner, by a link that this person made: the audit names nobody of the shop for it. */
  readonly byLink?: true;
}

/** Failure: 403, naming what is not allowed to whom. */
export function refuseUnlessMay({ role }: Actor, action: Action): void {
  if (may(role, action)) return;
  const words = action.replace('-', ' ');
  throw new Refusal(403, 'not-allowed', 'Not allowed', {
    detail: `A ${role} may not ${words}. Ask a lead of your shop.`,
    action: words,
  });
}
