<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\Library\FirstDoubles;
use Zumbo\Core\Drill\Library\FirstTurns;
use Zumbo\Core\Drill\Library\Footwork;
use Zumbo\Core\Drill\Library\Freestyle;
use Zumbo\Core\Drill\Library\Games;
use Zumbo\Core\Drill\Library\HandsForDoubles;
use Zumbo\Core\Drill\Library\Linking;
use Zumbo\Core\Drill\Library\LowImpact;
use Zumbo\Core\Drill\Library\Mixes;
use Zumbo\Core\Drill\Library\TallAndQuick;
use Zumbo\Core\Drill\Library\Turning;
use Zumbo\Core\Drill\Library\TwoRopes;
use Zumbo\Core\Drill\Library\WarmAndCool;
use Zumbo\Core\Drill\Library\WithoutRope;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\Sound;
use Zumbo\Core\Method\WarmUp;
use Zumbo\Core\Stage\Stage;

/**
 * The files of the drill library, one to a family.
 *
 * @phpstan-type Row array{
 *     title: string, stages: non-empty-list<Stage>, beat: array{string, int}, count: array{CountKind, int, int},
 *     cue: string, why: string, how: string, watch: string, mistake: string, main?: true|list<Method>, instead?: true,
 *     work?: DrillWork, methods?: list<Method>, warmUp?: WarmUp, sound?: Sound, needs?: list<Equipment>, fixes?: list<string>,
 *     loads?: list<BodyPart>, easier?: string, harder?: string, caution?: string,
 * }
 */
enum DrillFamily: string
{
    case Turning = 'turning';
    case HandsForDoubles = 'hands-for-doubles';
    case LowImpact = 'low-impact';
    case WithoutRope = 'without-rope';
    case FirstTurns = 'first-turns';
    case TallAndQuick = 'tall-and-quick';
    case FirstDoubles = 'first-doubles';
    case Mixes = 'mixes';
    case Linking = 'linking';
    case Footwork = 'footwork';
    case Freestyle = 'freestyle';
    case Games = 'games';
    case TwoRopes = 'two-ropes';
    case WarmAndCool = 'warm-and-cool';
    /** What a gym added: nothing of it is in the library. */
    case Own = 'own';

    public function title(): string
    {
        return match ($this) {
            self::Turning => 'Turning the rope',
            self::HandsForDoubles => 'Hands for doubles',
            self::LowImpact => 'Without landings',
            self::WithoutRope => 'Without a rope',
            self::FirstTurns => 'First turns and singles',
            self::TallAndQuick => 'Tall, slow and quick',
            self::FirstDoubles => 'First doubles',
            self::Mixes => 'Doubles among singles',
            self::Linking => 'Doubles in a row',
            self::Footwork => 'Footwork',
            self::Freestyle => 'Crosses, swings and poses',
            self::Games => 'Ladders, games and timed sets',
            self::TwoRopes => 'Two turned ropes',
            self::WarmAndCool => 'Warm-up and cool-down',
            self::Own => 'The gym’s own',
        };
    }

    /**
     * @return array<string, Row> by code
     */
    public function rows(): array
    {
        return match ($this) {
            self::Turning => Turning::rows(),
            self::HandsForDoubles => HandsForDoubles::rows(),
            self::LowImpact => LowImpact::rows(),
            self::WithoutRope => WithoutRope::rows(),
            self::FirstTurns => FirstTurns::rows(),
            self::TallAndQuick => TallAndQuick::rows(),
            self::FirstDoubles => FirstDoubles::rows(),
            self::Mixes => Mixes::rows(),
            self::Linking => Linking::rows(),
            self::Footwork => Footwork::rows(),
            self::Freestyle => Freestyle::rows(),
            self::Games => Games::rows(),
            self::TwoRopes => TwoRopes::rows(),
            self::WarmAndCool => WarmAndCool::rows(),
            self::Own => [],
        };
    }
}
