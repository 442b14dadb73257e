import { t } from './index';

/**
 * A word of the trade, such as a strike or a shot, in the language that is spoken. The case file's own ids are such words; trade.json
 * lists them.
 */
export const word = (id: string): string => t(id);
