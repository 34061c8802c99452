// How much is written and read in so many seconds, by ten coaches of one gym at once.
// Usage: node scripts/cluster/throughput.mjs NAME URL SECONDS
const [name, url, seconds] = process.argv.slice(2);
const AT_ONCE = 10;

function newId() {
  const time = Date.now().toString(16).padStart(12, '0');
  return `${time.slice(0, 8)}-${time.slice(8)}-7${crypto.randomUUID().slice(15)}`;
}

const headers = { 'Content-Type': 'application/json', 'csrf-token': 'csrf-token', Origin: url };
const signedIn = await fetch(`${url}/api/sign-in`, {
  method: 'POST',
  headers,
  body: JSON.stringify({ email: 'maren@saltmarsh.example', password: 'harbour rope 14' }),
});
headers.Cookie = signedIn.headers
  .getSetCookie()
  .map((one) => one.split(';')[0])
  .join('; ');
const athletes = await (await fetch(`${url}/api/athletes`, { headers })).json();

async function asMuch(act) {
  const until = Date.now() + Number(seconds) * 1000;
  const took = [];
  await Promise.all(
    Array.from({ length: AT_ONCE }, async (_, number) => {
      while (Date.now() < until) {
        const begun = performance.now();
        const answer = await act(number);
        await answer.arrayBuffer();
        if (!answer.ok) {
          throw new Error(`${name}: ${answer.status}`);
        }
        took.push(performance.now() - begun);
      }
    }),
  );
  took.sort((a, b) => a - b);
  return `${(took.length / Number(seconds)).toFixed(0)} ${took[took.length >> 1].toFixed(0)} ${took[Math.floor(took.length * 0.95)].toFixed(0)}`;
}

const written = await asMuch((number) =>
  fetch(`${url}/api/attempts/${newId()}`, {
    method: 'PUT',
    headers,
    body: JSON.stringify({
      athleteId: athletes[number].id,
      drill: 'fifty-calm',
      kind: 'sum',
      reps: 10,
      at: new Date().toISOString(),
    }),
  }),
);
const read = await asMuch((number) => fetch(`${url}/api/athletes/${athletes[number].id}/path`, { headers }));
console.log(`${name} ${written} ${read}`);
