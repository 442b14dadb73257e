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
        for (const property of ['fill', 'stroke', 'font-size', 'font-family', 'fill-opacity']) to[i]?.setAttribute(property, style.getPropertyValue(property));
    });
    return new XMLSerializer().serializeToString(copy);
}
