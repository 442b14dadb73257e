import shapes from '../theme/strike-shapes.json';

interface Props {
    strike: string;
    x: number;
    y: number;
    size: number;
}

interface Shape {
    d: string;
    fill?: string;
    stroke?: number;
}

const SHAPES: Record<string, Shape | undefined> = shapes;
const UNKNOWN: Shape = shapes.hosel;
const FILLS: Record<string, string> = { marram: 'fill-marram', ink: 'fill-ink' };

/** A shape for each kind of strike, so that it reads without colour; the same table draws them on paper. */
export function StrikeShape({ strike, x, y, size }: Props) {
    const { d, fill, stroke } = SHAPES[strike] ?? UNKNOWN;
    const r = size / 2;
    return (
        <path
            d={d}
            transform={`translate(${String(x)} ${String(y)}) scale(${String(r)})`}
            className={fill === undefined ? 'fill-none stroke-ink' : FILLS[fill]}
            strokeWidth={stroke === undefined ? undefined : stroke / r}
        />
    );
}
