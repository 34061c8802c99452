<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Shown;

use Zumbo\App\Entity\Card\CardHolder;
use Zumbo\App\Shared\AttemptView;
use Zumbo\App\Shared\Home\HomeworkView;
use Zumbo\App\Shared\Plan\DrillView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\AllowanceView;
use Zumbo\Core\Measure\LengthUnit;

/**
 * What one athlete sees of themselves: rope, tonight's few minutes, the next gate; and of nobody else.
 */
final readonly class OwnCardView
{
    /**
     * @param list<AttemptView>  $counted by the athlete themself, the newest first
     * @param list<CardFlagView> $flags   what only a professional's word lifts
     * @param list<CardTermView> $places  where it may hurt
     * @param list<CardTermView> $signs   warning signs
     */
    public function __construct(
        public string $firstName,
        public string $gym,
        public CardHolder $holder,
        /** A guardian states for them. */
        public bool $minor,
        public LengthUnit $unit,
        /** The gym's local day, and the instant this was read: what was kept on a phone says so. */
        public string $on,
        public string $readAt,
        /** UTC, ISO 8601: until then the link holds. */
        public string $expiresAt,
        /** Null: none of their own. */
        public ?CardRopeView $rope,
        public AllowanceView $allowance,
        /** The set that the hall shows as well; null: jumping is off. */
        public ?DrillView $drill,
        /** Taught in silence: no click. */
        public bool $silent,
        public HomeworkView $tonight,
        /** The weeks that their coach planned have no jumps today; null: they have, or nothing was planned. */
        public ?SentenceView $planned,
        /** Null at the last stage. */
        public ?SentenceView $gate,
        public array $counted,
        /** How hard today felt; null: not said yet. */
        public ?CardEffortView $effort,
        public array $flags,
        public array $places,
        public array $signs,
    ) {
    }
}
