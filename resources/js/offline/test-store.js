// How items of a test went, as they were marked on this device, until the school has them. What was marked last of an item counts;
// sent twice it is one.
import { change, read } from './store';
import { cookie } from './vault';

const isSame = (one, other) => ['address', 'item', 'student', 'attempt', 'by'].every((key) => one[key] === other[key]);

export const testMarks = async () => (await read('testMarks')) ?? [];

export const keepMark = (mark) => change('testMarks', (all = []) => [...all.filter((one) => !isSame(one, mark)), mark]);

/** @returns {Promise<boolean>} whether all that was marked in this school has got there, or can never */
export async function sendTestMarks(school) {
  const waiting = (await testMarks()).filter((one) => one.school === school);
  for (const address of new Set(waiting.map((one) => one.address))) {
    const those = waiting.filter((one) => one.address === address);
    let response;
    try {
      response = await fetch(address, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'HX-Request': 'true', 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') },
        body: JSON.stringify({ marks: those.map(({ item, student, attempt, outcome, by, at }) => ({ item, student, attempt, outcome, by, at })) }),
      });
    } catch {
      return false;
    }
    // A test, an item or a candidate that is gone takes no marks any more.
    if (!response.ok && ![404, 422].includes(response.status)) return false;
    await change('testMarks', (all = []) => all.filter((one) => !those.some((sent) => isSame(sent, one) && sent.at === one.at)));
  }
  return true;
}
