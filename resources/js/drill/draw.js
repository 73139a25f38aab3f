// Which attack comes, and when. How much each is wanted was worked out by the school and lies in the kit; this only
// draws. Pure: `chance` gives numbers from 0 up to 1, so that the same seed draws the same again.

// Milliseconds: an exponential spread, cut off, after a least time, so that waiting longer tells nothing.
const LEAST = 1500;
const MEAN = 3000;
const CUT = 2.5;

/** The hidden moment, in milliseconds from the start of the wait. */
export const moment = (chance) => LEAST - MEAN * Math.log(1 - chance() * (1 - Math.exp(-CUT)));

export const anyOf = (list, chance) => list[Math.floor(chance() * list.length)];

/**
 * The tickets of a student that are on the list that was chosen. What does not work is drawn only from its own list.
 */
export const onList = (student, list, filters) => {
  if (list === 'fails') return student.tickets.filter((ticket) => ticket.fails);
  const tickets = student.tickets.filter((ticket) => !ticket.fails);
  if (list === 'holes') return tickets.filter((ticket) => !ticket.holds);
  const filter = filters[list]?.[student.isYouth ? 'youth' : 'adult'];
  return filter ? tickets.filter((ticket) => filter.includes(ticket.cell)) : tickets;
};

/** Without the family that came the last two times, where anything else is left. */
export const withoutThirdOfFamily = (tickets, [last, before], cells) => {
  if (!last || last !== before) return tickets;
  const others = tickets.filter((ticket) => cells[ticket.cell].family !== last);
  return others.length > 0 ? others : tickets;
};

/** One ticket, as often as its weight at a rung says. */
export const draw = (tickets, rung, chance) => {
  let left = chance() * tickets.reduce((sum, ticket) => sum + ticket.weights[rung], 0);
  return tickets.find((ticket) => (left -= ticket.weights[rung]) < 0) ?? tickets[tickets.length - 1];
};
