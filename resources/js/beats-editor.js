// The text of an answer over a copy of itself that carries the marks: both scroll as one.
export default () => ({
  follow() {
    this.$refs.marks.scrollTop = this.$refs.text.scrollTop;
    this.$refs.marks.scrollLeft = this.$refs.text.scrollLeft;
  },

  // Puts the cursor where an error is: line and column count from 1.
  goTo(event) {
    const { line, column } = event.currentTarget.dataset;
    const before = this.$refs.text.value.split('\n').slice(0, line - 1).join('\n').length;
    const at = before + (line > 1 ? 1 : 0) + Number(column) - 1;
    this.$refs.text.focus();
    this.$refs.text.setSelectionRange(at, at);
  },
});
