// Reps that wait on this device until the school has them. Each carries an id made here, so that sending one twice
// keeps one, and says who recorded it. None of them holds a name.
import { change, isKept, plain, read, shelfOf } from './store';
import { cookie, open, seal } from './vault';

// A rep that may still be taken back or said more of stays here, for as long as a page says so.
const DRAFT_LIFE = 25_000;
export { isKept };

export const session = shelfOf('session');
export const lesson = shelfOf('lesson');

export const kept = {
  load: async () => {
    const kit = await open(await read('kit'));
    // Of another session, or of a release that did not seal it.
    if (!kit) await change('kit', () => null);
    return kit;
  },
  drop: () => change('kit', () => null),
  save: async (value) => {
    const sealed = await seal(value);
    if (!isLeaving) await change('kit', () => sealed);
  },
};

// A kit that comes while somebody signs out is not kept any more.
let isLeaving = false;

/** Everything but the reps that wait. */
export async function forget() {
  isLeaving = true;
  for (const name of (await window.caches?.keys()) ?? []) await caches.delete(name);
  await change('kit', () => null);
  await session.save(null);
  await lesson.save(null);
}

export const waiting = async () => (await read('reps')) ?? [];

const isDraft = (rep) => Boolean(rep.draft) && Date.now() - rep.draft < DRAFT_LIFE;

/** The one rep of this device that can still be taken back. */
export const draft = async () => (await waiting()).find((rep) => isDraft(rep) && !rep.sent) ?? null;

/** Adds a rep as the draft of this device, or takes the place of the one with its id. Another draft is one no more. */
export const keep = (rep) =>
  change('reps', (reps = []) => [
    ...reps.filter((one) => one.id !== rep.id).map((one) => ({ ...one, draft: 0 })),
    { ...plain(rep), draft: Date.now() },
  ]);

/** Says that a draft is still one. */
export const hold = (id) =>
  change('reps', (reps = []) => reps.map((one) => (one.id === id && one.draft ? { ...one, draft: Date.now() } : one)));

/** No rep is a draft any more: all may go. */
export const settle = () => change('reps', (reps = []) => reps.map((one) => ({ ...one, draft: 0 })));

/** Changes a rep that the school refused, so that it is sent again; its id too, where another rep has it. */
export const mend = (id, change_) =>
  change('reps', (reps = []) =>
    reps.map((one) => (one.id === id ? { ...one, ...change_, sent: false, refused: null } : one)),
  );

/** Removes a rep that the school refused. */
export const discard = (id) => change('reps', (reps = []) => reps.filter((one) => one.id !== id || !one.refused));

/** Takes one back that was not sent yet; false when it is gone already. */
export async function takeBack(id) {
  let found = false;
  await change('reps', (reps = []) => {
    found = reps.some((one) => one.id === id && !one.sent);
    return reps.filter((one) => one.id !== id || one.sent);
  });
  return found;
}

/**
 * Sends what waits for this school. Nothing is let go of before the school has said that it has it.
 * @returns {'kept'|'offline'|'signed out'|'refused'}
 */
export async function send(address, school, atOnce) {
  for (;;) {
    let reps = [];
    // Chosen and marked in one step, so that no other page takes one back in between.
    await change('reps', (all = []) => {
      reps = all.filter((rep) => rep.school === school && !rep.refused && !isDraft(rep)).slice(0, atOnce);
      return all.map((rep) => (reps.includes(rep) ? { ...rep, sent: true } : rep));
    });
    if (reps.length === 0) return (await waiting()).some((rep) => rep.refused) ? 'refused' : 'kept';
    let response;
    try {
      response = await fetch(address, {
        method: 'POST',
        headers: {
          'Content-Type': 'application/json',
          Accept: 'application/json',
          'HX-Request': 'true',
          'X-XSRF-TOKEN': cookie('XSRF-TOKEN'),
        },
        body: JSON.stringify({ reps: reps.map(({ school: of, sent, refused, draft: till, told, ...rep }) => rep) }),
      });
    } catch {
      return 'offline';
    }
    if ([401, 403, 419].includes(response.status)) return 'signed out';
    if (!response.ok) return 'offline';
    const answer = await response.json();
    const why = new Map(answer.refused.map((one) => [one.id, one]));
    const done = new Set(answer.kept);
    await change('reps', (all = []) =>
      all
        .filter((rep) => !done.has(rep.id))
        .map((rep) => (why.has(rep.id) ? { ...rep, refused: why.get(rep.id) } : rep)),
    );
  }
}
