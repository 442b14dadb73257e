import type { Handed } from '../api/types.gen';

/** Where one stands to see it. */
type From = 'face-on' | 'above' | 'behind' | 'near' | 'ground';

/** What all pictures of one view share, drawn pale: a right-hander, the target to the right; from behind it is away from us. A left-hander is his mirror image. */
const PALE: Record<From, string> = {
    'face-on':
        'M6 58H58M22 57L28 38M42 57L36 38M28 38H36M32 38V19M25 23H39M25 23L33 38M39 23L33 38M33 38L35 56M32 8a5 5 0 1 1 0 10a5 5 0 1 1 0 -10',
    above: 'M6 20H58M22 35a4 9 0 1 1 0 18a4 9 0 1 1 0 -18M42 35a4 9 0 1 1 0 18a4 9 0 1 1 0 -18M32 17a3 3 0 1 1 0 6a3 3 0 1 1 0 -6',
    behind: 'M6 58H58M25 57L28 46L22 38L31 22M31 23L35 38M35 38L50 55M34 10a5 5 0 1 1 0 10a5 5 0 1 1 0 -10M52 52a3 3 0 1 1 0 6a3 3 0 1 1 0 -6',
    near: 'M14 4L46 60M24 18a7 5 60 1 1 6 10a7 5 60 1 1 -6 -10',
    ground: 'M4 40H60M34 32a4 4 0 1 1 0 8a4 4 0 1 1 0 -8',
};

/** Each look: from where it is seen, and what is to be looked at, drawn strong. */
export const LOOKS: Record<string, [From, string]> = {
    ball_position_pct: ['above', 'M32 17a3 3 0 1 1 0 6a3 3 0 1 1 0 -6M22 29H42M22 26v6M42 26v6'],
    sternum_ahead_mm: ['face-on', 'M32 23V57M28 26L32 22L36 26'],
    stance_width_mm: ['face-on', 'M22 62H42M22 59v5M42 59v5'],
    lead_weight_pct: ['face-on', 'M42 57L36 38M50 42V56M47 52L50 56L53 52'],
    shaft_lean_deg: ['face-on', 'M42 36L35 57M35 57V37M35 44a14 14 0 0 1 5 -1'],
    face_open_deg: ['above', 'M28 11V29M28 29L35 12'],
    stance_open_deg: ['above', 'M12 40L54 32'],
    shoulders_open_deg: ['above', 'M12 60L54 54'],
    handle_height: ['behind', 'M35 38V57M32 41L35 37L38 41'],
    ball_distance: ['behind', 'M25 62H52M25 59v5M52 59v5'],
    balance: ['behind', 'M20 58H31M25 44V55M22 51L25 55L28 51'],
    grip_down_mm: ['near', 'M10 6L20 22M7 8L13 4M17 24L23 20'],
    grip_pressure: ['near', 'M24 18a7 5 60 1 1 6 10a7 5 60 1 1 -6 -10M12 30L19 27M38 14L33 19'],
    feet_dug_mm: ['face-on', 'M17 58v5h10v-5M37 58v5h10v-5'],
    backswing_length: ['face-on', 'M35 56A32 32 0 0 1 5 30M4 36L5 29L11 32'],
    rhythm: ['face-on', 'M35 56A30 30 0 0 1 7 38M35 56A30 30 0 0 0 59 38M7 34v8M59 34v8'],
    speed_change: ['face-on', 'M8 44l0 1M14 50l0 1M22 55l0 1M35 57l0 1M52 50l0 1M59 36l0 1'],
    chest_turn: ['face-on', 'M23 27A11 5 0 0 0 43 26M43 31L43 25L37 26'],
    head_drift_mm: ['face-on', 'M20 13H44M24 9L19 13L24 17M40 9L45 13L40 17'],
    hip_sway_mm: ['face-on', 'M30 38H12M17 34L12 38L17 42'],
    impact_weight_pct: ['face-on', 'M42 57L36 38M36 38H28M50 42V56M47 52L50 56L53 52'],
    wrist_set: ['face-on', 'M32 23L18 34L12 14M15 31a6 6 0 0 1 2 -7'],
    release: ['face-on', 'M32 23L46 34L58 22M33 52A30 30 0 0 0 54 36'],
    impact_lean_deg: ['face-on', 'M44 36L35 57M35 57V37M48 57H60M56 53L60 57L56 61'],
    lead_wrist: ['near', 'M52 8L31 24L44 58M31 24a6 6 0 0 0 3 8'],
    attack: ['ground', 'M6 18L32 38M26 37L33 39L31 32'],
    attack_deg: ['ground', 'M6 18L32 38M14 40A20 20 0 0 1 19 28'],
    low_point_mm: ['ground', 'M6 26Q36 62 58 26M38 42v8M35 47L38 51L41 47'],
    path_deg: ['above', 'M10 32L54 10M47 10L55 9L51 16'],
    takeaway: ['behind', 'M50 55Q44 44 30 42M36 38L29 42L35 47'],
    face_backswing: ['behind', 'M35 38L14 30M14 22V38'],
    face_through: ['above', 'M48 11V29M40 20H54M50 16L55 20L50 24'],
    moves_toward_ball: ['behind', 'M22 38H40M35 34L40 38L35 42'],
    finish: ['face-on', 'M32 23L46 12L26 4'],
};

/** What a look is at, as a small picture beside its words. */
export function LookPicture({ look, handed, className }: { look: string; handed: Handed; className: string }) {
    const known = LOOKS[look];
    if (known === undefined) return null;
    const [from, strong] = known;
    return (
        <svg
            viewBox="0 0 64 66"
            className={`shrink-0 fill-none ${handed === 'left' ? '-scale-x-100' : ''} ${className}`}
            aria-hidden
            strokeLinecap="round"
            strokeLinejoin="round"
        >
            <path d={PALE[from]} className="stroke-line" strokeWidth={1.6} />
            <path d={strong} className="stroke-ink" strokeWidth={3} />
        </svg>
    );
}
