import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { VERSION } from './version';

it('is the one that the changes begin with', () => {
    expect(readFileSync('CHANGELOG.md', 'utf8').match(/^## (\S+)/m)?.[1]).toBe(VERSION);
});
