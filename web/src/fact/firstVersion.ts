/** Takes back what was said once and never corrected. */
export const FIRST_VERSION = { 'If-Match': '"1"' };

/** Says something new. */
export const CREATE = { 'If-None-Match': '*' };
