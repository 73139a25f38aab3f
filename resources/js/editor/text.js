// The text of an answer over a copy of itself that carries the marks: both scroll as one. Undo and redo, so that a mend
// that was pressed can be taken back like a letter, and the words of the notation to complete what is typed.
import completion, { NONE } from './completion';

export default {
  ...completion,

  past: [],
  future: [],

  startText() {
    const text = this.$refs.text;
    if (!text) return;
    this.words = JSON.parse(text.dataset.words);
    this.past = [{ value: text.value, at: text.value.length }];
    text.addEventListener('input', () => this.remember());
    text.addEventListener('keydown', (event) => this.textKey(event));
    // What is answered is what stands there: whoever typed before this was ready, or while an answer was on its way, is
    // answered too.
    let asked = text.defaultValue;
    const askAgain = () => {
      if (text.value !== asked) text.dispatchEvent(new Event('input', { bubbles: true }));
    };
    this.$root.addEventListener('htmx:configRequest', (event) => {
      if (event.detail.parameters.beats !== undefined) asked = event.detail.parameters.beats;
    });
    this.$root.addEventListener('htmx:afterRequest', (event) => {
      if (event.detail.successful) setTimeout(askAgain, 200);
    });
    window.addEventListener('load', () => setTimeout(askAgain));
  },

  follow() {
    this.$refs.marks.scrollTop = this.$refs.text.scrollTop;
    this.$refs.marks.scrollLeft = this.$refs.text.scrollLeft;
  },

  // Puts the cursor where an error is: line and column count from 1.
  goTo(event) {
    const { line, column } = event.currentTarget.dataset;
    const before = this.$refs.text.value
      .split('\n')
      .slice(0, line - 1)
      .join('\n').length;
    const at = before + (line > 1 ? 1 : 0) + Number(column) - 1;
    this.$refs.text.focus();
    this.$refs.text.setSelectionRange(at, at);
  },

  remember() {
    const text = this.$refs.text;
    if (this.past[this.past.length - 1].value !== text.value) {
      this.past.push({ value: text.value, at: text.selectionStart });
      if (this.past.length > 500) this.past.shift();
      this.future = [];
    }
    this.complete();
  },

  put(value, at) {
    const text = this.$refs.text;
    const [top, left] = [text.scrollTop, text.scrollLeft];
    text.value = value;
    text.setSelectionRange(at, at);
    [text.scrollTop, text.scrollLeft] = [top, left];
    text.dispatchEvent(new Event('input', { bubbles: true }));
  },

  undo() {
    if (this.past.length < 2) return;
    this.future.push(this.past.pop());
    const { value, at } = this.past[this.past.length - 1];
    this.put(value, at);
  },

  redo() {
    const next = this.future.pop();
    if (!next) return;
    const rest = this.future;
    this.past.push(next);
    this.put(next.value, next.at);
    this.future = rest;
  },

  textKey(event) {
    const isCommand = (event.ctrlKey || event.metaKey) && !event.altKey;
    if (isCommand && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      if (event.shiftKey) this.redo();
      else this.undo();
    } else if (isCommand && event.key.toLowerCase() === 'y') {
      event.preventDefault();
      this.redo();
    } else if (event.key === 'Tab' && !event.shiftKey && this.offered.length > 0) {
      event.preventDefault();
      this.take(this.offered[0]);
    } else if (event.key === 'Escape') {
      this.offer(NONE);
    }
  },

  mend(event) {
    this.put(event.currentTarget.dataset.mended.trimEnd(), this.$refs.text.selectionStart);
    this.$refs.text.focus();
  },

  // A first step goes before everything that is written.
  takeStep(event) {
    const text = this.$refs.text;
    if (!text) return;
    const first = event.currentTarget.dataset.first;
    this.put(text.value.trim() === '' ? first : `${first}\n${text.value}`, first.length);
    text.focus();
  },
};
