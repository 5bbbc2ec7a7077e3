import { placementOf, slotOf, type Configuration, type Part } from '../../../../core/machine';

/** About how wide a letter is, in sizes of its type. */
const letterWidth = 0.52;

/** As much of a name as fits, with an ellipsis where it was cut. */
export function fitName(name: string, width: number, typeSize = 11.5): string {
  const room = Math.floor(width / (letterWidth * typeSize));
  return name.length <= room ? name : `${name.slice(0, Math.max(1, room - 1)).trimEnd()}…`;
}

/** How a part stands, in a word or two; null as found. */
export function standing(configuration: Configuration, part: Part): string | null {
  const placement = placementOf(configuration, part.id);
  switch (placement.state) {
    case 'as-found':
      return part.loose ? 'in' : null;
    case 'out':
      return part.loose ? 'beside' : 'out';
    case 'spare':
      return 'spare in';
    case 'new':
      return 'new';
    case 'moved': {
      const slot = part.kind === 'module' ? slotOf(configuration, part)?.replace('slot-', '') : null;
      return `in ${slot ?? placement.to}`;
    }
  }
}
