// The caller: whose turn, which attack, when, and how it went. Which attacks can be drawn and how much each is wanted was worked
// out by the school and lies in the kit; this only draws, waits, calls and keeps.
import alea from 'seedrandom/lib/alea';
import refused from './refused';
import { draft, hold, isKept, keep, kept, send, session, settle, takeBack, waiting } from './rep-store';
import { isOpen } from './vault';

const KEYS = { c: 'clean', s: 'scraped', r: 'recovered', l: 'late', h: 'hit', f: 'froze', x: 'stopped' };
const TRY_AGAIN = 8000;
// A tap that was meant for an outcome does not call the next one.
const SECOND_TAP = 400;
const LEAST = 1500;
const MEAN = 3000;
const CUT = 2.5;

// An exponential spread, cut off, after a least time: waiting longer tells nothing.
const moment = (chance) => LEAST - MEAN * Math.log(1 - chance() * (1 - Math.exp(-CUT)));
const anyOf = (list, chance) => list[Math.floor(chance() * list.length)];
const uuid = () => (crypto.randomUUID ? crypto.randomUUID() : '10000000-1000-4000-8000-100000000000'.replace(/[018]/g, (digit) => (digit ^ (crypto.getRandomValues(new Uint8Array(1))[0] & (15 >> (digit / 4)))).toString(16)));

const mixed = (...parts) => Object.defineProperties({}, Object.assign({}, ...parts.map(Object.getOwnPropertyDescriptors)));

