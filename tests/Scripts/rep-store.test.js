// The reps of a device, with a store in memory: none is lost, none is sent twice, and only the school lets one go.
import { beforeEach, describe, expect, it, vi } from 'vitest';

const shelf = new Map();
let isFull = false;

vi.mock('idb-keyval', () => ({
  createStore: () => 'shelf',
  get: async (key) => shelf.get(key),
  update: async (key, how) => {
    if (isFull) throw new Error('QuotaExceededError');
    shelf.set(key, how(shelf.get(key)));
  },
}));
vi.mock('../../resources/js/offline/vault', () => ({
  cookie: () => 'token',
  open: async (value) => value?.sealed ?? null,
  seal: async (value) => ({ sealed: value }),
}));

const rep = (id, more = {}) => ({ id, school: 1, outcome: 'clean', rung: 3, ...more });
const answer = (status, body = {}) => ({ status, ok: status === 200, json: async () => body });

describe('reps that wait', () => {
  let store;

  beforeEach(async () => {
    shelf.clear();
    isFull = false;
    vi.resetModules();
    vi.useRealTimers();
    vi.stubGlobal('window', {});
    store = await import('../../resources/js/offline/rep-store');
  });

  it('keeps one draft, the last', async () => {
    await store.keep(rep('a'));
    await store.keep(rep('b'));
    expect((await store.waiting()).map(({ id }) => id)).toEqual(['a', 'b']);
    expect((await store.draft()).id).toBe('b');

    // More is said of the same rep: it takes the place of itself.
    await store.keep(rep('b', { outcome: 'hit' }));
    expect((await store.waiting()).map(({ id, outcome }) => `${id} ${outcome}`)).toEqual(['a clean', 'b hit']);
  });

  it('takes back what was not sent, and nothing else', async () => {
    await store.keep(rep('a'));
    expect(await store.takeBack('a')).toBe(true);
    expect(await store.takeBack('a')).toBe(false);
    expect(await store.waiting()).toEqual([]);
  });

  it('lets a draft go only once it is settled', async () => {
    const fetch = vi.fn(async () => answer(200, { kept: ['a'], refused: [] }));
    vi.stubGlobal('fetch', fetch);
    await store.keep(rep('a'));
    expect(await store.send('/mat/reps', 1, 50)).toBe('kept');
    expect(fetch).not.toHaveBeenCalled();

    await store.settle();
    expect(await store.send('/mat/reps', 1, 50)).toBe('kept');
    expect(fetch).toHaveBeenCalledOnce();
    expect(await store.waiting()).toEqual([]);
  });

  it('sends what the school reads, and not what is only for the device', async () => {
    const fetch = vi.fn(async () => answer(200, { kept: ['a'], refused: [] }));
    vi.stubGlobal('fetch', fetch);
    await store.keep(rep('a', { told: 'old', refused: null }));
    await store.settle();
    await store.send('/mat/reps', 1, 50);
    const { method, body, headers } = fetch.mock.calls[0][1];
    expect(method).toBe('POST');
    expect(headers['X-XSRF-TOKEN']).toBe('token');
    expect(JSON.parse(body)).toEqual({ reps: [{ id: 'a', outcome: 'clean', rung: 3 }] });
  });

  it('keeps everything while the school does not answer', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => {
        throw new TypeError('offline');
      }),
    );
    await store.keep(rep('a'));
    await store.settle();
    expect(await store.send('/mat/reps', 1, 50)).toBe('offline');
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => answer(500)),
    );
    expect(await store.send('/mat/reps', 1, 50)).toBe('offline');
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => answer(419)),
    );
    expect(await store.send('/mat/reps', 1, 50)).toBe('signed out');
    expect((await store.waiting()).map(({ id }) => id)).toEqual(['a']);
    // It was on its way: it cannot be taken back any more.
    expect(await store.takeBack('a')).toBe(false);
  });

  it('keeps what was refused, with the reason, until it is mended or discarded', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => answer(200, { kept: [], refused: [{ id: 'a', why: 'no such rung', field: 'rung' }] })),
    );
    await store.keep(rep('a', { rung: 9 }));
    await store.settle();
    expect(await store.send('/mat/reps', 1, 50)).toBe('refused');
    expect((await store.waiting())[0].refused.why).toBe('no such rung');

    await store.mend('a', { rung: 3 });
    expect(await store.waiting()).toMatchObject([{ id: 'a', rung: 3, refused: null, sent: false }]);
    await store.discard('a');
    expect(await store.waiting()).toHaveLength(1);

    expect(await store.send('/mat/reps', 1, 50)).toBe('refused');
    await store.discard('a');
    expect(await store.waiting()).toEqual([]);
  });

  it('sends so many at once, and only those of this school', async () => {
    const sizes = [];
    vi.stubGlobal(
      'fetch',
      vi.fn(async (address, { body }) => {
        const { reps } = JSON.parse(body);
        sizes.push(reps.length);
        return answer(200, { kept: reps.map(({ id }) => id), refused: [] });
      }),
    );
    for (const id of ['a', 'b', 'c', 'd', 'e']) await store.keep(rep(id));
    await store.keep(rep('x', { school: 2 }));
    await store.settle();
    expect(await store.send('/mat/reps', 1, 2)).toBe('kept');
    expect(sizes).toEqual([2, 2, 1]);
    expect((await store.waiting()).map(({ id }) => id)).toEqual(['x']);
  });

  it('takes a draft for settled once no page holds it any more', async () => {
    vi.useFakeTimers();
    await store.keep(rep('a'));
    vi.advanceTimersByTime(20_000);
    await store.hold('a');
    vi.advanceTimersByTime(20_000);
    expect((await store.draft()).id).toBe('a');
    vi.advanceTimersByTime(6_000);
    expect(await store.draft()).toBeNull();
  });

  it('goes on in the page where the browser keeps nothing', async () => {
    await store.keep(rep('a'));
    isFull = true;
    await store.keep(rep('b'));
    expect(store.isKept()).toBe(false);
    expect((await store.waiting()).map(({ id }) => id)).toEqual(['a', 'b']);
  });

  it('leaves nothing but the reps to whoever comes next', async () => {
    const deleted = [];
    vi.stubGlobal('window', { caches: { keys: async () => ['mat-1'] } });
    vi.stubGlobal('caches', { delete: async (name) => deleted.push(name) });
    await store.kept.save({ students: ['Ada'] });
    await store.session.save({ turn: 2 });
    await store.keep(rep('a'));
    await store.forget();
    expect(deleted).toEqual(['mat-1']);
    expect(await store.kept.load()).toBeNull();
    expect(await store.session.load()).toBeNull();
    expect(await store.waiting()).toHaveLength(1);
    // A kit that comes while somebody signs out is not kept any more.
    await store.kept.save({ students: ['Ada'] });
    expect(await store.kept.load()).toBeNull();
  });
});
