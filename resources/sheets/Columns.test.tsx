// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { SheetDraft, SheetMapping } from '../api/types.gen';
import { catalogue } from '../test/make';
import { Columns } from './Columns';

const column = (header: string) => ({ header, samples: ['1,200'], words: null, foreign: {} });
const draft = { columns: [column('Carry'), column('Start')], units: { carry_m: ['m', 'yd'], start_deg: ['deg'] } } as unknown as SheetDraft;
const mapping = (over: Partial<SheetMapping> = {}): SheetMapping => ({
    columns: [{ header: 'Carry', key: 'carry_m', unit: 'm', flipped: false, words: {} }],
    time: null,
    only: null,
    ...over,
});

function show(over: Partial<SheetMapping>) {
    const onMap = vi.fn<(mapping: SheetMapping) => void>();
    render(<Columns draft={draft} catalogue={catalogue()} mapping={mapping(over)} shot={catalogue().shots[0]} onMap={onMap} />);
    return onMap;
}

const sign = () => screen.getByLabelText<HTMLSelectElement>('Decimal sign');

afterEach(cleanup);

describe('the decimal sign of a sheet', () => {
    it('is asked where nothing tells it, and said once', () => {
        const onMap = show({ decimal: null });
        expect(sign().selectedOptions[0]?.text).toBe('not said yet');
        fireEvent.change(sign(), { target: { value: ',' } });
        expect(onMap.mock.lastCall?.[0]).toEqual(mapping({ decimal: ',' }));
    });

    it('is shown where the sheet tells it, and stays when a column gets to hold something else', () => {
        const onMap = show({ decimal: ',' });
        expect(sign().value).toBe(',');
        expect([...sign().options].map((one) => one.value)).toEqual(['.', ',']);
        fireEvent.change(screen.getByLabelText('What “Start” holds'), { target: { value: 'start_deg' } });
        expect(onMap.mock.lastCall?.[0]).toMatchObject({ decimal: ',', columns: [{ key: 'carry_m' }, { key: 'start_deg', unit: 'deg' }] });
    });

    it('is not asked of columns that were remembered before there was such a question', () => {
        show({});
        expect(screen.queryByLabelText('Decimal sign')).toBeNull();
    });
});
