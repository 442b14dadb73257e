declare module 'php-wasm/php8.2-web.mjs' {
    const PHP: new (settings: object) => object;
    export default PHP;
}

declare module 'php-wasm/php8.2-node.mjs' {
    const PHP: new (settings: object) => object;
    export default PHP;
}

declare module 'php-wasm/PhpBase' {
    export class PhpBase extends EventTarget {
        constructor(loader: Promise<unknown>, settings: object);
        readonly binary: Promise<object>;
        run(code: string): Promise<number>;
        writeFile(path: string, content: string): Promise<unknown>;
    }
}
