// A test as an examiner marks it: a touch on an item, a touch on how it went.
import { examMarks } from '../offline/marks';
import { text } from '../texts';
import { stayAwake } from './audio';

export default {
  exam: null,
  candidateId: null,
  itemId: null,
  // Which time items are shown; what is marked is by candidate, item and time, from the school and from this device.
  showing: 1,
  marked: {},

  get exams() {
    return this.kit?.tests ?? [];
  },
  get hasExams() {
    return this.exams.length > 0;
  },
  get isExam() {
    return this.phase === 'exam' && Boolean(this.exam);
  },
  get examTitle() {
    return this.exam?.title ?? '';
  },
  get candidates() {
    return this.exam?.candidates ?? [];
  },
  get candidate() {
    return this.candidates.find((one) => one.id === this.candidateId) ?? null;
  },
  get hasCandidate() {
    return this.candidate !== null;
  },
  get candidateName() {
    return this.candidate?.name ?? '';
  },
  // Times after the first that an item may be shown to this candidate.
  get showings() {
    return this.candidate?.showings ?? [];
  },
  get attempt() {
    return this.showings.some(({ attempt }) => attempt === this.showing) ? this.showing : 1;
  },
  get examItems() {
    return [...(this.exam?.items ?? []), ...this.examSolos].map((item, place) => ({
      ...item,
      number: `${place + 1}`,
      outcome: this.outcomeOf(item.id),
      note: item.critical ? text('exam.critical') : '',
    }));
  },
  // Basics and forms stand among the items, and are marked by other words; what is marked last counts, so there is no
  // second time.
  get examSolos() {
    return (this.exam?.solos ?? []).map(({ id, title }) => ({ id: `solo ${id}`, solo: id, title }));
  },
  get isSolo() {
    return Boolean(this.examItem?.solo);
  },
  get isItem() {
    return this.hasItem && !this.isSolo;
  },
  get examItem() {
    return this.examItems.find((item) => item.id === this.itemId) ?? null;
  },
  get hasItem() {
    return this.examItem !== null;
  },
  get itemTitle() {
    return this.examItem?.title ?? '';
  },
  get examProgress() {
    const items = this.examItems;
    return text('progress', { done: items.filter(({ outcome }) => outcome).length, goal: items.length });
  },

  markKey(student, item, attempt) {
    return `${student} ${item} ${attempt}`;
  },
  outcomeOf(item) {
    return this.marked[this.markKey(this.candidateId, item, this.attemptOf(item))] ?? '';
  },
  attemptOf(item) {
    return String(item).startsWith('solo') ? 1 : this.attempt;
  },
  isAttempt(attempt) {
    return String(this.attempt === attempt);
  },
  isChosen(id) {
    return String(this.candidateId === id);
  },

  async openExam(event) {
    this.exam = this.exams.find((one) => one.id === Number(event.currentTarget.dataset.exam));
    const here = (await examMarks.all()).filter((one) => one.address === this.exam.address && one.by === this.kit.by);
    this.marked = Object.fromEntries(
      [
        ...this.exam.marks,
        ...(this.exam.soloMarks ?? []).map(
          ({ solo, student, mark }) => ({ item: `solo ${solo}`, student, attempt: 1, outcome: mark }),
        ),
        ...here,
      ].map((one) => [this.markKey(one.student, one.item, one.attempt), one.outcome]),
    );
    [this.phase, this.candidateId, this.itemId, this.showing] = ['exam', this.candidates[0]?.id ?? null, null, 1];
    stayAwake();
  },

  chooseCandidate(event) {
    [this.candidateId, this.itemId] = [Number(event.currentTarget.dataset.candidate), null];
  },
  chooseItem(event) {
    this.itemId = this.examItems.find((item) => String(item.id) === event.currentTarget.dataset.item)?.id ?? null;
  },
  dropItem() {
    this.itemId = null;
  },
  toggleShowing({ currentTarget: { dataset } }) {
    [this.showing, this.itemId] = [this.attempt === Number(dataset.attempt) ? 1 : Number(dataset.attempt), null];
  },

  async examOutcome(event) {
    const { outcome } = event.currentTarget.dataset;
    const mark = {
      address: this.exam.address,
      school: this.kit.school,
      by: this.kit.by,
      item: this.itemId,
      ...(this.isSolo && { solo: this.examItem.solo }),
      student: this.candidateId,
      attempt: this.attemptOf(this.itemId),
      outcome,
      at: new Date().toISOString(),
    };
    this.marked = { ...this.marked, [this.markKey(mark.student, mark.item, mark.attempt)]: outcome };
    this.itemId = null;
    await examMarks.add(mark);
    this.send();
  },

  leaveExam() {
    [this.exam, this.phase] = [null, 'setup'];
  },

  async sendExam() {
    if (this.kit) await examMarks.send(this.kit.school);
  },
};