export default () => mixed(refused(uuid), {
  phase: 'setup',
  kit: null,
  wrong: '',
  turn: 0,
  people: [],
  set: {},
  defender: '',
  attacker: '',
  title: '',
  said: '',
  differences: '',
  cautions: '',
  leftOut: '',
  peeks: false,
  whatIf: '',
  proof: '',
  stressor: '',
  call: '',
  clock: '',
  done: 0,
  goal: 0,
  last: null,
  mistakes: [],
  answers: [],
  count: null,
  state: 'kept',
  timers: [],

  async init() {
    window.addEventListener('online', () => this.send());
    window.addEventListener('beforeunload', (event) => {
      if (!(window.isSecureContext && isKept()) && this.count > 0) event.preventDefault();
    });
    document.addEventListener('keydown', (event) => this.key(event), true);
    document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && this.isRunning && this.stayAwake());
    setInterval(() => this.send(), TRY_AGAIN);
    this.worker();
    await this.load();
    await this.resume();
    this.pages = window.BroadcastChannel ? new BroadcastChannel('stone-drill-mat') : null;
    this.pages?.addEventListener('message', (event) => this.hear(event.data));
    await this.adopt();
    this.send();
  },

  // The kit of now where there is a network, the one that was kept where there is none.
  async load() {
    let response = null;
    try {
      response = await fetch(this.$root.dataset.kit, { headers: { Accept: 'application/json', 'HX-Request': 'true' } });
      if (response.ok) this.kit = await response.json();
    } catch { /* No network: what was kept is taken. */ }
    if (this.kit) await kept.save(this.kit);
    else if ([401, 403, 419].includes(response?.status)) return this.shut();
    else this.kit = await kept.load();
    if (this.kit) (await waiting()).forEach((rep) => this.countIn(rep));
    await this.listRefused();
    if (!this.kit && !isOpen()) return this.shut();
    if (!this.kit) this.wrong = 'What the mat needs has not come yet. Open it once with a network; then it works without.';
    const rung = this.$refs.rung;
    if (this.kit && rung && !rung.dataset.chosen) rung.value = this.kit.usualRung;
  },

  // The session is over: nothing of people stays on the screen. The reps that wait are kept, and go on once somebody signs in.
  shut() {
    this.clear();
    [this.kit, this.people, this.now, this.last, this.phase, this.state] = [null, [], null, null, 'locked', 'signed out'];
    kept.drop();
    [this.defender, this.attacker, this.leftOut, this.proof] = ['', '', '', ''];
    this.refused = [];
    this.$root.querySelector('#outlook')?.replaceChildren();
  },

  // What waits on this device is not in the kit yet.
  countIn(rep) {
    const student = this.kit.students.find((one) => one.id === rep.student_id);
    const ticket = student?.tickets.find((one) => this.kit.cells[one.cell].attack === rep.attack_id && this.kit.cells[one.cell].side === rep.side);
    if (ticket) this.tried(student, ticket);
  },

  tried(student, ticket) {
    student.latest = [this.kit.cells[ticket.cell].family, student.latest[0]];
    ticket.weights = ticket.weights.map((weight) => weight / ticket.factor);
    ticket.factor = 1;
    ticket.proof = '';
  },

  worker() {
    if (!navigator.serviceWorker) return;
    navigator.serviceWorker.register('/mat-worker.js', { scope: '/mat' }).then(() => navigator.serviceWorker.ready).then((registration) => {
      const parts = performance.getEntriesByType('resource').map((one) => one.name).filter((name) => name.startsWith(`${location.origin}/build/`) || name.endsWith('/favicon.svg'));
      registration.active.postMessage({ keep: [location.origin + location.pathname, ...parts] });
    });
  },

  get everybody() { return this.kit?.students ?? []; },
  // While a drill runs nothing comes between.
  get showsRefused() { return this.hasRefused && !this.isRunning; },
  get isComing() { return !this.kit && !this.wrong; },
  get isLocked() { return this.phase === 'locked'; },
  get isSetup() { return this.phase === 'setup'; },
  get isRunning() { return ['ready', 'waiting', 'called', 'keeping', 'halted'].includes(this.phase); },
  get isReady() { return this.phase === 'ready'; },
  get isWaiting() { return this.phase === 'waiting'; },
  get isCalled() { return this.phase === 'called'; },
  get isHalted() { return this.phase === 'halted'; },
  get isDone() { return this.phase === 'done'; },
  get isInsecure() { return !window.isSecureContext; },
  get rung() { return this.kit?.rungs.find((rung) => rung.id === this.set.rung); },
  get isShown() { return this.peeks || this.isCalled || this.rung?.attackTold; },
  // Neither tells what the rung hides.
  get showsWhatIf() { return Boolean(this.isShown && this.whatIf); },
  get showsProof() { return Boolean(this.isShown && this.proof); },
  get canPeek() { return !this.rung?.attackTold && !this.isCalled; },
  get hasLast() { return this.last !== null; },
  get progress() { return `${this.done} of ${this.goal}`; },
  get lastSaid() { return this.last ? `${this.saysOf(this.last)}: ${this.last.outcome}` : ''; },
  get startWord() { return this.rung?.momentTold ? 'Call it' : 'Begin the wait'; },
  get signedOut() { return this.state === 'signed out'; },
  get held() {
    if (this.count === null) return 'Looking for what waits …';
    if (this.count === 0) return 'All reps are with the school.';
    if (this.count === 1 && this.last) return '1 rep is kept on this device until the next call.';
    const why = { offline: 'no network, or the school does not answer', 'signed out': 'signed out', refused: 'the school refused some; mend them before the next drill' }[this.state] ?? 'sending';
    return `${this.count} ${this.count === 1 ? 'rep waits' : 'reps wait'} on this device: ${why}.${isKept() ? '' : ' The browser lets this page keep nothing: do not close it before they are with the school.'}`;
  },

  choseRung(event) { event.currentTarget.dataset.chosen = 'yes'; },

  read() {
    const form = new FormData(this.$refs.setup);
    return {
      people: form.getAll('people[]').map(Number),
      rung: Number(form.get('rung')),
      list: form.get('list'),
      each: Math.max(1, Number(form.get('each')) || 5),
      minutes: Number(form.get('minutes')) || 0,
      sound: form.has('sound'),
      flash: form.has('flash'),
      watch: form.has('watch'),
    };
  },

  async start() {
    if (!this.kit) return this.refuse(this.wrong || 'What the mat needs is still coming from the school. Start again in a moment.');
    this.set = this.read();
    this.people = this.kit.students.filter((student) => this.set.people.includes(student.id));
    if (this.people.length === 0) return this.refuse('Tap who is here first.');
    const drilled = this.people.filter((student) => this.tickets(student).length > 0);
    if (drilled.length === 0) return this.refuse('Nobody here has anything on this list: what their ranks need and have an answer to, and what is not barred.');
    this.wrong = '';
    [this.turn, this.done, this.last, this.began, this.seed] = [0, 0, null, Date.now(), uuid()];
    this.goal = this.set.each * drilled.length;
    this.stayAwake();
    this.next();
  },

  refuse(why) {
    this.wrong = why;
    this.$nextTick(() => this.$refs.wrong.focus());
  },

  // Only what is on the list that was chosen.
  tickets(student) {
    if (this.set.list === 'holes') return student.tickets.filter((ticket) => !ticket.holds);
    const filter = this.kit.filters[this.set.list]?.[student.isYouth ? 'youth' : 'adult'];
    return filter ? student.tickets.filter((ticket) => filter.includes(ticket.cell)) : student.tickets;
  },

  draw(student) {
    let tickets = this.tickets(student);
    const [one, two] = student.latest;
    const others = tickets.filter((ticket) => this.kit.cells[ticket.cell].family !== one);
    if (one && one === two && others.length > 0) tickets = others;
    const place = this.kit.rungs.indexOf(this.rung);
    let left = this.chance() * tickets.reduce((sum, ticket) => sum + ticket.weights[place], 0);
    return tickets.find((ticket) => (left -= ticket.weights[place]) < 0) ?? tickets[tickets.length - 1];
  },

  // One that was drawn before the page was closed comes again.
  next(drawn) {
    this.clear();
    if (this.done >= this.goal || (this.set.minutes > 0 && Date.now() - this.began > this.set.minutes * 60_000)) return this.finish();
    const circle = this.people;
    let student = circle[this.turn % circle.length];
    for (let tries = 0; tries < circle.length && this.tickets(student).length === 0; tries++) student = circle[++this.turn % circle.length];
    const round = Math.floor(this.turn / circle.length);
    const partner = circle.length > 1 ? circle[(this.turn + 1 + (round % (circle.length - 1))) % circle.length] : null;
    // Each turn has a seed of its own, so that an undo draws the same again.
    this.chance = alea(`${this.seed} ${this.turn}`);
    const ticket = this.tickets(student).find((one) => one.cell === drawn) ?? this.draw(student);
    const cell = this.kit.cells[ticket.cell];
    const item = this.set.list.startsWith('list:') ? anyOf(this.kit.lists.find((list) => `list:${list.id}` === this.set.list).items.filter((one) => one.cell === ticket.cell), this.chance) : null;
    this.now = { student, ticket, cell };
    this.defender = student.name;
    this.attacker = partner ? partner.name : 'the instructor';
    this.title = cell.title + (cell.mirrored ? ' (mirrored)' : '');
    this.said = cell.said;
    this.differences = item ? item.differences : '';
    this.cautions = cell.cautions.join(' ');
    this.leftOut = student.barred.join(' ');
    this.whatIf = anyOf(ticket.answers.flatMap((id) => this.kit.answers[id].whatIfs), this.chance) ?? '';
    this.stressor = this.rung.stressors.length ? anyOf(this.rung.stressors, this.chance) : '';
    this.proof = ticket.proof;
    this.peeks = false;
    this.phase = 'ready';
    this.remember();
  },

  go(tap = null) {
    if (this.phase !== 'ready' || (tap && Date.now() - (this.recordedAt ?? 0) < SECOND_TAP)) return;
    this.unlock();
    this.settle();
    if (this.rung.momentTold) return this.shout();
    this.phase = 'waiting';
    this.peeks = false;
    this.later(() => this.shout(), moment(this.chance));
  },

  shout() {
    this.phase = 'called';
    this.call = 'NOW';
    this.calledAt = Date.now();
    this.beep(880);
    this.flash();
    if (this.set.watch) this.ticking = setInterval(() => { this.clock = ((Date.now() - this.calledAt) / 1000).toFixed(1); }, 100);
    if (this.rung.followUps) {
      this.later(() => {
        const more = this.kit.cells[this.draw(this.now.student).cell];
        this.call = `AGAIN: ${more.title}`;
        this.beep(660);
        this.flash();
      }, moment(this.chance));
    }
  },

  async outcome(event) {
    await this.record(event.currentTarget.dataset.outcome);
  },

  async record(outcome) {
    if (!['called', 'halted'].includes(this.phase) || !this.now) return;
    // One at a time: whatever is tapped before this one is kept is no other one.
    const { now, calledAt } = this;
    const { student, ticket, cell } = now;
    [this.now, this.calledAt, this.phase, this.recordedAt] = [null, null, 'keeping', Date.now()];
    const taken = this.set.watch && calledAt ? Math.round((Date.now() - calledAt) / 100) / 10 : null;
    // A watch that ran on over a pause says nothing.
    const seconds = taken !== null && taken <= this.kit.limits.seconds ? taken : null;
    const rep = {
      id: uuid(), school: this.kit.school, by: this.kit.by, student_id: student.id, attack_id: cell.attack, side: cell.side, rung: this.set.rung, outcome,
      at: new Date(calledAt ?? Date.now()).toISOString(), answer_id: ticket.answers[0] ?? null, mistakes: [], touched: null, seconds, stressor: this.stressor.slice(0, this.kit.limits.stressor) || null,
    };
    this.before = { latest: student.latest, weights: ticket.weights, factor: ticket.factor, proof: ticket.proof, turn: this.turn, now };
    this.tried(student, ticket);
    this.show(rep, ticket);
    await keep(rep);
    this.pages?.postMessage({ drafted: rep.id });
    await this.tally();
    this.done++;
    this.turn++;
    this.next();
  },

  // A rep of which more can be said.
  show(rep, ticket) {
    const { mistake } = this.kit.limits;
    this.last = rep;
    this.mistakes = [...new Set((ticket?.answers ?? []).flatMap((id) => this.kit.answers[id].mistakes))].filter((one) => one.length <= mistake);
    this.answers = [...(ticket?.answers ?? []).map((id) => ({ id, title: this.kit.answers[id].title })), { id: '', title: 'improvised' }];
  },

  // Who and against what; names come from the kit, since no rep holds one.
  saysOf(rep) {
    const student = this.kit?.students.find((one) => one.id === rep.student_id);
    const cell = this.kit?.cells.find((one) => one.attack === rep.attack_id && one.side === rep.side);
    return `${student?.name ?? 'Somebody who is not on this device'}, ${cell ? cell.title + (cell.mirrored ? ' (mirrored)' : '') : 'an attack that is not on this device'}`;
  },

  // All pages of this device share one draft: what another one recorded last can be taken back here too.
  async adopt() {
    const rep = this.kit ? await draft() : null;
    if (!rep || rep.school !== this.kit.school || rep.id === this.last?.id) return;
    const student = this.kit.students.find((one) => one.id === rep.student_id);
    // After a reload it is this page's own, and the drill goes back with it.
    this.before = rep.id === this.resumed?.last ? { turn: this.resumed.turnBefore } : null;
    this.show(rep, student?.tickets.find((one) => this.kit.cells[one.cell].attack === rep.attack_id && this.kit.cells[one.cell].side === rep.side));
  },

  async hear({ drafted, undone, settled }) {
    if (undone && undone === this.last?.id) await this.undone();
    if (drafted) await this.adopt();
    if (settled && !(await draft())) this.last = null;
    await this.tally();
  },

  // What is said of the last rep until the next one is called.
  async chip(event) {
    if (!this.last) return;
    const { name, value } = event.currentTarget.dataset;
    const rep = { ...this.last };
    if (name === 'mistake') rep.mistakes = rep.mistakes.includes(value) ? rep.mistakes.filter((one) => one !== value) : [...rep.mistakes, value].slice(0, this.kit.limits.mistakes);
    if (name === 'touched') rep.touched = rep.touched === value ? null : value;
    if (name === 'answer') rep.answer_id = value === '' ? null : Number(value);
    this.last = rep;
    await keep(rep);
  },

  chosen(name, value) {
    if (!this.last) return 'false';
    if (name === 'mistake') return String(this.last.mistakes.includes(value));
    if (name === 'touched') return String(this.last.touched === value);
    return String((this.last.answer_id ?? '') === value);
  },

  async undo() {
    const id = this.last?.id;
    if (!id) return;
    if (!(await takeBack(id))) {
      this.last = null;
      return;
    }
    this.pages?.postMessage({ undone: id });
    await this.undone();
  },

  // Puts the drill back before its last rep, where it was one of this page.
  async undone() {
    if (!this.before) {
      this.last = null;
      return this.tally();
    }
    const { latest, weights, factor, proof, turn, now } = this.before;
    if (now) {
      now.student.latest = latest;
      Object.assign(now.ticket, { weights, factor, proof });
    }
    [this.last, this.before] = [null, null];
    this.done--;
    this.turn = turn;
    await this.tally();
    this.clear();
    this.phase = 'ready';
    this.next();
  },

  // The last rep is said as it is, and may go.
  async settle() {
    this.last = null;
    await settle();
    this.pages?.postMessage({ settled: true });
    this.send();
  },

  halt() {
    if (!this.isRunning) return;
    this.clear();
    this.phase = 'halted';
    this.beep(220);
  },

  goOn() {
    this.clear();
    this.phase = 'ready';
  },

  finish() {
    this.clear();
    this.phase = 'done';
    this.settle();
    session.save(null);
  },

  again() {
    this.phase = 'setup';
  },

  key(event) {
    if (!this.isRunning || event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, select, textarea')) return;
    const outcome = KEYS[event.key.toLowerCase()];
    const isButton = event.key === ' ' && event.target.closest('button, a, summary') && !event.target.closest('[data-go]');
    const act = event.key === 'Escape' ? () => this.halt() : event.key === ' ' && !isButton ? () => (this.isHalted ? this.goOn() : this.go()) : event.key.toLowerCase() === 'u' ? () => this.undo() : outcome ? () => this.record(outcome) : null;
    // While a drill runs no key leads away from it.
    if (act || (event.key.length === 1 && !isButton)) {
      event.preventDefault();
      event.stopImmediatePropagation();
    }
    if (act && !event.repeat) act();
  },

  peek() { this.peeks = true; },
  hide() { this.peeks = false; },

  later(work, milliseconds) { this.timers.push(setTimeout(work, milliseconds)); },

  clear() {
    this.timers.forEach(clearTimeout);
    this.timers = [];
    clearInterval(this.ticking);
    [this.call, this.clock] = ['', ''];
  },

  // Sound may begin only once somebody has touched the page.
  unlock() {
    if (this.set.sound) this.audio ??= new AudioContext();
    this.audio?.resume();
  },

  beep(pitch) {
    if (!this.set.sound || !this.audio) return;
    const tone = this.audio.createOscillator();
    const volume = this.audio.createGain();
    tone.frequency.value = pitch;
    volume.gain.setValueAtTime(0.6, this.audio.currentTime);
    volume.gain.exponentialRampToValueAtTime(0.001, this.audio.currentTime + 0.45);
    tone.connect(volume).connect(this.audio.destination);
    tone.start();
    tone.stop(this.audio.currentTime + 0.5);
  },

  flash() {
    if (!this.set.flash) return;
    const stage = this.$refs.stage;
    stage.classList.remove('flash-now');
    void stage.offsetWidth;
    stage.classList.add('flash-now');
  },

  async stayAwake() {
    try {
      this.lock = await navigator.wakeLock?.request('screen');
    } catch { /* Where the browser does not let it, the screen goes dark as usual. */ }
  },

  // A page that was closed in the middle goes on where it was.
  remember() {
    session.save({ set: this.set, turn: this.turn, done: this.done, goal: this.goal, began: this.began, seed: this.seed, drawn: this.now.ticket.cell, school: this.kit.school, last: this.last?.id, turnBefore: this.before?.turn });
  },

  async resume() {
    const saved = await session.load();
    if (!saved || !this.kit || saved.school !== this.kit.school) return;
    this.resumed = saved;
    [this.set, this.turn, this.done, this.goal, this.began, this.seed] = [saved.set, saved.turn, saved.done, saved.goal, saved.began, saved.seed];
    this.people = this.kit.students.filter((student) => this.set.people.includes(student.id));
    if (this.people.some((student) => this.tickets(student).length > 0)) this.next(saved.drawn);
  },

  async tally() {
    this.count = (await waiting()).length;
  },

  async send() {
    await this.tally();
    if (this.kit && !isOpen()) this.shut();
    if (this.last) await hold(this.last.id);
    if (!this.kit || this.sending || this.count === 0) return;
    this.sending = true;
    try {
      this.state = await send(this.$root.dataset.reps, this.kit.school, this.kit.limits.sentAtOnce);
      if (this.state === 'signed out') this.shut();
    } finally {
      this.sending = false;
      await this.tally();
      await this.listRefused();
    }
  },
});
