/** The largest message that is taken in, in bytes. */
export const SIZE_LIMIT = 25 * 1024 * 1024;
