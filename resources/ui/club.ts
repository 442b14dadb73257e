import type { Club, Task } from '../api/types.gen';

/** Of a bag, or of a task, which may have come with a file. */
type AnyClub = Club | Task['club'];

/** "Sand wedge 56/12": name, loft and bounce, °. */
export const clubLabel = ({ name, loft_deg: loft, bounce_deg: bounce }: AnyClub): string =>
    [name ?? '', `${String(loft)}/${String(bounce)}`].join(' ').trim();

export const sameClub = (one: AnyClub, other: AnyClub): boolean => one.loft_deg === other.loft_deg && one.bounce_deg === other.bounce_deg;

/** A bag with the club in hand, which may come from elsewhere, before it. */
export const withInHand = <InHand extends AnyClub>(bag: Club[], inHand: InHand): (Club | InHand)[] =>
    bag.some((one) => sameClub(one, inHand)) ? bag : [inHand, ...bag];
