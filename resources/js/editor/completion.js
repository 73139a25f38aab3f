// The words of the notation, to complete what is typed.
const MAX_OFFERED = 6;

const MAX_WORDS = 3;
export const NONE = { begun: 0, words: [] };

/** What is typed of a word or phrase: the last words of the line up to a place, the longest first. */
const tails = (text, at) => {
  const words =
    text
      .slice(0, at)
      .match(new RegExp(`(?:\\p{L}+ ){0,${MAX_WORDS - 1}}\\p{L}+ ?$`, 'u'))?.[0]
      .split(/(?<= )/) ?? [];
  return words.map((_, first) => words.slice(first).join(''));
};

/** Known words that go on from what is typed, with how much of them that is; none in the middle of a word. */
export const offers = (words, text, at) => {
  if (/^\p{L}/u.test(text.slice(at))) return NONE;
  for (const tail of tails(text, at)) {
    const word = tail.toLowerCase();
    const known = words.filter((phrase) => phrase.startsWith(word) && phrase !== word);
    if (word.trim().length > 1 && known.length > 0) return { begun: tail.length, words: known.slice(0, MAX_OFFERED) };
  }
  return NONE;
};

export default {
  words: [],
  offered: [],
  begun: 0,

  complete() {
    const { text } = this.$refs;
    this.offer(offers(this.words, text.value, text.selectionStart));
  },

  offer({ begun, words }) {
    this.offered = words;
    this.begun = begun;
    this.$refs.words.replaceChildren(
      ...words.map((word, index) => {
        const button = document.createElement('button');
        Object.assign(button, { type: 'button', className: 'btn btn-plain btn-sm', textContent: word, tabIndex: -1 });
        if (index === 0) button.append(Object.assign(document.createElement('kbd'), { textContent: 'Tab' }));
        button.addEventListener('click', () => this.take(word));
        return button;
      }),
    );
  },

  take(word) {
    const text = this.$refs.text;
    const at = text.selectionStart;
    text.focus();
    this.put(
      `${text.value.slice(0, at - this.begun)}${word} ${text.value.slice(at).replace(/^ /, '')}`,
      at - this.begun + word.length + 1,
    );
    this.offer(NONE);
  },
};
