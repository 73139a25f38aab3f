// A class as it runs: its clock by hand, its partners, and what a touch on a place records.
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { face, left, roundAt, whole } from '../../resources/js/drill/clock';
import { key } from '../../resources/js/drill/partners';

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

const pairsOf = (made) =>
  made.flatMap((round) => round.filter((together) => together.length > 1).map(([a, b]) => key(a, b)));

describe('clock', () => {
  it('reads what is left, whether it runs or stands still', () => {
    expect(left({ left: 60_000, since: null }, 5e9)).toBe(60_000);
    expect(left({ left: 60_000, since: 1_000 }, 16_000)).toBe(45_000);
    expect(['0:00', '0:01', '1:00', '15:00']).toEqual([0, 1, 59_001, 900_000].map(face));
    expect(face(-5)).toBe('0:00');
  });

  it('changes partners in equal parts of a block, a minute more included', () => {
    const block = { minutes: 15 };
    // Five rounds of three minutes.
    expect([900_000, 720_001, 720_000, 180_000, 1, 0].map((rest) => roundAt(block, { added: 0 }, rest, 5))).toEqual([
      0, 0, 1, 4, 4, 4,
    ]);
    expect(whole(block, 60_000)).toBe(960_000);
    // 16 minutes: 3.2 each.
    expect([960_000, 768_001, 768_000].map((rest) => roundAt(block, { added: 60_000 }, rest, 5))).toEqual([0, 0, 1]);
    expect(roundAt(block, { added: 0 }, 0, 0)).toBe(0);
  });
});

