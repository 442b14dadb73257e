// @vitest-environment happy-dom
import { readFileSync } from 'node:fs';
import { render } from '@testing-library/react';
import { expect, it } from 'vitest';
import { LookPicture, LOOKS } from './LookPicture';

it('has a picture of its own for each look that the core knows', () => {
    const core = readFileSync('core/src/Evidence/Observable.php', 'utf8');
    const looks = [...core.matchAll(/case \w+ = '(\w+)';/g)].map((one) => one[1]);
    expect(looks.length).toBeGreaterThan(30);
    expect(Object.keys(LOOKS).toSorted()).toEqual(looks.toSorted());
    const drawn = Object.values(LOOKS).map((one) => one.join(' '));
    expect(new Set(drawn).size).toBe(drawn.length);
});

it('is its mirror image for a left-hander', () => {
    const classes = (handed: 'left' | 'right') =>
        render(<LookPicture look="finish" handed={handed} className="" />)
            .container.querySelector('svg')
            ?.getAttribute('class');
    expect(classes('left')).toContain('-scale-x-100');
    expect(classes('right')).not.toContain('-scale-x-100');
});
