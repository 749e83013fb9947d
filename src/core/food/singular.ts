/** Names as they are compared. */

/** Spoken forms made equal: case, hyphens, accents, plural. */
export function normaliseName(text: string): string {
  return text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[-_,]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

/** Every word in the singular. */
export function singular(name: string): string {
  return name
    .split(' ')
    .map((word) => {
      if (word.length < 4 || /(ss|us)$/.test(word)) return word;
      if (word === 'leaves') return 'leaf';
      if (word === 'halves') return 'half';
      if (/(ches|shes|oes)$/.test(word)) return word.slice(0, -2);
      if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
      return word.endsWith('s') ? word.slice(0, -1) : word;
    })
    .join(' ');
}