describe('a class', () => {
  let mat;
  let fetched;

  const ticket = (cell) => ({ cell, weights: [1, 1], factor: 1, proof: '', answers: [5] });
  const student = (id, more = {}) => ({
    id,
    name: `S${id}`,
    goal: 2,
    latest: [],
    isYouth: false,
    tickets: [ticket(0), ticket(1)],
    ...more,
  });
  const kit = () => ({
    school: 3,
    by: 'me',
    limits: { seconds: 600, mistakes: 5, mistake: 100, stressor: 100 },
    rungs: [{ id: 1 }, { id: 2 }],
    answers: { 5: { title: 'Gate', mistakes: [] } },
    cells: [
      { attack: 11, side: 'written', title: 'Wrist', family: 'grab', cautions: [] },
      { attack: 12, side: 'mirrored', title: 'Push', family: 'push', cautions: [] },
    ],
    students: [student(1), student(2), student(3), student(4, { tickets: [] })],
    classes: [
      {
        id: 8,
        places: 2,
        attendance: '/mat/classes/8/attendance',
        planned: [1, 2, 3],
        here: [],
        attacks: [12],
        against: [],
        apart: { drill: true, pressure: true },
        each: { drill: 6, pressure: 4 },
        groups: [],
        basics: [],
        home: [
          { id: 1, name: 'S1', items: 'Gate' },
          { id: 4, name: 'S4', items: 'Push away' },
        ],
        blocks: [
          { kind: 'gather', name: 'Gather', minutes: 2 },
          { kind: 'basics', name: 'Basics', minutes: 0 },
          { kind: 'drill', name: 'Drill', minutes: 6 },
          { kind: 'close', name: 'Close', minutes: 1 },
        ],
        rounds: { drill: [[[1, 2, 3]], [[3, 1, 2]]], pressure: [[[1, 2, 3]]] },
      },
    ],
  });
  const open = () => mat.openClass({ currentTarget: { dataset: { class: '8' } } });
  const run = (seconds) => {
    vi.setSystemTime(Date.now() + seconds * 1000);
    mat.tick();
  };

  beforeEach(async () => {
    shelf.clear();
    vi.resetModules();
    vi.useFakeTimers({ now: 1_000_000 });
    vi.stubGlobal('navigator', {});
    vi.stubGlobal('document', { getElementById: () => ({ textContent: '{}' }) });
    fetched = vi.fn(async () => ({ ok: true, status: 200, json: async () => ({ kept: [], refused: [] }) }));
    vi.stubGlobal('fetch', fetched);
    const load = async (name) => (await import(`../../resources/js/drill/${name}.js`)).default;
    const { mixed } = await import('../../resources/js/drill/mixed');
    mat = mixed(
      (await load('state'))(),
      await load('screen'),
      await load('kit'),
      await load('recording'),
      await load('sending'),
      await load('in-class'),
      await load('exam'),
      {
        $refs: {},
        $root: { dataset: {} },
        speaker: { beep: vi.fn(), unlock: vi.fn() },
        refused: [],
        async listRefused() {},
        clear() {},
      },
    );
    mat.kit = kit();
  });

  it('says in its last part what each who is here takes home', async () => {
    await open();
    expect(mat.isClosing).toBe(false);
    mat.skip();
    mat.skip();
    expect([mat.blockName, mat.isClosing, mat.home.map(({ name }) => name)]).toEqual(['Close', true, ['S1']]);
    delete mat.course.home;
    expect(mat.home).toEqual([]);
  });

  it('goes from block to block by its clock, passes over an empty one, and stands still when told to', async () => {
    await open();
    expect([mat.blockName, mat.face, mat.isTicking]).toEqual(['Gather', '2:00', false]);
    run(600);
    expect(mat.face).toBe('2:00');
    mat.pause();
    run(60);
    expect(mat.face).toBe('1:00');
    mat.addMinute();
    expect(mat.face).toBe('2:00');
    // Ten seconds over: they are taken from what comes.
    run(130);
    expect([mat.blockName, mat.face, mat.lesson.round]).toEqual(['Drill', '5:50', 0]);
    run(180);
    expect([mat.face, mat.lesson.round, mat.lesson.met]).toEqual(['2:50', 1, ['1 2']]);
    mat.pause();
    run(3600);
    expect(mat.face).toBe('2:50');
    mat.skip();
    expect(mat.blockName).toBe('Close');
    mat.goBack();
    expect([mat.blockName, mat.face]).toEqual(['Drill', '6:00']);
    mat.skip();
    mat.askEnd();
    expect(mat.phase).toBe('class');
    mat.askEnd();
    expect([mat.phase, mat.classTally.length]).toEqual(['class over', 3]);
  });

  it('records with two touches who attacked, in which class, and changes places', async () => {
    await open();
    mat.skip();
    expect(mat.stations.map(({ attacks, defends, rung, title }) => [attacks, defends, rung, title])).toEqual([
      ['S1', 'S2', 1, 'Push'],
    ]);
    mat.chooseStation({ currentTarget: { dataset: { place: '0' } } });
    await mat.stationOutcome({ currentTarget: { dataset: { outcome: 'clean' } } });
    const [rep] = shelf.get('reps');
    expect(rep).toMatchObject({
      student_id: 2,
      attacker_id: 1,
      class_id: 8,
      attack_id: 12,
      side: 'mirrored',
      rung: 1,
      outcome: 'clean',
      answer_id: 5,
    });
    expect(mat.stations[0]).toMatchObject({ attacks: 'S2', defends: 'S3' });
    expect(mat.lesson.tries).toEqual({ 2: 1 });
    await mat.undo();
    expect(shelf.get('reps')).toEqual([]);
    expect([mat.stations[0].defends, mat.lesson.tries[2]]).toEqual(['S2', 0]);
  });

  it('marks who came, pairs them for the coming rounds, and sends the marks once', async () => {
    await open();
    mat.skip();
    const noNetwork = async () => {
      throw new TypeError('no network');
    };
    const network = fetched.getMockImplementation();
    fetched.mockImplementation(noNetwork);
    await mat.tapPerson({ currentTarget: { value: '4', checked: true } });
    expect(mat.lesson.rounds.drill[0]).toEqual([[1, 2, 3]]);
    expect(mat.lesson.rounds.drill[1].flat().sort()).toEqual([1, 2, 3, 4]);
    expect(
      shelf
        .get('marks')
        .map(({ student: id, here }) => [id, here])
        .sort(),
    ).toEqual([
      [1, true],
      [2, true],
      [3, true],
      [4, true],
    ]);
    await vi.waitFor(() => expect(mat.sending).toBe(false));
    fetched.mockReset().mockImplementation(network);
    await mat.send();
    expect(fetched).toHaveBeenCalledTimes(1);
    expect(JSON.parse(fetched.mock.calls[0][1].body)).toEqual({ present: [1, 2, 3, 4], shown: [] });
    expect(shelf.get('marks')).toEqual([]);
    // Whoever has nothing to drill does not defend.
    mat.nextRound();
    expect(mat.stations.every(({ defends }) => defends !== 'S4')).toBe(true);
    // One of the running round leaves: it is made anew.
    fetched.mockImplementation(noNetwork);
    await mat.tapPerson({ currentTarget: { value: '1', checked: false } });
    expect(mat.lesson.rounds.drill[1].flat().sort()).toEqual([2, 3, 4]);
    await mat.sendMarked();
    expect(shelf.get('marks')).toHaveLength(1);
  });

  it('keeps those under 16 apart only where it is said, and puts together whom least speaks against', async () => {
    mat.kit.students = [1, 2, 3, 4].map((id) => student(id, { isYouth: id < 3 }));
    const [course] = mat.kit.classes;
    Object.assign(course, { planned: [1, 2, 3], here: [1, 2, 3], apart: { drill: false, pressure: true } });
    // In two of the three rounds that four people have, 1 and 2 need not meet.
    course.against = [[], [4], [0, 0]];
    await open();
    await mat.tapPerson({ currentTarget: { value: '4', checked: true } });
    expect(pairsOf(mat.lesson.rounds.drill).sort()).toEqual(['1 3', '1 4', '2 3', '2 4']);
    expect(pairsOf(mat.lesson.rounds.pressure).sort()).toEqual(['1 2', '3 4']);
    // A kit from before says neither: they are apart.
    delete course.apart;
    delete course.against;
    await mat.tapPerson({ currentTarget: { value: '3', checked: false } });
    expect(mat.lesson.rounds.drill.map((round) => round.map((together) => [...together].sort()))).toEqual([
      [[1, 2], [4]],
      [[1, 2], [4]],
    ]);
  });

  it('puts all back where they were when somebody is ticked off by mistake', async () => {
    mat.kit.students = [1, 2, 3, 4, 5, 6].map((id) => student(id));
    const [course] = mat.kit.classes;
    course.planned = [1, 2, 3, 4, 5, 6];
    course.rounds = {
      drill: [[[1, 2], [3, 4], [5, 6]], [[1, 3], [2, 5], [4, 6]]],
      pressure: [[[1, 4], [2, 6], [3, 5]]],
    };
    const as = JSON.stringify(course.rounds);
    await open();
    mat.skip();
    const tap = (value, checked) => mat.tapPerson({ currentTarget: { value, checked } });
    await tap('4', false);
    // Who stays stays; nobody is at an empty place.
    expect(mat.lesson.rounds.drill[0]).toEqual([[1, 2, 3], [], [5, 6]]);
    expect(mat.stations.map(({ place }) => place)).toEqual([0, 2]);
    mat.chooseStation({ currentTarget: { dataset: { place: '2' } } });
    expect(mat.chosenStation.place).toBe(2);
    expect(mat.lesson.rounds.drill[1].flat().sort()).toEqual([1, 2, 3, 5, 6]);
    await tap('4', true);
    expect(JSON.stringify(mat.lesson.rounds)).toBe(as);
    // Who is late waits for the next round.
    mat.kit.students.push(student(7));
    await tap('7', true);
    expect(mat.lesson.rounds.drill[0]).toEqual([[1, 2], [3, 4], [5, 6]]);
    expect(mat.lesson.rounds.drill[1].flat().sort()).toEqual([1, 2, 3, 4, 5, 6, 7]);
    expect(mat.waits).toContain('class.waits');
    mat.nextRound();
    expect(mat.waits).toBe('');
  });

  it('lets those meet under pressure who do not meet in what is drilled, where people come or leave', async () => {
    mat.kit.students = [1, 2, 3, 4, 5, 6].map((id) => student(id));
    const [course] = mat.kit.classes;
    course.planned = [1, 2, 3, 4, 5];
    course.rounds = {
      drill: [[[1, 2], [3, 4, 5]], [[1, 3], [2, 4, 5]], [[1, 4], [2, 3, 5]]],
      pressure: [[[1, 2], [3, 4, 5]], [[1, 5], [2, 3, 4]]],
    };
    await open();
    // Six people have fifteen pairs: three rounds of one, two of the other, and nobody meets twice.
    await mat.tapPerson({ currentTarget: { value: '6', checked: true } });
    const { drill, pressure } = mat.lesson.rounds;
    expect(new Set([...pairsOf(drill), ...pairsOf(pressure)]).size).toBe(15);
    // The plan of five has them meet twice: it is still what comes where all are as planned again.
    await mat.tapPerson({ currentTarget: { value: '6', checked: false } });
    expect(mat.lesson.rounds).toEqual(course.rounds);
  });

  it('runs on while one pair is called in front of all, and ends after it', async () => {
    await open();
    mat.pause();
    mat.skip();
    mat.chooseStation({ currentTarget: { dataset: { place: '0' } } });
    mat.next = vi.fn(() => {
      mat.phase = 'ready';
    });
    mat.callPair();
    expect([mat.phase, mat.people.map(({ id }) => id), mat.set.rung]).toEqual(['ready', [2, 1], 1]);
    run(400);
    expect(mat.blockName).toBe('Close');
    run(400);
    expect([mat.phase, mat.blockName, mat.isTicking]).toEqual(['ready', 'Close', false]);
    mat.phase = 'class';
    mat.askEnd();
    mat.askEnd();
    expect(mat.phase).toBe('class over');
  });

  it('goes on where it was after the page was closed', async () => {
    await open();
    mat.pause();
    mat.skip();
    vi.setSystemTime(Date.now() + 60_000);
    mat.lesson = null;
    await mat.resumeClass();
    expect([mat.phase, mat.blockName, mat.face]).toEqual(['class', 'Drill', '5:00']);
    mat.kit = { ...kit(), school: 4 };
    [mat.lesson, mat.phase] = [null, 'setup'];
    await mat.resumeClass();
    expect(mat.phase).toBe('setup');
  });
});
