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

/**
 * A round that runs, once somebody of it left: who stays works on where they are. Those whose partner left work
 * together; one who is over joins a pair as a third, or works with an instructor.
 *
 * @param {number[][]} round who works together at each place
 * @param {(id: number) => boolean} isHere
 * @param {(id: number) => boolean} isApart whether somebody is of the circle of their own
 * @param {boolean} stepsIn whether an instructor works with whoever is over
 * @returns {number[][]} with nobody at a place that nobody needs any more
 */
export const without = (round, isHere, isApart, stepsIn = false) => {
  const made = round.map((together) => together.filter(isHere));
  const lost = made.map((together, place) => together.length === 1 && round[place].length > 1);
  for (const apart of [true, false]) {
    const of = (together) => isApart(together[0]) === apart;
    const over = made.flatMap((together, place) => (lost[place] && of(together) ? [place] : []));
    while (over.length > 1) {
      const [place, other] = over.splice(0, 2);
      made[place].push(...made[other].splice(0));
    }
    const pair = made.find((together) => together.length === 2 && of(together));
    if (over.length === 1 && pair && !stepsIn) pair.push(...made[over[0]].splice(0));
  }
  return made;
};

/** Who attacks, defends and records at a turn of those who work together; each in turn does each. */
export const roles = (together, turn) => {
  const [attacker, defender, recorder] = together.map((_, place) => together[(place + turn) % together.length]);
  return together.length < 2
    ? { attacker: null, defender: attacker, recorder: null }
    : { attacker, defender, recorder: recorder ?? null };
};
