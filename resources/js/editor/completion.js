// The words of the notation, to complete what is typed.
const MAX_OFFERED = 6;

/** The letters of the word that ends at a place. */
export const wordBefore = (text, at) => text.slice(0, at).match(/[\p{L}]+$/u)?.[0] ?? '';

/** Known words that go on from what is typed; none in the middle of a word. */
export const offers = (words, text, at) => {
  const word = wordBefore(text, at).toLowerCase();
  if (word.length < 2 || /^[\p{L}]/u.test(text.slice(at))) return [];
  return words.filter((known) => known.startsWith(word) && known !== word).slice(0, MAX_OFFERED);
};

export default {
  words: [],
  offered: [],

  complete() {
    const { text } = this.$refs;
    this.offer(offers(this.words, text.value, text.selectionStart));
  },

  offer(words) {
    this.offered = words;
    this.$refs.words.replaceChildren(...words.map((word, index) => {
      const button = document.createElement('button');
      Object.assign(button, { type: 'button', className: 'btn btn-plain btn-sm', textContent: word, tabIndex: -1 });
      if (index === 0) button.append(Object.assign(document.createElement('kbd'), { textContent: 'Tab' }));
      button.addEventListener('click', () => this.take(word));
      return button;
    }));
  },

  take(word) {
    const text = this.$refs.text;
    const at = text.selectionStart;
    const begun = wordBefore(text.value, at).length;
    text.focus();
    this.put(`${text.value.slice(0, at - begun)}${word} ${text.value.slice(at).replace(/^ /, '')}`, at - begun + word.length + 1);
    this.offer([]);
  },
};
