<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;

/**
 * Who does what, given anew while the clock runs.
 */
final readonly class ProgrammesInput
{
    /**
     * @param list<ProgrammeInput> $programmes
     */
    public function __construct(#[Assert\Count(min: 1, max: 40)] #[Assert\Valid] public array $programmes)
    {
    }

    /**
     * @return list<array{title: string, text: string, keepLastRest: bool, athletes: list<string>}>
     *
     * @throws BadField when somebody would do two things at once, or a text can't be read
     */
    public function kept(): array
    {
        return self::keptOf($this->programmes);
    }

    /**
     * @param list<ProgrammeInput> $programmes
     *
     * @return list<array{title: string, text: string, keepLastRest: bool, athletes: list<string>}>
     */
    public static function keptOf(array $programmes): array
    {
        $kept = $seen = [];
        foreach ($programmes as $at => $programme) {
            $kept[] = $one = $programme->kept($at);
            foreach ($one['athletes'] as $athlete) {
                if (isset($seen[$athlete])) {
                    throw BadField::of("programmes[$at].athletes", $athlete, 'each athlete in one programme');
                }
                $seen[$athlete] = true;
            }
        }

        return $kept;
    }
}
