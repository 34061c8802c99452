<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * What a coach asks at a stage instead of what is usual: of the whole gym, or of one athlete.
 */
final readonly class GateSetting
{
    public const MOST_COUNT = 1_000;

    private function __construct(
        public GateChoice $choice,
        /** Null: the choice's own. */
        public ?int $count,
        /** Whether the feet are tested as well, forward and backward. */
        public bool $withFeet,
    ) {
    }

    public static function usual(): self
    {
        return new self(GateChoice::Usual, null, false);
    }

    /** @throws OutOfRange when that is no gate of the stage */
    public static function of(Stage $stage, GateChoice $choice, ?int $count, bool $withFeet): self
    {
        $usual = GateTable::of($stage, Ways::usual());
        if (null === $usual) {
            throw OutOfRange::of('stage', $stage->value, 'a stage that has a gate');
        }
        if (!\in_array($choice, GateTable::choices($stage), true)) {
            throw OutOfRange::of('choice', $choice->value, implode(', ', array_column(GateTable::choices($stage), 'value')));
        }
        $most = self::most($usual);
        if (null !== $count && ($count < 1 || $count > $most)) {
            throw OutOfRange::of('count', (string) $count, 'from 1 to '.$most);
        }
        if ($withFeet && Stage::Singles !== $stage) {
            throw OutOfRange::of('withFeet', 'yes', 'only at the stage of singles');
        }

        return new self($choice, $count, $withFeet);
    }

    /** The most that can be asked of a gate's kind. */
    public static function most(Gate $gate): int
    {
        return CountKind::Tries === $gate->countKind ? $gate->tries : self::MOST_COUNT;
    }

    /** The gate it makes of the usual one. */
    public function on(Gate $usual): Gate
    {
        $gate = $this->choice->of($usual);
        $gate = null === $this->count ? $gate : $gate->asking($this->count);

        return $this->withFeet ? $gate->withFeet() : $gate;
    }
}
