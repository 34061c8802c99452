<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\LengthRange;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\UnreadableLength;

final class LengthParserTest extends TestCase
{
    #[DataProvider('readable')]
    public function testReadsALengthAsACoachTypesIt(string $text, float $metres): void
    {
        self::assertEqualsWithDelta($metres, LengthParser::parse($text, self::heights())->metres(), 1e-12);
    }

    /**
     * @return iterable<string, array{string, float}>
     */
    public static function readable(): iterable
    {
        // 5 ft 9 in = 69 in = 1.7526 m by definition of the inch
        foreach (
            [
                '5\'9"',
                '5′9″',
                '5’9”',
                "5'9''",
                '5 ft 9',
                '5ft 9in',
                '5 feet 9 inches',
                ' 5 FT 9 ',
                '69 in',
                '69"',
                "5'9",
            ] as $text
        ) {
            yield $text => [$text, 1.7526];
        }
        foreach (
            [
                '175',
                '175 cm',
                '175cm',
                '1.75',
                '1,75',
                '1.75 m',
                '1,75 m',
                '1 m 75',
                '1m75',
                '1750 mm',
                "1.75\u{00A0}m",
                '175.0',
            ] as $text
        ) {
            yield $text => [$text, 1.75];
        }
        yield 'a half inch' => ['5\'9½"', 1.7653];
        yield 'three is metres no longer a height but still below the limit' => ['2.3', 2.3];
        yield 'whole feet' => ['6 ft', 1.8288];
    }

    #[DataProvider('unreadable')]
    public function testRefusesWhatIsNoLength(string $text): void
    {
        $this->expectException(UnreadableLength::class);
        LengthParser::parse($text, self::heights());
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function unreadable(): iterable
    {
        foreach (
            [
                '',
                'abc',
                'nan',
                'inf',
                '1e9',
                '-175',
                '0x1F',
                '5\'12"',
                '1 m 7',
                '175 kg',
                '175;',
                "175\0",
                "\xFF",
                str_repeat('1', 200),
                '５',
            ] as $text
        ) {
            yield bin2hex($text) => [$text];
        }
    }

    public function testAsksBackWhenABareNumberCouldBeTwoLengths(): void
    {
        try {
            LengthParser::parse('69', self::heights());
            self::fail('69 was guessed');
        } catch (UnreadableLength $e) {
            self::assertSame('"69" could be 69 cm or 69 in: write the unit', $e->getMessage());
        }
    }

    public function testABareNumberOfFeetIsAskedBackToo(): void
    {
        $this->expectExceptionMessage('could be 6 cm or 6 ft');
        LengthParser::parse('6', self::heights());
    }

    #[DataProvider('outside')]
    public function testNamesValueAndAcceptedFormWhenOutOfRange(string $text, string $message): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage($message);
        LengthParser::parse($text, self::heights());
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function outside(): iterable
    {
        yield 'too small' => ['19 cm', 'Height 19 cm: between 90 and 230 cm, or like 5\'3"'];
        yield 'too tall' => ['2.31 m', 'Height 231 cm: between 90 and 230 cm'];
        yield 'a bare number nobody could mean' => ['19', 'Height 19 cm: between 90 and 230 cm'];
    }

    public function testBothEndsOfTheRangeAreIncluded(): void
    {
        self::assertSame(0.9, LengthParser::parse('90 cm', self::heights())->metres());
        self::assertSame(2.3, LengthParser::parse('230', self::heights())->metres());
    }

    private static function heights(): LengthRange
    {
        return LengthRange::of('Height', Length::ofMetres(0.9), Length::ofMetres(2.3));
    }
}
