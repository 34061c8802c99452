<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

final readonly class CableAdviceView
{
    /**
     * @param list<SentenceView> $reasons
     */
    private function __construct(
        public CableFamily $family,
        public string $name,
        public float $diameterM,
        public float $pullN,
        public array $reasons,
    ) {
    }

    public static function of(CableAdvice $advice, LengthUnit $unit): self
    {
        return new self(
            $advice->family,
            MessageCatalogue::name(Term::of($advice->family)),
            $advice->family->diameter(),
            $advice->pullN,
            SentenceView::listOf($advice->reasons, $unit),
        );
    }
}
