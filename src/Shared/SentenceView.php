<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * What a rule found: its code and the sentence a coach reads, in the gym's unit.
 */
final readonly class SentenceView
{
    private function __construct(public string $code, public string $sentence)
    {
    }

    public static function of(Verdict $verdict, LengthUnit $unit): self
    {
        return new self($verdict->code, MessageCatalogue::in($unit)->sentence($verdict));
    }

    /**
     * @param list<Verdict> $verdicts
     *
     * @return list<self>
     */
    public static function listOf(array $verdicts, LengthUnit $unit): array
    {
        return array_map(static fn (Verdict $verdict): self => self::of($verdict, $unit), $verdicts);
    }
}
