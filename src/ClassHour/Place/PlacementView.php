<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Place;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Path\Placement;
use Zumbo\Core\Stage\Stage;

/**
 * Where a newcomer begins, until the first practice confirms it.
 */
final readonly class PlacementView
{
    private function __construct(
        public Stage $stage,
        /** One further; null: nothing speaks for it. */
        public ?Stage $mayBe,
        public string $drillTitle,
        public string $cue,
        /** @var list<SentenceView> the first says what it rests on */
        public array $reasons,
    ) {
    }

    public static function of(Placement $placed): self
    {
        return new self(
            $placed->stage,
            $placed->mayBe,
            $placed->drill->title,
            $placed->drill->cue,
            SentenceView::listOf($placed->reasons, LengthUnit::Centimetre),
        );
    }
}
