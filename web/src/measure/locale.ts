/** The language of the browser, for dates and numbers; where there is none, as in England. */
export const LOCALE: string = typeof document === 'undefined' ? 'en-GB' : navigator.language;
