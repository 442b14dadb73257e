import { describe, expect, it } from 'vitest';
import { clubLabel, withInHand } from './club';

const sand = { name: 'Sand wedge', loft_deg: 56, bounce_deg: 12 };
const lob = { loft_deg: 60, bounce_deg: 8 };

describe('the clubs of a bag', () => {
    it('are told by name, loft and bounce', () => {
        expect([sand, lob].map(clubLabel)).toEqual(['Sand wedge 56/12', '60/8']);
        expect(clubLabel({ ...lob, name: null })).toBe('60/8');
    });

    it('have the club in hand among them once, be it of the same loft as another or from elsewhere', () => {
        expect(withInHand([sand, lob], { loft_deg: 56, bounce_deg: 12 })).toEqual([sand, lob]);
        const lowBounce = { loft_deg: 56, bounce_deg: 6 };
        expect(withInHand([sand, lob], lowBounce)).toEqual([lowBounce, sand, lob]);
    });
});
