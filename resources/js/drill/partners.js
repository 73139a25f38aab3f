// Who works with whom once somebody comes late or leaves: rounds of the circle, whose seats are searched for pairs
// against which little speaks. Pure: `chance` gives numbers from 0 up to 1.
const STEPS = 1500;
// Meeting twice in a class weighs more than all else together.
const TODAY = 1e6;

export const key = (a, b) => (a < b ? `${a} ${b}` : `${b} ${a}`);

/** Rounds of pairs of seats: in as many rounds as there are other seats everybody meets everybody once. */
export const circle = (seats) => {
  const even = seats + (seats % 2);
  const moving = even - 1;
  return Array.from({ length: seats > 1 ? moving : 0 }, (_, round) => {
    const pairs = [[round, moving]];
    for (let step = 1; step < even / 2; step++) pairs.push([(round + step) % moving, (round - step + moving) % moving]);
    return pairs.filter(([a, b]) => a < seats && b < seats);
  });
};

/**
 * What speaks against each two as the school says it.
 *
 * @param {number[]} people ids of those who were planned for
 * @param {number[][]} costs of each, in that order, beside those who come before
 * @returns {Record<string, number>} as `key` names them; nothing of those against whom nothing speaks
 */
export const against = (people, costs) =>
  Object.fromEntries(
    costs.flatMap((own, place) =>
      own.flatMap((cost, other) => (cost > 0 ? [[key(people[place], people[other]), cost]] : [])),
    ),
  );

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

const joined = (pairs, over, thirds, stepsIn) => {
  if (over === undefined) return pairs;
  if (pairs.length === 0 || stepsIn) return [...pairs, [over]];
  const load = pairs.map((pair) => pair.reduce((sum, one) => sum + (thirds.get(one) ?? 0), 0));
  const at = load.indexOf(Math.min(...load));
  pairs[at].forEach((one) => thirds.set(one, (thirds.get(one) ?? 0) + 1));
  return pairs.map((pair, place) => (place === at ? [...pair, over] : pair));
};

/**
 * @param {number[]} people ids
 * @param {number} count of rounds
 * @param {{ today: Set<string>, against: Record<string, number> }} met pairs as `key` names them: those that met
 *   today, and what speaks against each
 * @param {() => number} chance
 * @param {boolean} stepsIn whether an instructor works with whoever is over
 * @returns {number[][][]} who works together, by round: two, or three of whom one records; who is alone is by
 *   themselves
 */
export const rounds = (people, count, met, chance, stepsIn = false) => {
  if (people.length < 2) return Array.from({ length: count }, () => people.map((one) => [one]));
  const all = circle(people.length).slice(0, count);
  const pairs = all.flat();
  const cost = (a, b) => (met.today.has(key(a, b)) ? TODAY : 0) + (met.against[key(a, b)] ?? 0);
  const sum = (seats) => pairs.reduce((total, [a, b]) => total + cost(seats[a], seats[b]), 0);
  let seats = [...people];
  let least = sum(seats);
  for (let step = 0; step < STEPS && least > 0; step++) {
    const [a, b] = [Math.floor(chance() * seats.length), Math.floor(chance() * seats.length)];
    const changed = [...seats];
    [changed[a], changed[b]] = [seats[b], seats[a]];
    const now = sum(changed);
    if (now <= least) [seats, least] = [changed, now];
  }
  // Where there is time for all to meet, no order of the seats keeps those apart who met today: their rounds come last.
  const haveMet = (together) => together.filter(([a, b]) => met.today.has(key(a, b))).length;
  const pairsOf = all
    .map((round) => round.map(([a, b]) => [seats[a], seats[b]]))
    .sort((one, other) => haveMet(one) - haveMet(other));
  const thirds = new Map();
  return Array.from({ length: count }, (_, round) => {
    const together = pairsOf[round % pairsOf.length];
    return joined(
      together,
      seats.find((one) => !together.flat().includes(one)),
      thirds,
      stepsIn,
    );
  });
};

/** Who attacks, defends and records at a turn of those who work together; each in turn does each. */
export const roles = (together, turn) => {
  const [attacker, defender, recorder] = together.map((_, place) => together[(place + turn) % together.length]);
  return together.length < 2
    ? { attacker: null, defender: attacker, recorder: null }
    : { attacker, defender, recorder: recorder ?? null };
};
