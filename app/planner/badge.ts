/** How wide a badge with these words is in a drawing, in px: round where one digit stands in it. */
export const badgeWidthPx = (words: string): number => 22 + 8 * (words.length - 1)
