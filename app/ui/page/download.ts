/** Hands a text to the browser as a file. */
export const download = (name: string, type: string, text: string): void => downloadBlob(name, new Blob([text], { type }));

export const downloadBlob = (name: string, blob: Blob): void => {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has taken it by then.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
};

/** A name that every file system takes. */
export const fileName = (name: string, ending: string): string => {
  const plain = name
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N} _-]/gu, '')
    .trim()
    .replace(/\s+/g, '-')
    .slice(0, 60);
  return `${plain === '' ? 'formula' : plain.toLowerCase()}.${ending}`;
};
