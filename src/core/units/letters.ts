/** First letters, large or small: a name at the beginning of a sentence, and in the middle of one. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
