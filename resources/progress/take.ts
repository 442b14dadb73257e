/** Hands a file to the browser's downloads. */
export function take(name: string, type: string, text: string) {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([text], { type }));
    link.download = name;
    link.click();
    URL.revokeObjectURL(link.href);
}

/** The picture with its colours written into it, so that it looks the same anywhere. */
export function standalone(svg: SVGSVGElement): string {
    const copy = svg.cloneNode(true) as SVGSVGElement;
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    const [from, to] = [[...svg.querySelectorAll('*')], [...copy.querySelectorAll('*')]];
    from.forEach((element, i) => {
        const style = getComputedStyle(element);
        for (const property of ['fill', 'stroke', 'font-size', 'font-family', 'fill-opacity'])
            to[i]?.setAttribute(property, style.getPropertyValue(property));
    });
    return new XMLSerializer().serializeToString(copy);
}

/** Several pictures of one width below each other, as one. */
export function stacked(svgs: SVGSVGElement[]): string {
    const width = Math.max(...svgs.map((svg) => svg.viewBox.baseVal.width));
    let top = 0;
    const parts = svgs.map((svg) => {
        const part = standalone(svg).replace(
            '<svg',
            `<svg y="${String(top)}" width="${String(svg.viewBox.baseVal.width)}" height="${String(svg.viewBox.baseVal.height)}"`,
        );
        top += svg.viewBox.baseVal.height;
        return part;
    });
    return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${String(width)} ${String(top)}">${parts.join('')}</svg>`;
}
