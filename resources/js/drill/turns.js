// Whose turn it is, and who attacks. Pure: nothing here knows of a page.

/** Whoever attacks at a turn; null where one is alone. In each round everybody has another partner. */
export const partner = (circle, turn) => {
  if (circle.length < 2) return null;
  const round = Math.floor(turn / circle.length);
  return circle[(turn + 1 + (round % (circle.length - 1))) % circle.length];
};

/**
 * The next turn at which somebody can be drawn for, from this one on; this one where nobody can.
 * @param {(student: object) => boolean} canDrill
 */
export const nextTurn = (circle, turn, canDrill) => {
  for (let ahead = 0; ahead < circle.length; ahead++) {
    if (canDrill(circle[(turn + ahead) % circle.length])) return turn + ahead;
  }
  return turn;
};

/** Whether a drill is over. `minutes` 0 is no limit. */
export const isOver = ({ done, goal, minutes, began }, now) =>
  done >= goal || (minutes > 0 && now - began > minutes * 60_000);
