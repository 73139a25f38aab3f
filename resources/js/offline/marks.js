// Who came to a class, as it was marked on this device, until the school has it. The last mark of somebody counts; sent twice it
// is one.
import { change, read } from './store';
import { cookie } from './vault';

export const marks = async () => (await read('marks')) ?? [];

/** @param {{ address: string, school: number, student: number, here: boolean }} mark `address` is where the class takes it */
export const mark = (one) => change('marks', (all = []) => [...all.filter(({ address, student }) => address !== one.address || student !== one.student), one]);

const sent = (those) => (all = []) => all.filter((one) => !those.some((gone) => gone.address === one.address && gone.student === one.student && gone.here === one.here));

/** @returns {Promise<boolean>} whether all that was marked in this school has got there, or can never */
export async function sendMarks(school) {
  const waiting = (await marks()).filter((one) => one.school === school);
  for (const address of new Set(waiting.map((one) => one.address))) {
    const those = waiting.filter((one) => one.address === address);
    const ids = (here) => those.filter((one) => one.here === here).map(({ student }) => student);
    let response;
    try {
      response = await fetch(address, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'HX-Request': 'true', 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') },
        body: JSON.stringify({ present: ids(true), shown: ids(false) }),
      });
    } catch {
      return false;
    }
    // A class that is gone takes no marks any more.
    if (!response.ok && response.status !== 404) return false;
    await change('marks', sent(those));
  }
  return true;
}
