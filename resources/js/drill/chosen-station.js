// The pair that was touched: what it drills, how it went, and its call in front of the class.
import { keep } from '../offline/rep-store';
import { text } from '../texts';
import { byId } from './stations';

export default {
  chosenPlace: null,

  get chosenStation() {
    return this.stations.find((one) => one.place === this.chosenPlace) ?? null;
  },
  get hasChosen() {
    return this.chosenStation !== null;
  },
  get chosenTitle() {
    return this.chosenStation?.title ?? '';
  },
  get chosenWho() {
    return this.chosenStation ? text('class.who', this.chosenStation) : '';
  },
  get chosenSaid() {
    return this.chosenStation?.cell?.said ?? '';
  },
  get chosenCautions() {
    return this.chosenStation
      ? [...this.chosenStation.cell.cautions, ...(this.chosenStation.student.levels ?? [])].join(' ')
      : '';
  },

  chooseStation(event) {
    const place = Number(event.currentTarget.dataset.place);
    const can = this.stations.find((one) => one.place === place)?.can;
    this.chosenPlace = this.chosenPlace === place || !can ? null : place;
  },

  unchoose() {
    this.chosenPlace = null;
  },

  async stationOutcome(event) {
    const station = this.chosenStation;
    if (!station?.can) return;
    const { outcome } = event.currentTarget.dataset;
    const { student, attacker, ticket, cell, rung, place, turn } = station;
    this.chosenPlace = null;
    const rep = { ...this.rep({ student, ticket, cell, attacker, rung }, outcome, null), stressor: null };
    const at = this.stationKey(place);
    this.before = {
      station: { at, turn: this.lesson.turns[at] ?? 0, student },
      latest: student.latest,
      weights: ticket.weights,
      factor: ticket.factor,
      proof: ticket.proof,
      now: { student, ticket },
    };
    this.tried(student, ticket);
    this.lesson.turns = { ...this.lesson.turns, [at]: turn + 1 };
    this.lesson.tries = { ...this.lesson.tries, [student.id]: (this.lesson.tries[student.id] ?? 0) + 1 };
    this.show(rep, ticket);
    await keep(rep);
    await this.saveClass();
    this.pages?.postMessage({ drafted: rep.id });
    await this.tally();
  },

  // Takes back what the last rep changed in the class.
  undoneStation({ at, turn, student }) {
    this.lesson.turns = { ...this.lesson.turns, [at]: turn };
    this.lesson.tries = { ...this.lesson.tries, [student.id]: Math.max(0, (this.lesson.tries[student.id] ?? 0) - 1) };
    this.saveClass();
  },

  // Calls one pair in front of the class, with wait, call and stopwatch; the class goes on meanwhile.
  callPair() {
    const { student, attacker, rung } = this.chosenStation;
    this.chosenPlace = null;
    this.people = [student, byId(this.kit.students, attacker)].filter(Boolean);
    this.set = {
      people: this.people.map(({ id }) => id),
      rung,
      list: 'most',
      each: 5,
      minutes: 0,
      sound: true,
      flash: true,
      watch: true,
    };
    [this.turn, this.done, this.last, this.began] = [0, 0, null, Date.now()];
    this.seed = `${this.lesson.seed} ${this.began}`;
    this.goal = this.set.each * this.people.length;
    this.next();
  },
};
