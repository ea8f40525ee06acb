/** A title as the beginning of a file's name. */
export const fileNameOf = (title: string): string => title.toLowerCase().replace(/[^\w-]+/g, '-')
