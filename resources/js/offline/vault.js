// What the mat keeps of people is sealed with a key that lives in a cookie for as long as the session does: once the
// session is over nobody reads a name on the device, with or without this page.
const COOKIE = 'stone_drill_mat';

export const cookie = (name) =>
  decodeURIComponent(
    document.cookie
      .split('; ')
      .find((one) => one.startsWith(`${name}=`))
      ?.slice(name.length + 1) ?? '',
  );

/** Whether somebody's session is on, as far as this device knows. */
export const isOpen = () => cookie(COOKIE) !== '';

const key = async () => {
  const text = cookie(COOKIE);
  if (!text || !globalThis.crypto?.subtle) return null;
  return crypto.subtle.importKey(
    'raw',
    Uint8Array.from(text.match(/../g), (pair) => parseInt(pair, 16)),
    'AES-GCM',
    false,
    ['encrypt', 'decrypt'],
  );
};

/** Null where nothing can be sealed: over plain http, or with no session. Such a value is not kept at all. */
export async function seal(value) {
  const secret = await key();
  if (!secret) return null;
  const iv = crypto.getRandomValues(new Uint8Array(12));
  return {
    iv,
    sealed: await crypto.subtle.encrypt(
      { name: 'AES-GCM', iv },
      secret,
      new TextEncoder().encode(JSON.stringify(value)),
    ),
  };
}

/** Null where it was sealed in another session, or not at all. */
export async function open(value) {
  const secret = await key();
  if (!secret || !value?.sealed) return null;
  try {
    return JSON.parse(
      new TextDecoder().decode(await crypto.subtle.decrypt({ name: 'AES-GCM', iv: value.iv }, secret, value.sealed)),
    );
  } catch {
    return null;
  }
}
