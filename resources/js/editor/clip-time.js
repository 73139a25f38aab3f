// Times of a clip and times of the floor: where beats are marked they are the same moment, and between two marks both
// go evenly.
const along = (from, to, value) => {
  const last = Math.min(from.length, to.length) - 1;
  if (last < 1) return null;
  const next = from.findIndex((mark, at) => at > 0 && (mark > value || at === last));
  const share = (value - from[next - 1]) / (from[next] - from[next - 1]);
  return to[next - 1] + Math.min(1, Math.max(0, share)) * (to[next] - to[next - 1]);
};

/**
 * Seconds of the floor at a second of the clip; null with fewer than two marks. Before the first and after the last it
 * stands still.
 */
export const toFloor = (marks, times, seconds) => along(marks, times, seconds);

/** Seconds of the clip at a second of the floor. */
export const toClip = (marks, times, seconds) => along(times, marks, seconds);
