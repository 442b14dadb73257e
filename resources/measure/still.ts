import type { Mark, Marks, Px } from './marks';
import type { Shown } from './MarkedPicture';

/** No side of a still is longer. */
export const STILL_PX = 1600;

const QUALITY = 0.85;

/** What belongs together in a picture, and the token of its colour. */
export const LINES: [Mark, Mark, string][] = [
    ['head', 'grip', 'ochre'],
    ['trail_heel', 'lead_heel', 'marram'],
    ['level_a', 'level_b', 'slate'],
    ['ball_a', 'ball_b', 'rust'],
];

/** The picture with its lines, as a JPEG that tells nothing else. */
export async function drawStill(shown: Shown, marks: Marks, arc: Px[], scale: number): Promise<File> {
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(shown.width * scale);
    canvas.height = Math.round(shown.height * scale);
    const pen = canvas.getContext('2d');
    if (pen === null) throw new Error('No canvas.');
    pen.drawImage(shown.image, 0, 0, canvas.width, canvas.height);
    const colour = (token: string) => getComputedStyle(document.documentElement).getPropertyValue(`--color-${token}`).trim() || '#000';
    const line = (points: Px[], token: string) => {
        pen.beginPath();
        for (const [i, [x, y]] of points.entries()) pen[i === 0 ? 'moveTo' : 'lineTo'](x * scale, y * scale);
        pen.strokeStyle = colour(token);
        pen.lineWidth = canvas.width / 300;
        pen.stroke();
    };
    for (const [a, b, token] of LINES) {
        const [from, to] = [marks[a], marks[b]];
        if (from !== undefined && to !== undefined) line([from, to], token);
    }
    if (arc.length > 1) line(arc, 'marram');
    const blob = await new Promise<Blob | null>((done) => {
        canvas.toBlob(done, 'image/jpeg', QUALITY);
    });
    if (blob === null) throw new Error('No picture came out.');
    return new File([blob], 'still.jpg', { type: 'image/jpeg' });
}
