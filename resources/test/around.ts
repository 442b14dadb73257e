import { configure } from '@testing-library/dom';

// Where there is no browser there is no address either: a page comes from somewhere.
(globalThis as { location?: Location }).location ??= new URL('http://localhost:3000') as unknown as Location;

// A machine that does other work as well is slow, not wrong.
configure({ asyncUtilTimeout: 120_000 });
