import type { Catalogue, Observable, Purpose, Shot } from './types.gen';

// Looking up in the catalogue, which the core has filled.

export const titleOf = (catalogue: Catalogue | undefined, purpose: Purpose): string =>
    catalogue?.purposes.find((one) => one.id === purpose)?.title ?? purpose;

export const shotOf = (catalogue: Catalogue, id: string): Shot | undefined => catalogue.shots.find((shot) => shot.id === id);

/** What a good strike of this shot is called. */
export const goodStrikeOf = (catalogue: Catalogue, shot: string): string =>
    shotOf(catalogue, shot)?.strikes.find((one) => one.good)?.id ?? 'good';

export const observableOf = (catalogue: Catalogue, id: string): Observable | undefined =>
    catalogue.observables.find((one) => one.id === id);

/** Schools that teach this shot, from one lie or another. */
export const schoolsOf = (catalogue: Catalogue, shot: string): Catalogue['schools'] => {
    const taught = new Set(shotOf(catalogue, shot)?.lies.flatMap((lie) => lie.schools));
    return catalogue.schools.filter((one) => taught.has(one.id));
};
