// A test as an examiner marks it on a device: two touches an item, each mark kept until the school has it, and sent as
// one.
import { beforeEach, describe, expect, it, vi } from 'vitest';

const shelf = new Map();
vi.mock('idb-keyval', () => ({
  createStore: () => 'shelf',
  get: async (name) => shelf.get(name),
  update: async (name, how) => {
    shelf.set(name, how(shelf.get(name)));
  },
}));
vi.mock('../../resources/js/offline/vault', () => ({
  cookie: () => 'token',
  open: async () => null,
  seal: async (value) => value,
  isOpen: () => true,
}));

describe('exam', () => {
  let mat;
  let fetched;
  const touch = (data) => ({ currentTarget: { dataset: data } });

  beforeEach(async () => {
    shelf.clear();
    vi.resetModules();
    vi.stubGlobal('navigator', {});
    vi.stubGlobal('document', { getElementById: () => ({ textContent: '{"progress": ":done of :goal"}' }) });
    fetched = vi.fn(async () => ({ ok: true, status: 200, json: async () => ({}) }));
    vi.stubGlobal('fetch', fetched);
    const { mixed } = await import('../../resources/js/drill/mixed');
    const { default: exam } = await import('../../resources/js/drill/exam');
    mat = mixed(exam, {
      phase: 'setup',
      send: vi.fn(),
      kit: {
        school: 3,
        by: 'me',
        tests: [
          {
            id: 8,
            title: 'Test',
            address: '/mat/tests/8/marks',
            items: [
              { id: 21, title: 'Wrist', rung: 3, critical: true },
              { id: 22, title: 'Push', rung: 3 },
            ],
            candidates: [
              { id: 1, name: 'Ann', showings: [{ attempt: 2, says: 'Again' }, { attempt: 3, says: 'Once more' }] },
              { id: 2, name: 'Bo' },
            ],
            marks: [{ item: 22, student: 2, attempt: 1, outcome: 'late' }],
          },
        ],
      },
    });
    await mat.openExam(touch({ exam: '8' }));
  });

  const mark = async (item, outcome) => {
    mat.chooseItem(touch({ item: String(item) }));
    await mat.examOutcome(touch({ outcome }));
  };

  it('begins with the first candidate and what the school has already', () => {
    expect([mat.isExam, mat.candidateName, mat.examProgress]).toEqual([true, 'Ann', '0 of 2']);
    mat.chooseCandidate(touch({ candidate: '2' }));
    expect([mat.candidateName, mat.examProgress, mat.examItems[1].outcome]).toEqual(['Bo', '1 of 2', 'late']);
  });

  it('keeps what was marked last of an item, and knows it after the page was closed', async () => {
    await mark(21, 'hit');
    await mark(21, 'clean');
    expect(
      shelf.get('testMarks').map(({ item, student, attempt, outcome, by }) => [item, student, attempt, outcome, by]),
    ).toEqual([[21, 1, 1, 'clean', 'me']]);
    mat.leaveExam();
    expect(mat.isExam).toBe(false);
    await mat.openExam(touch({ exam: '8' }));
    expect(mat.examItems[0].outcome).toBe('clean');
    mat.toggleShowing(touch({ attempt: '2' }));
    expect([mat.examItems[0].outcome, mat.isAttempt(2), mat.isAttempt(3)]).toEqual(['', 'true', 'false']);
    await mark(21, 'scraped');
    expect(shelf.get('testMarks').map(({ attempt, outcome }) => [attempt, outcome])).toEqual([
      [1, 'clean'],
      [2, 'scraped'],
    ]);
    // A third time after the second; pressed once more, the first is there again.
    mat.toggleShowing(touch({ attempt: '3' }));
    expect([mat.attempt, mat.examItems[0].outcome]).toEqual([3, '']);
    mat.toggleShowing(touch({ attempt: '3' }));
    expect([mat.attempt, mat.examItems[0].outcome]).toEqual([1, 'clean']);
    // Who may be shown nothing again is marked as the first time.
    mat.toggleShowing(touch({ attempt: '2' }));
    mat.chooseCandidate(touch({ candidate: '2' }));
    expect([mat.attempt, mat.showings]).toEqual([1, []]);
  });

  it('sends each once, and lets none go before it is there', async () => {
    fetched.mockImplementationOnce(async () => {
      throw new TypeError('no network');
    });
    await mark(21, 'clean');
    await mat.sendExam();
    expect(shelf.get('testMarks')).toHaveLength(1);
    await mat.sendExam();
    expect(JSON.parse(fetched.mock.calls[1][1].body).marks).toMatchObject([
      { item: 21, student: 1, attempt: 1, outcome: 'clean', by: 'me' },
    ]);
    expect(shelf.get('testMarks')).toEqual([]);
    await mat.sendExam();
    expect(fetched).toHaveBeenCalledTimes(2);
  });

  it('keeps what the school cannot take now, and drops what it can never take', async () => {
    await mark(21, 'clean');
    fetched.mockImplementationOnce(async () => ({ ok: false, status: 503 }));
    await mat.sendExam();
    expect(shelf.get('testMarks')).toHaveLength(1);
    fetched.mockImplementationOnce(async () => ({ ok: false, status: 404 }));
    await mat.sendExam();
    expect(shelf.get('testMarks')).toEqual([]);
  });

  it('marks basics and forms among the items by words of their own, once', async () => {
    mat.exam.solos = [{ id: 5, title: 'Quay stance' }];
    mat.chooseItem(touch({ item: 'solo 5' }));
    expect([mat.itemTitle, mat.isSolo, mat.isItem, mat.examProgress]).toEqual(['Quay stance', true, false, '0 of 3']);
    await mat.examOutcome(touch({ outcome: 'rough' }));
    mat.toggleShowing(touch({ attempt: '2' }));
    // There is no second time: the last mark counts.
    expect(mat.examItems[2].outcome).toBe('rough');
    mat.chooseItem(touch({ item: 'solo 5' }));
    await mat.examOutcome(touch({ outcome: 'sound' }));
    await mat.sendExam();
    const [sent] = JSON.parse(fetched.mock.calls[0][1].body).marks;
    expect(sent).toMatchObject({ solo: 5, student: 1, attempt: 1, mark: 'sound', by: 'me' });
    expect([sent.item, sent.outcome]).toEqual([undefined, undefined]);
  });
});
