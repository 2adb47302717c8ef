/** A word of the glossary, and what it is. */
export interface Meaning {
  word: string;
  means: string;
}

const MOST_NAMES = 3;

/** The words of screens and paper, as the glossary of the docs explains them. */
export async function glossary(): Promise<Meaning[]> {
  const { default: text } = await import('../../../docs/glossary.md?raw');
  const [, onScreen = ''] = text.split('## Words on screen and paper');
  const meanings: Meaning[] = [];
  for (const line of (onScreen.split('\n## ')[0] ?? '').split('\n')) {
    const [, words = '', means = ''] = line.split('|').map((cell) => cell.trim());
    if (words === '' || words === 'word' || words.startsWith('---')) {
      continue;
    }
    // What is only a list of names explains none of them.
    const names = words.split(',');
    if (names.length > MOST_NAMES) {
      continue;
    }
    for (const word of names) {
      meanings.push({ word: word.trim(), means });
    }
  }
  return meanings;
}

/** Those of them that stand in a text, each once, in the order of the glossary. */
export function within(meanings: Meaning[], text: string): Meaning[] {
  const low = text.toLowerCase();
  const stands = (word: string) => new RegExp(`(^|[^\\p{L}])${word.toLowerCase()}s?([^\\p{L}]|$)`, 'u').test(low);
  const seen = new Set<string>();
  return meanings.filter(({ word, means }) => {
    const is = !seen.has(means) && stands(word);
    if (is) {
      seen.add(means);
    }
    return is;
  });
}
