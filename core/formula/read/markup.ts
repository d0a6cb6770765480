/** Longer pages aren't taken apart; their text stays as it is. */
const MOST_CHARS = 300_000;
const ENTITIES: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  nbsp: ' ',
  quot: '"',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  deg: '°',
  ndash: '–',
  times: '×',
};

/** The lines of a table or a list that was copied as HTML, however few lines that has; any other text as it is. */
export const withoutMarkup = (text: string): string => {
  if (text.length > MOST_CHARS || !/<(?:tr|li)\b[^>]*>/i.test(text)) return text;
  return text
    .replace(/<(script|style)\b[^>]*>[\s\S]*?<\/\1>/gi, '')
    .replace(/<\/(?:tr|li|p|h\d|div|ul|ol|table)>|<br\s*\/?>|<(?:ul|ol|table|li|tr)\b[^>]*>/gi, '\n')
    .replace(/<\/t[dh]>/gi, ' ')
    .replace(/<[^>]*>/g, '')
    .replace(/&(\w+);/g, (all, name: string) => ENTITIES[name] ?? all)
    .replace(/&#(\d{1,6});/g, (_, code: string) => String.fromCodePoint(Number(code) % 0x110000))
    .replace(/[ \t]+/g, ' ');
};
