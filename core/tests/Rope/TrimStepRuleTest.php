<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\TrimStepRule;

/**
 * Common practice, no published source: one to three centimetres a side, never two steps in one session.
 */
final class TrimStepRuleTest extends TestCase
{
    #[DataProvider('steps')]
    public function testTakesSmallStepsOneASession(float $wantedCm, bool $sizedToday, bool $cut, ?string $accepted): void
    {
        $rule = TrimStepRule::of(Length::ofCentimetres(250), Length::ofCentimetres($wantedCm), $sizedToday, $cut);
        self::assertSame($accepted, self::say($rule->accepted));
    }

    /**
     * @return iterable<string, array{float, bool, bool, ?string}>
     */
    public static function steps(): iterable
    {
        $tooMuch = 'at most 6 cm shorter: 3 cm per side at once';
        yield 'one centimetre a side' => [248, false, false, null];
        yield 'three a side' => [244, false, false, null];
        yield 'three a side of a rope with its tails cut' => [244, false, true, null];
        yield 'four a side' => [242, false, false, $tooMuch];
        yield 'four a side, today' => [242, true, false, $tooMuch];
        yield 'the same' => [250, false, false, 'another length than it has now'];
        yield 'a second step today' => [248, true, false, 'one step a session'];
        yield 'let out again, today' => [256, true, false, null];
        yield 'let out, however far' => [280, false, false, null];
        yield 'let out what was cut' => [
            252,
            false,
            true,
            'a shorter length: the tails are cut, it can’t be let out',
        ];
    }

    public function testSaysWhyASecondStepWaits(): void
    {
        $rule = TrimStepRule::of(Length::ofCentimetres(250), Length::ofCentimetres(247), true, false);
        self::assertSame('This length is from today: never two steps in one session.', self::say($rule->reason));
    }

    public function testTheHistorySaysWhichWayItWent(): void
    {
        [$long, $short] = [Length::ofCentimetres(250), Length::ofCentimetres(246)];
        self::assertSame('trimmed from 250 cm', self::say(TrimStepRule::note($long, $short)));
        self::assertSame('let out from 246 cm', self::say(TrimStepRule::note($short, $long)));
    }

    private static function say(?Verdict $verdict): ?string
    {
        return null === $verdict ? null : MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdict);
    }
}
