<?php

declare(strict_types=1);

namespace Zumbo\Core\Words;

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
final readonly class Catalogue
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
        'fault.cue' => 'One cue: “{cue}”. Drill: {drill}.',
        'fault.check_rope_then' => 'Check the rope first. Then one cue: “{cue}”; drill: {drill}.',
        'fault.rope' => 'The rope, not the athlete: {drill}.',
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
        'class.ready' => '{athletes} athletes tonight, nothing logged yet',
        'class.running' => '{athletes} athletes tonight, {logged} logged',
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
        'landmark.below-chest' => 'spot just under the chest muscle', 'landmark.breastbone' => 'bottom of the breastbone',
        'height' => 'rule of height', 'below-chest' => 'below-the-chest',
        'one-foot' => 'one foot', 'two-feet' => 'both feet', 'pinned' => 'pinned under one arch',
        'handle-end' => 'handle ends', 'cable-end' => 'cable ends', 'overall' => 'overall length',
        'thick-cord' => 'Thick solid cord (5–6 mm)', 'medium-cord' => 'Medium cord or coated cable (3–4 mm)',
        'coated-steel' => 'Thin coated steel cable (2–2.5 mm)', 'thin-wire' => 'Bare or thinly coated wire (1.5–1.8 mm)',
        'beaded' => 'Beaded rope', 'weighted' => 'Weighted rope',
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
     * @throws NoWords when the code has no sentence, or the sentence asks for a value the verdict lacks
     */
    public function sentence(Verdict $verdict): string
    {
        $template = self::SENTENCES[$verdict->code] ?? throw NoWords::forCode($verdict->code);

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
        $value = $verdict->values[$key] ?? throw NoWords::forValue($verdict->code, $key);

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
