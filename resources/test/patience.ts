import { configure } from '@testing-library/dom';

// A machine that does other work as well is slow, not wrong.
configure({ asyncUtilTimeout: 120_000 });
