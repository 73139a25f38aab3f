// Who attacks first in each pair of a block. Pure.

/**
 * Who attacks first in each pair, so that in a block everybody does as often as not, give or take one: as long as a way
 * from pair to pair leads from somebody who does to one who does less by more than two, those pairs change.
 *
 * @param {number[][][]} coming rounds, whose pairs may change
 * @param {number[][][]} past rounds of the block
 * @returns {number[][][]} the coming ones, the one who attacks first before the others
 */
export const evenly = (coming, past = []) => {
  const made = coming.map((round) => round.map((together) => [...together]));
  const pairs = made.flat().filter((together) => together.length > 1);
  const more = new Map();
  const add = (id, by) => more.set(id, (more.get(id) ?? 0) + by);
  for (const [first, other] of [...past.flat().filter((together) => together.length > 1), ...pairs]) {
    add(first, 1);
    add(other, -1);
  }
  const way = (from) => {
    const ways = new Map([[from, []]]);
    const next = new Map(pairs.map(([first]) => [first, []]));
    pairs.forEach((pair) => next.get(pair[0]).push(pair));
    for (const [here, gone] of ways) {
      if (more.get(here) < more.get(from) - 2) return gone;
      for (const pair of next.get(here) ?? []) if (!ways.has(pair[1])) ways.set(pair[1], [...gone, pair]);
    }
    return null;
  };
  const change = () => {
    const least = Math.min(...more.values());
    for (const from of more.keys()) {
      const gone = least < more.get(from) - 2 ? way(from) : null;
      if (gone === null) continue;
      add(from, -2);
      add(gone.at(-1)[1], 2);
      gone.forEach((pair) => pair.splice(0, 2, pair[1], pair[0]));
      return true;
    }
    return false;
  };
  while (change());
  return made;
};
