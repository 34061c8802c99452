// Reads a calendar file from standard input with ical.js and prints its events as JSON: what they are called, how they repeat,
// and the next sixty times, in the zone of the file as its own rules have it. For the tests of what PHP wrote.
// Usage: node scripts/read-calendar.mjs < FILE.ics
import ICAL from 'ical.js';

const TIMES = 60;

const chunks = [];
for await (const chunk of process.stdin) {
  chunks.push(chunk);
}
const calendar = new ICAL.Component(ICAL.parse(Buffer.concat(chunks).toString('utf8')));
for (const rules of calendar.getAllSubcomponents('vtimezone')) {
  ICAL.TimezoneService.register(rules);
}
const events = calendar.getAllSubcomponents('vevent').map((part) => {
  const event = new ICAL.Event(part);
  const times = [];
  const next = event.iterator();
  for (let time = next.next(); time && times.length < (event.isRecurring() ? TIMES : 1); time = next.next()) {
    const pad = (number) => String(number).padStart(2, '0');
    times.push({
      clock: `${pad(time.hour)}:${pad(time.minute)}`,
      // ICAL counts from Sunday, 1.
      weekday: ((time.dayOfWeek() + 5) % 7) + 1,
      utc: time.toUnixTime(),
    });
  }
  return { summary: event.summary, rule: part.getFirstPropertyValue('rrule')?.toString() ?? '', times };
});
console.log(
  JSON.stringify(events.sort((one, other) => one.times[0].clock.localeCompare(other.times[0].clock))),
);
