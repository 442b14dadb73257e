interface Props {
    strike: string;
    x: number;
    y: number;
    size: number;
}

/** A shape for each kind of strike, so that it reads without colour. */
export function StrikeShape({ strike, x, y, size }: Props) {
    const r = size / 2;
    switch (strike) {
        case 'clean':
        case 'splash':
            return <circle cx={x} cy={y} r={r} className="fill-marram" />;
        case 'heavy':
        case 'short':
            return <path d={`M${x - r} ${y - r}h${size}l${-r} ${size}z`} className="fill-ink" />;
        case 'chunk':
        case 'left-in':
            return <path d={`M${x - r} ${y - r}h${size}v${size}h${-size}z`} className="fill-ink" />;
        case 'thin':
        case 'picked':
            return <path d={`M${x - size} ${y - r * 0.5}h${size * 2}v${r}h${-size * 2}z`} className="fill-ink" />;
        case 'topped':
            return <path d={`M${x - r} ${y + r}l${r} ${-size}l${r} ${size}z`} className="fill-none stroke-ink" strokeWidth={1.2} />;
        case 'skip':
            return <path d={`M${x - size} ${y + r}l${r} ${-size}l${r} ${size}l${r} ${-size}l${r} ${size}`} className="fill-none stroke-ink" strokeWidth={1.4} />;
        default:
            return <path d={`M${x - r} ${y - r}l${size} ${size}M${x + r} ${y - r}l${-size} ${size}`} className="stroke-ink" strokeWidth={1.6} />;
    }
}
