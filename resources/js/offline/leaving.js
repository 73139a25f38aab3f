// Who signs out leaves nothing of the school on the device but reps that still wait to be sent.
import { forget } from './rep-store';

export default () => {
  document.addEventListener('submit', async (event) => {
    if (!event.target.matches('form[action$="/sign-out"]')) return;
    event.preventDefault();
    try {
      await forget();
    } finally {
      event.target.submit();
    }
  });
};
