declare const __VERSION__: string;

/** As package.json and CHANGELOG.md have it. */
export const VERSION = __VERSION__;
