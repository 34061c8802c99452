<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Messages;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableSources;
use Zumbo\Core\Gear\GearSources;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\RopeSources;

/**
 * What stands behind a number says the number that is used: common practice is quoted with its own figures (height and
 * three feet; twelve feet for a turned pair; 5 cm of spare a side).
 */
final class SourcesTest extends TestCase
{
    /**
     * @param list<string> $inches parts of the sentence for a coach who thinks in inches
     */
    #[DataProvider('sources')]
    public function testSaysTheNumbersOfTheRule(Verdict $source, string $centimetres, array $inches): void
    {
        self::assertStringContainsString($centimetres, MessageCatalogue::in(LengthUnit::Centimetre)->sentence($source));
        $said = MessageCatalogue::in(LengthUnit::FootAndInch)->sentence($source);
        foreach ($inches as $part) {
            self::assertStringContainsString($part, $said);
        }
        self::assertStringNotContainsString(' cm', $said);
    }

    /**
     * @return iterable<string, array{Verdict, string, list<string>}>
     */
    public static function sources(): iterable
    {
        yield 'the rule of height' => [RopeSources::overall(), 'height plus 3 ft', ['height plus 3 ft']];
        yield 'a pair turned by two' => [RopeSources::turned(), 'Never under 12 ft', ['Never under 12 ft']];
        yield 'the spare at the ends' => [RopeSources::cut(), '5 cm spare on each side', ['2 in']];
        yield 'the spread of landmarks' => [RopeSources::uncertainty(), 'about 2 %', ['about 2 %']];
        yield 'what is right' => [RopeSources::offBy(), 'From 3 cm shorter to 4 cm longer', ['1¼ in']];
        yield 'the air\'s drag' => [CableSources::power(), 'at 210 turns a minute', ['coefficient 1.1']];
        yield 'who may get which rope' => [GearSources::giving(), '4 cm too short or 12 cm too long', ['too long']];
    }
}
