/** Signs no printed format can hold: controls, halves of signs, and what is no sign (XML 1.0, section 2.2). */
const UNPRINTABLE = /[\p{Cc}\p{Cs}\uFFFE\uFFFF]+/gu;
const UNPRINTABLE_IN_LINES = /(?:(?!\n)[\p{Cc}\p{Cs}\uFFFE\uFFFF])+/gu;

/**
 * A text as a drawing, a page or a calendar can hold it: what cannot be printed becomes a space.
 *
 * @example printable("Fern\u0007wall") // "Fern wall"
 */
export const printable = (text: string): string => text.replace(UNPRINTABLE, " ");

/** A text of several lines as a calendar can hold it. */
export const printableLines = (text: string): string => text.replace(UNPRINTABLE_IN_LINES, " ");
