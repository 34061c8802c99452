<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;

/**
 * Turns a verdict into the one sentence a coach reads. The only place in PHP where verdicts get words, for screens,
 * print and command line alike.
 *
 * A sentence is a template; `{name}` prints a value: `…_m` as a length in the coach's unit, other numbers with two
 * digits, and strings through the table of names.
 */
final readonly class MessageCatalogue
{
    private const SENTENCES = [
        'rope.by_landmark' => 'Cable {cable_m}: {school} school, {stance}, {reading}; the {school} is estimated from height, so ± {uncertainty_m}. Tape it to be surer.',
        'rope.by_taped_landmark' => 'Cable {cable_m}: {school} school, {stance}, {reading}; the {school} is taped at {reach_m}, so ± {uncertainty_m}.',
        'rope.rule_of_height' => 'Cable {cable_m}: rule of height, overall {overall_m} is height plus 91 cm (3 ft).',
        'rope.spare_arc' => 'Turning, it hangs {spare_arc_m} deeper than the floor with the hands in the usual place: {phase}.',
        'rope.usual_school_misfits' => 'The {school} school, usual at this stage, would give {cable_m} of cable and {spare_arc_m} of spare arc: too {too} for this height.',
        'rope.spread' => 'The schools spread over {spread_m}, from {least_m} to {most_m}: they differ in landmark, stance and in what is held there.',
        'fit.right' => 'Right for this stage.',
        'fit.catches_feet' => 'Too little arc: the rope catches the feet or the toes.',
        'fit.check_hands_first' => 'Check the hands before lengthening it: hands that drift out or up make any rope shorter.',
        'fit.lags' => 'Too much arc: the rope lags behind the hands and costs more effort.',
        'fit.lands_in_front' => 'It meets the floor too far in front of the toes.',
        'cable.learning' => '{family}: heavy enough to be felt and heard while the beat is learned.',
        'cable.approaching' => '{family}: still felt, and light enough to be whipped through twice.',
        'cable.linking' => '{family}: little drag at the rate of linked doubles.',
        'cable.pull' => 'It pulls about {pull_n} N on each hand at {turns_per_min} turns a minute.',
        'arc.headline_spare' => '{cable_m} of cable leaves {spare_arc_m} of spare arc',
        'arc.headline_snug' => '{cable_m} of cable just brushes the floor',
        'arc.headline_short' => '{cable_m} of cable is too short: {missing_m} of arc are missing',
        'arc.over_head' => '{head_clearance_m} over the head',
        'arc.hits_head' => 'hits the head: {missing_m} too low',
        'arc.head_unknown' => 'head clearance needs the height',
        'arc.drags' => 'hands in: {spare_arc_m} of spare arc, {dragging_m} of rope drag on the floor',
        'arc.passes_above' => 'hands in: passes {missing_m} above the floor',
        'arc.wide_hands' => 'each hand {each_hand_m} wider: {rise_m} of arc are gone',
        'arc.cannot_reach' => 'each hand {each_hand_m} wider: the rope no longer reaches',
        'arc.ceiling' => 'needs a ceiling of {ceiling_m}, a low jump included',
        'gate.unknown_streak' => 'Nothing logged yet towards {count} unbroken',
        'gate.unknown_tries' => 'Nothing logged yet towards {count} clean of {tries}',
        'gate.unknown_hold' => 'Nothing logged yet towards {count} s without a miss',
        'gate.hardly_streak' => 'Hardly ever reaches {count} unbroken yet',
        'gate.hardly_tries' => 'Hardly ever gets {count} clean of {tries} yet',
        'gate.hardly_hold' => 'Hardly ever holds {count} s without a miss yet',
        'gate.once_streak' => 'Reaches {count} about once in 10',
        'gate.once_tries' => 'Gets {count} clean of {tries} about once in 10',
        'gate.once_hold' => 'Holds {count} s without a miss about once in 10',
        'gate.in_ten_streak' => 'Reaches {count} about {in_ten} times in 10',
        'gate.in_ten_tries' => 'Gets {count} clean of {tries} about {in_ten} times in 10',
        'gate.in_ten_hold' => 'Holds {count} s without a miss about {in_ten} times in 10',
        'gate.almost_always_streak' => 'Reaches {count} almost every time',
        'gate.almost_always_tries' => 'Gets {count} clean of {tries} almost every time',
        'gate.almost_always_hold' => 'Holds {count} s without a miss almost every time',
        'gate.basis_none' => 'Rests on what is usual at this stage alone.',
        'gate.basis_more' => 'Rests on {entries} logged; about {more} more would settle it.',
        'gate.basis_far' => 'Rests on {entries} logged; it would take more than {more} to settle it.',
        'gate.basis_settled' => 'Rests on {entries} logged; settled.',
        'gate.basis_settled_sums' => 'Rests on {entries} logged, some as sums of a set, which tell less; settled.',
        'gate.next_open' => 'The gate is open: look at {quality}, then move on.',
        'gate.next_first' => 'Log the first set of this stage.',
        'gate.next_quality' => 'Count is not all: log the next ones clean, with {quality}.',
        'gate.next_few' => 'It looks good on little: log {missing} more to be sure.',
        'gate.next_close' => 'Close: keep this set, one cue only.',
        'gate.next_practise' => 'Keep practising this set; shorter goes, more of them clean.',
        'set.in_turn' => 'Drill {number} of {of} at this stage, in turn: {why}.',
        'pacing.plan' => '{plan}, restart each set with one single',
        'pacing.unbroken' => '{reps} unbroken',
        'pacing.no_breaks' => 'No planned break: the chance of a miss hardly rises within a set, or a break costs as much as a miss.',
        'pacing.hardly' => 'Breaks hardly matter here: sets of {from} to {to} are as good as the best, and unbroken costs about {lost_s} s.',
        'pacing.pays' => 'Breaking pays: unbroken would take about {lost_s} s longer. Sets of {from} to {to} are as good as the best.',
        'pacing.tires' => 'From {goes} logged goes: misses come with tiredness (shape {shape}).',
        'pacing.even' => 'From {goes} logged goes: a miss is about as likely early as late (shape {shape}).',
        'pacing.starts_badly' => 'From {goes} logged goes: most misses come at the start (shape {shape}).',
        'pacing.from_stage' => 'Too few single goes are logged to see a curve: one chance for every rep, from {entries} entries and what is usual at this stage.',
        'ladder.easy' => 'Every rung is made almost every time: raise the top when practice is meant',
        'ladder.fits' => 'Rung {rung}, {pattern}, is the hardest: made about {in_ten} times in 10; about {misses} misses in all',
        'ladder.hard' => 'Rung {rung}, {pattern}, is too hard for practice: made about {in_ten} times in 10, about {misses} misses in all',
        'load.within' => 'About {contacts} contacts, {before} before it today: within the {cap} that are enough for a session at this stage.',
        'load.over' => 'About {contacts} contacts, {before} before it today: more than the {cap} that are enough for a session at this stage. Make it shorter, or keep it for another day.',
        'fault.cue' => 'One cue: “{cue}”. Drill: {drill}.',
        'fault.check_rope_then' => 'Check the rope first. Then one cue: “{cue}”; drill: {drill}.',
        'fault.rope' => 'The rope, not the athlete: {drill}.',
        'trim.there' => '{cable_m} is there already: nothing to trim.',
        'trim.too_short' => '{cable_m} is shorter than the goal of {goal_m}: what is cut off can not be put back; it takes another cable.',
        'trim.path' => '{steps} trims from {cable_m} to {goal_m}, never two in one session. Nothing is cut until the length is settled: keep 5 cm (2 in) spare on each side, taped flat.',
        'trim.gate' => 'When the hands stay narrow and three sets hold at {before_m}.',
        'trim.gate_open' => 'The last {held} sets held without a miss. If the hands stay narrow, take the next step.',
        'trim.gate_waits' => 'Held without a miss so far: {held} of {sets} sets in a row.',
        'trim.once_a_session' => 'This length is from today: never two steps in one session.',
        'trim.no_before' => 'Nothing was logged with the length before it: nothing to compare with. Go by the hands and the sound.',
        'trim.wait' => '{entries} logged since the trim: wait for {least} at least, on more than one day.',
        'trim.helped' => 'Keep it: {after} misses in 100 reps since the trim, {before} before it.',
        'trim.hurt' => 'Let it out again: {after} misses in 100 reps since the trim, {before} before it. First check that the hands have not drifted out.',
        'trim.cannot_tell' => 'Cannot tell yet: {after} misses in 100 reps since the trim, {before} before it. About {more} more logged would tell.',
        'trim.never_tells' => 'Cannot tell: {after} misses in 100 reps since the trim, {before} before it, and too little was logged before it. Go by the hands and the sound.',
        'tails.not_there' => 'Do not cut: {left_m} over the goal of {goal_m} are still to be trimmed, and a cut rope can not be let out.',
        'tails.let_out_first' => 'Do not cut: misses became more with this length; let it out first.',
        'tails.too_new' => 'Do not cut yet: practices with this length so far: {practices}; wait for {least}. Keep 5 cm (2 in) spare on each side, taped flat.',
        'tails.settled' => 'Settled: practices with this length: {practices}. The tails may be cut; a cut rope can not be let out again.',
        'tails.cut' => 'The tails are cut: this rope can be trimmed, not let out.',
        'rope.goal_length' => 'Goal length from day one: no slack for drifting hands.',
        'rope.start_long' => 'Start long: {off_m} more than the goal of {goal_m}; trimmed off in small steps as the hands become quiet.',
        'arc.uneven' => 'one hand {uneven_m} higher: the rope hangs lower beside the low hand',
        'arc.hands_up' => 'each {up_m} the hands go up takes {up_m} of arc: raised hands make any rope shorter',
        'arc.meets_ahead' => 'comes down on the floor {ahead_m} ahead of the toes',
        'arc.meets_behind' => 'comes down on the floor under the feet, {ahead_m} behind the toes',
        'arc.meets_nowhere' => 'does not touch the floor',
        'fit.off_long' => '{off_m} too long: take it down to {right_m}, in small steps.',
        'fit.off_short' => '{off_m} too short: it can not be let out beyond its tails; {right_m} would be right.',
        'fit.off_none' => 'As long as it should be.',
        'fit.reaches' => 'The handle ends reach {reach_m}: {landmark}.',
        'inspect.bearing-spins' => 'Hold one handle and spin the cable: it keeps turning freely.',
        'inspect.no-kinks' => 'Lay it out straight: no kink stays.',
        'inspect.coating-whole' => 'Run it through the fingers: the coating is whole, nowhere frayed.',
        'inspect.no-strands' => 'Look at both ends and the middle: no strand of wire shows.',
        'inspect.screws-tight' => 'Pull at each handle: the screws hold.',
        'inspect.ends-safe' => 'Feel the tails: no sharp cut end, taped flat.',
        'inspect.sides-even' => 'Stand on the middle: both handles reach the same height.',
        'gear.same_as_last' => 'The same rope as last time.',
        'gear.nearer_serves' => '{tag}, {rope_m}, is nearer, but serves {holder}.',
        'gear.pinned' => 'Pinned by the coach.',
        'gear.pinned_misfit' => 'Pinned by the coach; by length and cable it would not be given.',
        'gear.pinned_unsafe' => '{tag} is pinned to them, but it failed its inspection or is not on the rack: unpin it, or mend and inspect it.',
        'gear.held_back' => '{tag}, {rope_m}, would fit {ideal_m}, but it is kept back or pinned to somebody.',
        'gear.unsafe' => '{tag}, {rope_m}, would fit {ideal_m}, but it failed its inspection: mend it, or buy one of {ideal_m}.',
        'gear.wrong_cable' => '{tag} is near {ideal_m}, but {family} is not for this stage. Buy or cut one of {ideal_m}.',
        'growth.measure_again' => 'Measured {months} months ago: at this age every {every} months.',
        'cut.proven' => 'Pieces: {pieces}. Cut from {stock} of {length}, and no way needs fewer; {waste} is left over.',
        'cut.bound' => 'Pieces: {pieces}. Cut from {stock} of {length}; at least {least} are needed, whether fewer than {stock} do is not known; {waste} is left over.',
        'explorer.contact_first' => 'Turning evenly, {passes} passes need a jump of {least_m}; {shorter_ms} ms less on the floor need only {shorter_m}. Shorten the contact first, then quicken the wrist; jump higher last.',
        'explorer.wide_hands' => 'Hands drifting {out_m} out each cost {more_m} more jump.',
        'sound.clear' => '{landings} landings and {turns} turns heard.',
        'sound.nothing' => '{landings} landings heard: too few to count. Put the phone on the floor, two steps from the jumper.',
        'sound.noisy' => 'Too noisy to count: rope and feet hardly stand out. Without music, closer to the jumper, one jumper at a time.',
        'sound.unlikely' => 'Not counted: {percent} % of what was heard is no jump that people make. Perhaps two jumped at once.',
        'rhythm.too_few' => '{jumps} jumps: {least} at least are needed to say anything of the beat.',
        'rhythm.double_bounce' => 'Two jumps on one turn: jump once, land, let the rope come.',
        'rhythm.broken' => 'Jump {rep} is not the one of the pattern: begin again from there, slower.',
        'rhythm.uneven' => 'The beat is uneven, {percent} % from jump to jump: go with the click for a while.',
        'rhythm.rushing' => 'It gets faster, {drift} jumps a minute more each minute: hold the beat.',
        'rhythm.slowing' => 'It gets slower, {drift} jumps a minute less each minute: shorter sets.',
        'rhythm.watch' => '{cadence} jumps a minute, {percent} % from jump to jump: almost even.',
        'rhythm.even' => '{cadence} jumps a minute, even: {percent} % from jump to jump.',
        'frames.unreadable' => 'At {frames} frames a second a double can not be read: film with 120 to 240.',
        'frames.late' => 'The first pass comes {after_ms} ms after take-off: the spin is late. Turn before the feet leave the floor.',
        'frames.high' => 'A rise of {jump_m}: higher than a double needs. Jump lower, turn quicker from the wrist.',
        'frames.sound' => 'Height and spin are sound: first pass {after_ms} ms after take-off.',
        'partner.face_to_face' => '{cable_m}, face to face: the rope turns {radius_m} about the holder’s hands and comes down in front of the partner’s toes.',
        'partner.side_by_side' => '{cable_m}, side by side, each with one handle: the outer hands are {span_m} apart.',
        'turned.computed' => '{cable_m} each: with the turners {apart_m} apart it passes under the feet and over the head.',
        'turned.least' => '{cable_m} each, 12 ft: with the turners {apart_m} apart {needed_m} would do, but shorter ropes leave no room to step in.',
        'gear.fits' => '{tag}, {rope_m}: as long as {ideal_m} asks.',
        'gear.long' => '{tag}, {rope_m}: {off_m} longer than {ideal_m}; it costs some effort.',
        'gear.short' => '{tag}, {rope_m}: {off_m} shorter than {ideal_m}; hands close.',
        'gear.none_fits' => 'No rope on the rack is near {ideal_m}: the nearest, {tag}, is {off_m} off. Buy or cut one of {ideal_m}.',
        'gear.empty_rack' => 'There is no shared rope yet.',
        'gear.all_taken' => 'Every rope near {ideal_m} is taken: {tag} serves {holder}. Another of {ideal_m} would do.',
        'growth.size_again' => 'Grown {grown_m} since the rope was sized at {then_m}: size it again.',
        'cue.because' => 'Because of {signs}: {fault} ({why}).',
        'cue.known' => 'Seen by the coach: {fault} ({why}).',
        'cue.step_back' => 'If {goes} goes with this cue bring nothing, step back to {stage}: {drill}.',
        'cue.watch' => 'Look at this one thing in the next set: does it still show “{sign}”? Log the goes clean or rough by it.',
        'weibull.few_misses' => 'Only {misses} misses: {needed} or more are needed to tell whether they come with tiredness.',
        'weibull.all_alike' => 'All {misses} misses came at the same rep: that is no curve.',
        'weibull.not_identified' => 'These {misses} misses fit almost any curve: log more goes.',
        'entry.miss' => '{reps}, miss',
        'entry.stopped' => '{reps}, stopped',
        'entry.time' => '{reps}, time',
        'entry.tries' => '{reps} clean of {tries}',
        'entry.hold' => '{reps} s, misses: {misses}',
        'entry.sum' => '{reps} reps, misses: {misses}',
        'class.nobody' => 'Nobody is here yet',
        'class.ready' => '{athletes} in the hall, nothing logged yet',
        'class.running' => '{athletes} in the hall, {logged} logged',
        'class.needs_look' => '{athlete} needs a look',
        'rope.reach' => 'Standing on it ({stance}), the {reading} must reach the {landmark}, {reach_m} above the floor.',
        'rope.no_reach' => 'No landmark: measure the whole rope, {overall_m} from handle end to handle end.',
        'caution.stop' => '{caution}: no jumping until the athlete confirms that a professional has cleared it.',
        'caution.pain' => '{caution}: stop where it hurts, never push through; return easy, and see a professional if it lasts.',
        'caution.ask_first' => '{caution}: ask a doctor or physiotherapist first. Offer quick toe taps on a low step, or the turn without the jump.',
        'cable.whips' => 'It whips: cover the shins, and go back to a cord when the skin pays for it.',
    ];

    private const NAMES = [
        'red-flag' => 'Warning sign (chest pain, fainting, sudden calf pain, numbness, leakage)', 'pain' => 'Pain',
        'recent-injury' => 'Recent injury', 'pregnancy' => 'Pregnancy', 'after-childbirth' => 'After childbirth',
        'pelvic-floor' => 'Pelvic floor symptoms', 'bone' => 'Bone condition', 'heart' => 'Heart condition',
        'landmark.shoulder' => 'top of the shoulder', 'landmark.armpit' => 'armpit', 'landmark.chest' => 'middle of the chest',
        'landmark.below-chest' => 'spot just under the chest muscle', 'landmark.ribs' => 'ribs', 'landmark.waist' => 'waist', 'landmark.hip' => 'hip', 'landmark.breastbone' => 'bottom of the breastbone',
        'height' => 'rule of height', 'below-chest' => 'below-the-chest',
        'one-foot' => 'one foot', 'two-feet' => 'both feet', 'pinned' => 'pinned under one arch',
        'handle-end' => 'handle ends', 'cable-end' => 'cable ends', 'overall' => 'overall length',
        'thick-cord' => 'Thick solid cord (5–6 mm)', 'medium-cord' => 'Medium cord or coated cable (3–4 mm)',
        'coated-steel' => 'Thin coated steel cable (2–2.5 mm)', 'thin-wire' => 'Bare or thinly coated wire (1.5–1.8 mm)',
        'beaded' => 'Beaded rope', 'weighted' => 'Weighted rope',
        'hands-wide' => 'hands wide, elbows out', 'arm-turning' => 'turning from the arm or shoulder', 'hands-high' => 'hands too high',
        'thumbs-forward' => 'thumbs forward, throwing', 'jump-high' => 'jump too high', 'bottom-pause' => 'pause at the bottom',
        'flat-feet' => 'toes up, flat feet', 'deep-knees' => 'deep knee bend', 'frantic-spin' => 'early or frantic spin', 'slow-spin' => 'spin too slow',
        'hands-close' => 'hands too close', 'all-for-one' => 'all for one double', 'trunk' => 'trunk drooped or rigid', 'late-feet' => 'feet drawn up late',
        'failed.bearing-spins' => 'bearing sticks', 'failed.no-kinks' => 'kinked', 'failed.coating-whole' => 'coating frayed', 'failed.no-strands' => 'strands show',
        'failed.screws-tight' => 'screws loose', 'failed.ends-safe' => 'sharp ends', 'failed.sides-even' => 'sides uneven',
        'tired' => 'tired, not technique', 'rope-worn' => 'rope worn or uneven', 'rope-size' => 'rope too long, short or light',
        'learning' => 'a learner needs that room', 'approaching' => 'enough room for the first doubles', 'linking' => 'short, as linked doubles want it',
    ];

    private function __construct(private LengthUnit $unit)
    {
    }

    public static function in(LengthUnit $unit): self
    {
        return new self($unit);
    }

    /**
     * @throws MissingMessage when the code has no sentence, or the sentence asks for a value the verdict lacks
     */
    public function sentence(Verdict $verdict): string
    {
        $template = self::SENTENCES[$verdict->code] ?? throw MissingMessage::forCode($verdict->code);

        return (string) preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $found): string => $this->print($verdict, $found[1]),
            $template,
        );
    }

    /** A name of the vocabulary as people say it. */
    public static function name(string $term): string
    {
        return self::NAMES[$term] ?? str_replace('-', ' ', $term);
    }

    /**
     * @return list<string> every code that has a sentence
     */
    public static function codes(): array
    {
        return array_keys(self::SENTENCES);
    }

    private function print(Verdict $verdict, string $key): string
    {
        $value = $verdict->values[$key] ?? throw MissingMessage::forValue($verdict->code, $key);

        return match (true) {
            \is_string($value) => 1 === preg_match('/^[a-z.-]+$/', $value) ? self::name($value) : $value,
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_int($value) => (string) $value,
            str_ends_with($key, '_m') => $this->unit->print(Length::ofMetres($value)),
            default => self::twoDigits($value),
        };
    }

    private static function twoDigits(float $value): string
    {
        return abs($value) >= 10 ? (string) (int) round($value) : \sprintf('%.1f', $value);
    }
}
