/** A coach who is signed in: `call` asks with their session, `get` reads what comes back. */
export async function signedIn(address, email, password) {
  const headers = { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token', Origin: address };
  const answer = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    headers,
    body: JSON.stringify({ email, password }),
  });
  if (answer.status !== 204) throw new Error(`could not sign in: ${answer.status}`);
  const cookie = answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
  const call = (method, path, body, more = {}) =>
    fetch(address + path, { method, headers: { ...headers, cookie, ...more }, body });
  return { cookie, call, get: async (path) => (await call('GET', path)).json() };
}
