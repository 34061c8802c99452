/** Behind each number of the rope desk: the rule it comes from, and how sure that is. One place for these words. */
export const whereFrom = {
  cable:
    'Length between the handles. The school’s landmark, twice, plus the rope under the feet, minus both handles; read at the cable ends the handles stay in. Landmarks are estimated from height (Winter, after Drillis & Contini; armpit and chest from memory) until they are taped.',
  overall: 'Cable plus both handles. Common practice gives the rule of height for it: height plus 3 ft.',
  cut: 'Cable plus 5 cm spare on each side plus the 2 cm that sit inside each handle (our assumption; handles differ).',
  uncertainty:
    'Landmarks differ by about 2 % of height between people; both sides hang from the landmark, so twice that. A taped one is sure to 1 cm.',
  spread: 'All six schools at this height, each with the stance and the reading it names (common practice).',
  goal: 'What somebody who links doubles would start with: the first of chest, below the chest, rule of height and armpit that leaves 0 to 11 cm of spare arc (our assumption).',
  arc: 'The curve of a rope that turns so fast that its weight does not matter (Blackwell & Reis, 1974). Gravity, air and the angle at the handle are left out.',
  wide: 'The same curve with each hand 10 cm further out.',
  raised:
    'The arc hangs from the hands: what they rise, it rises. Uneven hands tilt its axis; the same curve, turned about the line from tip to tip.',
  reach:
    'The landmark’s share of height, or what was taped; the stance and the end that is held are the school’s.',
  step: 'Today’s cable less the step on both sides; the last one ends at the goal.',
  ceiling: 'Highest point of the arc, plus a low jump of 15 cm, plus 10 cm of room (our assumption).',
  ahead:
    'A circle about the hands, as deep as the arc. The real rope lags and lands a little nearer. Hands 8 % of height ahead of the ankles, toes three quarters of a foot (our assumption).',
  pull: 'Tension of the turning rope at the handle: it grows with the square of the rate. Not better than ±10 %.',
  power:
    'What the air takes at 210 turns a minute (105 doubles): drag of a cylinder, coefficient 1.1 (Hoerner). A lower bound, not better than ±30 %.',
  circle: 'A handle tip on the axis passes no torque: it has to circle by at least this much, at any speed.',
  density:
    'Families from their make, beads and weighted ropes as weighed (from memory); your own from the kitchen scale.',
  feel: 'Pull at 120 turns a minute in four steps: a learner needs about the pull of a solid 5 mm cord (common practice).',
  effort: 'Power at doubles’ speed in four steps.',
  offBy:
    'Off from the nearest length that is right for this stage; both sides hang from the landmark, so twice the difference in height.',
  misses: 'Misses in 100 reps, of entries at the present stage while this length was used.',
  outcome:
    'The chances of a miss before and after, each with its uncertainty. Told only when nine in ten sure; otherwise how many more entries would be enough at the rates seen.',
  assignment:
    'Everybody at once: as many as possible get a rope, then the least wrong length in all. Too short counts three times too long; more than 4 cm too short or 12 cm too long is refused (common practice, the numbers our assumption).',
  ideal: 'The cable that would be sized for them today.',
  stock:
    'The fewest coils: longest piece first, then a search as long as more are used than the lower bound says. “No way needs fewer” is proven, not guessed.',
  partner:
    'Geometry with the arc of a single rope; 45 cm between the two, 15 cm between shoulders (our assumption).',
  turned: 'Never under 12 ft (common practice), and long enough to pass under the feet and over the head.',
} as const;
