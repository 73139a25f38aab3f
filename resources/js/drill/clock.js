// The clock of a class. It is kept as what was left when it was last touched, so that a page that was closed goes on.
// Pure.
const MINUTE = 60_000;

/** Milliseconds that are left of a block. `since` is null while it stands still. */
export const left = ({ left: then, since }, now) => (since === null ? then : then - (now - since));

export const whole = (block, added) => block.minutes * MINUTE + added;

/** Which round of a block it is by its clock alone. */
export const roundAt = (block, { added }, remaining, count) =>
  Math.min(
    Math.max(0, count - 1),
    Math.max(0, Math.floor(((whole(block, added) - remaining) / Math.max(1, whole(block, added))) * count)),
  );

/** Minutes and seconds, rounded up, so that it reads nought when it is over. */
export const face = (milliseconds) => {
  const seconds = Math.max(0, Math.ceil(milliseconds / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};
