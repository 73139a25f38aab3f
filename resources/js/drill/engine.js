// The caller: whose turn, which attack, when, and how it went.
import alea from 'seedrandom/lib/alea';
import { isKept, session } from '../offline/rep-store';
import register from '../offline/worker';
import { text } from '../texts';
import { speaker, stayAwake } from './audio';
import calling from './calling';
import { anyOf, draw, onList, withoutThirdOfFamily } from './draw';
import exam from './exam';
import inClass from './in-class';
import { press } from './keys';
import kit from './kit';
import { mixed } from './mixed';
import recording from './recording';
import refused from './refused';
import screen from './screen';
import sending from './sending';
import setUp from './set-up';
import state from './state';
import { isOver, nextTurn, partner } from './turns';

const TRY_AGAIN = 8000;

export default () =>
  mixed(state(), screen, kit, setUp, calling, recording, sending, inClass, exam, refused(), {
    async init() {
      this.speaker = speaker();
      window.addEventListener('online', () => this.send());
      window.addEventListener('beforeunload', (event) => {
        if (!(window.isSecureContext && isKept()) && this.count > 0) event.preventDefault();
      });
      const acts = {
        halt: () => this.halt(),
        go: () => (this.isHalted ? this.goOn() : this.go()),
        undo: () => this.undo(),
        record: (outcome) => this.record(outcome),
      };
      document.addEventListener('keydown', (event) => this.isRunning && press(event, acts), true);
      document.addEventListener(
        'visibilitychange',
        () => document.visibilityState === 'visible' && this.isRunning && stayAwake(),
      );
      setInterval(() => this.send(), TRY_AGAIN);
      register(this.$root.dataset.worker);
      await this.load();
      await this.resumeClass();
      await this.resume();
      this.pages = window.BroadcastChannel ? new BroadcastChannel('stone-drill-mat') : null;
      this.pages?.addEventListener('message', (event) => this.hear(event.data));
      await this.adopt();
      this.send();
    },

    get rung() {
      return this.kit?.rungs.find((rung) => rung.id === this.set.rung);
    },

    tickets(student) {
      return onList(student, this.set.list, this.kit.filters);
    },

    draw(student) {
      return draw(
        withoutThirdOfFamily(this.tickets(student), student.latest, this.kit.cells),
        this.kit.rungs.indexOf(this.rung),
        this.chance,
      );
    },

    // One that was drawn before the page was closed comes again.
    next(drawn) {
      this.clear();
      if (isOver({ done: this.done, goal: this.goal, minutes: this.set.minutes, began: this.began }, Date.now()))
        return this.finish();
      this.turn = nextTurn(this.people, this.turn, (student) => this.tickets(student).length > 0);
      const student = this.people[this.turn % this.people.length];
      // Each turn has a seed of its own, so that an undo draws the same again.
      this.chance = alea(`${this.seed} ${this.turn}`);
      const ticket = this.tickets(student).find((one) => one.cell === drawn) ?? this.draw(student);
      this.now = { student, ticket, cell: this.kit.cells[ticket.cell] };
      this.tell(this.now);
      this.phase = 'ready';
      this.remember();
    },

    tell({ student, ticket, cell }) {
      const saved = this.kit.lists.find((list) => `list:${list.id}` === this.set.list);
      this.differences = saved
        ? anyOf(
            saved.items.filter((one) => one.cell === ticket.cell),
            this.chance,
          ).differences
        : '';
      this.defender = student.name;
      this.attacker = partner(this.people, this.turn)?.name ?? text('the-instructor');
      this.title = this.cellText(cell);
      this.said = cell.said;
      this.card = cell.card ?? '';
      this.reach = cell.reach ?? '';
      this.cautions = [...cell.cautions, ...(student.levels ?? [])].join(' ');
      this.leftOut = student.barred.join(' ');
      this.whatIf =
        anyOf(
          ticket.answers.flatMap((id) => this.kit.answers[id].whatIfs),
          this.chance,
        ) ?? '';
      this.fails = Boolean(ticket.fails);
      this.cues = ticket.answers
        .flatMap((id) => this.kit.answers[id].cues ?? [])
        .map((cue) => `“${cue}”`)
        .join(' ');
      this.stressor = this.rung.stressors.length ? anyOf(this.rung.stressors, this.chance) : '';
      this.proof = ticket.proof;
      this.peeks = false;
    },

    finish() {
      this.clear();
      this.phase = this.lesson ? 'class' : 'done';
      this.settle();
      session.save(null);
    },

    peek() {
      this.peeks = true;
    },
    hide() {
      this.peeks = false;
    },
  });
