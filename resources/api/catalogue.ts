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

/** Schools that teach this shot from this lie; from one lie or another where none is named. */
export const schoolsOf = (catalogue: Catalogue, shot: string, from = ''): Catalogue['schools'] => {
    const lies = shotOf(catalogue, shot)?.lies.filter((lie) => from === '' || lie.id === from);
    const taught = new Set(lies?.flatMap((lie) => lie.schools));
    return catalogue.schools.filter((one) => taught.has(one.id));
};

/** A school that this lie leaves no room for gives way. */
export const schoolKept = <School extends string>(catalogue: Catalogue, shot: string, from: string, school: School): School | '' =>
    schoolsOf(catalogue, shot, from).some((one) => one.id === school) ? school : '';
