import { i18next, t } from './index';

/**
 * A word of the trade, such as a strike or a shot, in the language that is spoken. The case file's own ids are such words; trade.json
 * lists them.
 */
export const word = (id: string): string => t(id);

/** A label within a sentence: languages that write nouns large keep them so. */
export const inSentence = (label: string): string => (i18next.language === 'de' ? label : label.toLowerCase());
