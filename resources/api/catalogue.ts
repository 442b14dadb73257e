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
