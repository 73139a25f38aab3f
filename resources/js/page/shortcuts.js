// Single keys, while nobody is typing: `?` lists them, the others follow the links and fields that carry their key.
export default () => {
  document.addEventListener('keydown', (event) => {
    if (
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      event.target.closest('input, textarea, select, dialog, [contenteditable]')
    )
      return;
    if (event.key === '?') {
      event.preventDefault();
      document.getElementById('shortcuts')?.showModal();
      return;
    }
    const bearer = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
    if (!bearer) return;
    event.preventDefault();
    if (bearer.matches('input:not([type=checkbox]), textarea, select')) bearer.focus();
    else bearer.click();
  });
};
