// A school that begins is most likely where the browser is: its time zone is chosen until somebody chooses another.
export const guess = (select, zone) => {
  if (select && [...select.options].some((option) => option.value === zone)) select.value = zone;
};

export default () =>
  guess(document.querySelector('[data-guess-zone]'), Intl.DateTimeFormat().resolvedOptions().timeZone);
