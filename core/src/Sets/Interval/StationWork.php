<?php

declare(strict_types=1);

namespace Zumbo\Core\Sets\Interval;

use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Stage\Stage;

/**
 * What is done at a station, by the words a coach gives it: how many reps and contacts a minute, and which jump.
 *
 * Hand work costs no contact, hops about 100 a minute, tall singles and the rest their beat, doubles as many as somebody
 * of that stage brings together with the restarts (20 in 20 s, 25 from Hold on: common practice, no published source; the
 * rest is our assumption). An unknown name costs what the set's own beat costs.
 */
final readonly class StationWork
{
    /** What is done without a landing. */
    private const STILL = '/one.?hand|side (turn|swing)|hand ?work|handle|elbow|mirror|plank|hollow|stretch|rest|breath|watch|listen|'
        .'\bsit|seated|standing/i';

    /** words → contacts a minute and what is jumped; the first that is met counts */
    private const KINDS = [
        '/double bounce/i' => [160.0, null],
        '/tall|power|slow single/i' => [103.0, JumpKind::TallSingle],
        '/without (a )?rope|no rope|hop|pogo/i' => [100.0, null],
        '/clap|bar/i' => [60.0, null],
        '/quick|fast|speed/i' => [120.0, JumpKind::QuickSingle],
        '/single|bounce|step|jog|run/i' => [95.0, JumpKind::Single],
    ];
    private const DOUBLES = 60.0;
    private const STRONG_DOUBLES = 75.0;

    private function __construct(
        public float $contactsPerMinute,
        /** What the strip shows; null: no jump over a turning rope. */
        public ?JumpKind $kind,
        /** As many as are to be done, and then it is over; null: as long as the work lasts. */
        public ?int $target,
    ) {
    }

    /**
     * @param string|null $station null: the set's own jumps
     * @param Rate        $own     the beat of the set's own jumps, and of a name nobody knows
     */
    public static function at(?string $station, Stage $stage, Rate $own): self
    {
        $target = 1 === preg_match('/^\s*(\d{1,4})\b(?!\s*(s|sec|min)\b)/i', $station ?? '', $found) ? (int) $found[1] : null;
        // "5 reps" are five of the set's own jumps.
        if (null === $station || 1 === preg_match('/^\s*\d+ reps?\s*$/i', $station)) {
            return new self($own->countPerMinute(), $stage->isBefore(Stage::Snap) ? JumpKind::Single : JumpKind::Double, $target);
        }
        if (1 === preg_match(self::STILL, $station) || true === DrillTable::titled($station)?->isWithoutLandings()) {
            return new self(0.0, null, $target);
        }
        if (1 === preg_match('/double(?! bounce)|\bdu\b/i', $station)) {
            return new self($stage->isBefore(Stage::Hold) ? self::DOUBLES : self::STRONG_DOUBLES, JumpKind::Double, $target);
        }
        foreach (self::KINDS as $words => [$rate, $kind]) {
            if (1 === preg_match($words, $station)) {
                return new self($rate, $kind, $target);
            }
        }

        return new self($own->countPerMinute(), null, $target);
    }

    /** In so many seconds; at most what is to be done. */
    public function contacts(int $seconds): float
    {
        $all = ($seconds * $this->contactsPerMinute) / 60;

        return null === $this->target ? $all : min($all, (float) $this->target);
    }

    /** Seconds for what is to be done; null: as long as the work lasts, or nobody knows. */
    public function secondsForTarget(): ?float
    {
        return null === $this->target || 0.0 === $this->contactsPerMinute ? null : (60 * $this->target) / $this->contactsPerMinute;
    }
}
