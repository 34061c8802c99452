<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes;

use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * Something to heed before an athlete jumps, and that still binds.
 */
final readonly class CautionView
{
    private function __construct(public Caution $code, public string $name, public string $sentence)
    {
    }

    /**
     * @return list<self>
     */
    public static function standing(Judged $judged): array
    {
        $words = MessageCatalogue::in(LengthUnit::Centimetre);
        $views = [];
        foreach ($judged->health->standing as $note) {
            $views[] = new self(
                $note->caution,
                MessageCatalogue::name(Term::of($note->caution)),
                $words->sentence($judged->health->about($note)),
            );
        }

        return $views;
    }
}
