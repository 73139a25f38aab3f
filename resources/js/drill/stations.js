// All pairs of a class at once: a touch on a place, a touch on how it went. Who attacks changes by itself.
import alea from 'seedrandom/lib/alea';
import { text } from '../texts';
import { draw, withoutThirdOfFamily } from './draw';
import { roles } from './partners';

export const byId = (list, id) => list.find((one) => one.id === id);

export default {
  // A place that was left empty is none; the others stay where they are.
  get stations() {
    return this.isClass && this.isPractice
      ? (this.roundsNow[this.lesson.round] ?? [])
          .map((together, place) => (together.length > 0 ? this.stationOf(together, place) : null))
          .filter(Boolean)
      : [];
  },

  nameOf(id) {
    return byId(this.kit.students, id)?.name ?? text('student-not-here');
  },

  stationKey(place) {
    return `${this.lesson.block} ${this.lesson.round} ${place}`;
  },

  // Who has nothing to drill does not defend: the turn goes on.
  stationOf(together, place) {
    const turns = this.lesson.turns[this.stationKey(place)] ?? 0;
    for (let ahead = 0; ahead < Math.max(1, together.length); ahead++) {
      const station = this.stationAt(together, place, turns + ahead);
      if (station.can || ahead === together.length - 1 || together.length < 2) return station;
    }
    return this.stationAt(together, place, turns);
  },

  stationAt(together, place, turn) {
    const { attacker, defender, recorder } = roles(together, turn);
    const student = byId(this.kit.students, defender);
    const rung = this.rungFor(student);
    const ticket = student ? this.stationTicket(student, rung, place, turn) : null;
    const cell = ticket ? this.kit.cells[ticket.cell] : null;
    const tries = this.lesson.tries[defender] ?? 0;
    return {
      place,
      turn,
      attacker,
      student,
      rung,
      ticket,
      cell,
      can: Boolean(ticket),
      name: this.placeName(place),
      defends: this.nameOf(defender),
      attacks: attacker === null ? text('the-instructor') : this.nameOf(attacker),
      records: recorder === null ? '' : text('class.records', { name: this.nameOf(recorder) }),
      title: cell ? this.cellText(cell) : text('class.nothing', { name: this.nameOf(defender) }),
      tries: text('class.tries', { tries, of: this.meantNow }),
    };
  },

  // More pairs than there are places take turns.
  placeName(place) {
    const { places } = this.course;
    const number = (place % places) + 1;
    const shares = (this.roundsNow[this.lesson.round] ?? []).length > places + number - 1 || place >= places;
    return text(shares ? 'class.place-shared' : 'class.place', { number, turn: Math.floor(place / places) + 1 });
  },

  get meantNow() {
    return this.course.each.drill + this.course.each.pressure;
  },

  // Below the goal of the rank in a drill, at it under pressure.
  rungFor(student) {
    const goal = student?.goal ?? 1;
    const wanted = this.block.kind === 'drill' ? goal - 1 : goal;
    const ids = this.kit.rungs.map((rung) => rung.id);
    return ids.filter((id) => id <= wanted).pop() ?? ids[0];
  },

  stationTicket(student, rung, place, turn) {
    const all = student.tickets.filter((ticket) => !ticket.fails);
    const drilled =
      this.block.kind === 'drill'
        ? all.filter((ticket) => this.course.attacks.includes(this.kit.cells[ticket.cell].attack))
        : [];
    const tickets = drilled.length > 0 ? drilled : all;
    if (tickets.length === 0) return null;
    const at = this.kit.rungs.findIndex((one) => one.id === rung);
    return draw(
      withoutThirdOfFamily(tickets, student.latest, this.kit.cells),
      at,
      alea(`${this.lesson.seed} ${this.stationKey(place)} ${turn}`),
    );
  },
};
