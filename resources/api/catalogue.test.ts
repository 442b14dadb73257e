import { describe, expect, it } from 'vitest';
import { catalogue } from '../test/make';
import { schoolKept, schoolsOf } from './catalogue';

describe('the schools of a shot', () => {
    const taught = (from?: string) => schoolsOf(catalogue(), 'chip', from).map((one) => one.id);

    it('are those of the lie, and of every lie where none is named', () => {
        expect(taught('tight')).toEqual(['neutral_shaft']);
        expect(taught('')).toEqual(['neutral_shaft', 'handle_ahead']);
        expect(taught()).toEqual(taught(''));
        expect(taught('of the moon')).toEqual([]);
    });

    it('stay as chosen where the lie leaves room for them', () => {
        const kept = (from: string) => schoolKept(catalogue(), 'chip', from, 'handle_ahead');
        expect(['fairway', '', 'tight'].map(kept)).toEqual(['handle_ahead', 'handle_ahead', '']);
    });
});
