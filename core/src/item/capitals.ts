/** A text as a sentence begins: "Left side" of "left side". */
export const capitalised = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;

/** A text as it goes on within a sentence: "left side" of "Left side". */
export const uncapitalised = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
