// What the school gives along: students, attacks and how much each is wanted. It is sealed on the device, and gone once
// the session is over.
import { kept, session, waiting } from '../offline/rep-store';
import { isOpen } from '../offline/vault';
import { text } from '../texts';

const SIGNED_OUT = [401, 403, 419];
// Seconds after which what the school was still at is asked for, and how often.
const LATER = 5;
const TIMES = 12;

// What the school answers; without a network nothing, and what was kept is taken.
async function asked(address) {
  try {
    const response = await fetch(address, { headers: { Accept: 'application/json', 'HX-Request': 'true' } });
    return { status: response.status, data: response.ok ? await response.json() : null };
  } catch {
    return { status: null, data: null };
  }
}

// The classes and tests that this device has of a school, where the school does not answer for them just now.
async function plansKept(school) {
  const { school: of, classes = [], tests = [] } = (await kept.load()) ?? {};
  return of === school ? { classes, tests } : {};
}

// What is in reach, and how mistakes look, of a later kit.
function addTo(kit, later) {
  const nameOf = ({ attack, side }) => `${attack} ${side}`;
  const reach = new Map(later.cells.map((cell) => [nameOf(cell), cell.reach]));
  kit.cells.forEach((cell) => {
    cell.reach ||= reach.get(nameOf(cell)) ?? '';
  });
  Object.entries(kit.answers).forEach(([id, answer]) => {
    answer.shown = later.answers[id]?.shown ?? answer.shown;
  });
}

export default {
  // The kit of now where there is a network, the one that was kept where there is none.
  async load() {
    const [people, plans] = await Promise.all([asked(this.$root.dataset.kit), asked(this.$root.dataset.plans)]);
    if (people.data) this.kit = { ...people.data, ...(plans.data ?? (await plansKept(people.data.school))) };
    if (this.kit) await kept.save(this.kit);
    else if (SIGNED_OUT.includes(people.status)) return this.shut();
    else this.kit = await kept.load();
    if (this.kit) (await waiting()).forEach((rep) => this.countIn(rep));
    await this.listRefused();
    if (!this.kit && !isOpen()) return this.shut();
    if (!this.kit) this.error = text('kit-missing');
    const { rung } = this.$refs;
    if (this.kit && rung && !rung.dataset.chosen) rung.value = this.kit.usualRung;
    if (people.data?.behind) this.completeLater(TIMES);
  },

  completeLater(times) {
    if (times > 0) setTimeout(async () => (await this.complete()) || this.completeLater(times - 1), 1000 * LATER);
  },

  // What takes the school longest to find, taken into the kit at hand; whether there is nothing left to ask for.
  async complete() {
    const { data } = await asked(this.$root.dataset.kit);
    if (!this.kit) return true;
    if (data?.school !== this.kit.school) return false;
    // That on the device does not count in what waits there.
    const own = await kept.load();
    [this.kit, own].forEach((kit) => kit && addTo(kit, data));
    if (own) await kept.save(own);
    return !data.behind;
  },

  // The session is over: nothing of people stays on the screen. Reps that wait are kept, and go once somebody signs in.
  shut() {
    this.clear();
    clearInterval(this.clockwork);
    [this.exam, this.marked] = [null, {}];
    [this.kit, this.people, this.now, this.last, this.lesson, this.phase, this.state] = [
      null,
      [],
      null,
      null,
      null,
      'locked',
      'signed out',
    ];
    kept.drop();
    [this.defender, this.attacker, this.leftOut, this.proof] = ['', '', '', ''];
    this.refused = [];
    this.$root.querySelector('#outlook')?.replaceChildren();
  },

  ticketOf(rep) {
    const student = this.kit.students.find((one) => one.id === rep.student_id);
    const isOf = ({ attack, side }) => attack === rep.attack_id && side === rep.side;
    return { student, ticket: student?.tickets.find((one) => isOf(this.kit.cells[one.cell])) };
  },

  // What waits on this device is not in the kit yet.
  countIn(rep) {
    const { student, ticket } = this.ticketOf(rep);
    if (ticket) this.tried(student, ticket);
  },

  tried(student, ticket) {
    student.latest = [this.kit.cells[ticket.cell].family, student.latest[0]];
    ticket.weights = ticket.weights.map((weight) => weight / ticket.factor);
    ticket.factor = 1;
    ticket.proof = '';
  },

  // A page that was closed in the middle goes on where it was.
  remember() {
    const { set, turn, done, goal, began, seed } = this;
    session.save({
      set,
      turn,
      done,
      goal,
      began,
      seed,
      drawn: this.now.ticket.cell,
      school: this.kit.school,
      last: this.last?.id,
      turnBefore: this.before?.turn,
    });
  },

  async resume() {
    const saved = await session.load();
    if (!saved || !this.kit || saved.school !== this.kit.school) return;
    this.resumed = saved;
    ({ set: this.set, turn: this.turn, done: this.done, goal: this.goal, began: this.began, seed: this.seed } = saved);
    this.people = this.kit.students.filter((student) => this.set.people.includes(student.id));
    if (this.people.some((student) => this.tickets(student).length > 0)) this.next(saved.drawn);
  },
};
