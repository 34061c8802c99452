<?php

declare(strict_types=1);

namespace Zumbo\Core\Measure;

/**
 * Reads a length as a coach types it: `175`, `175 cm`, `1.75 m`, `1,75 m`, `1 m 75`, `5'9"`, `5′9″`, `5 ft 9`, `69 in`.
 *
 * A bare number means centimetres above 3.0 and metres at or below. Where that reading is outside the range given
 * and feet or inches would be inside it, the parser does not guess: it asks back.
 */
final class LengthParser
{
    /** Above this a bare number is centimetres. */
    private const LARGEST_BARE_METRES = 3.0;

    private const NUMBER = '(\d{1,7}(?:\.\d{1,6})?)';
    private const FEET = "(?:'|ft|feet|foot)";
    private const INCHES = '(?:"|in|inch|inches)';
    private const LONG_UNITS = ['/(?<=[\d ])(?:centimet(?:re|er)s?|cms)$/', '/(?<=[\d ])met(?:re|er)s?$/'];
    private const FRACTIONS = ['½' => '.5', '¼' => '.25', '¾' => '.75'];

    /**
     * @throws UnreadableLength when it is no length, or could be two
     * @throws OutOfRange       when it is one outside the range
     */
    public static function parse(string $text, LengthRange $range): Length
    {
        $plain = self::plain($text);
        if (1 === preg_match('/^'.self::NUMBER.'$/', $plain, $found)) {
            return self::bare($text, (float) $found[1], $range);
        }

        return $range->check(self::withUnit($text, $plain));
    }

    /**
     * Same marks, same case, one decimal point: what is left to tell apart is the meaning.
     *
     * @throws UnreadableLength when the text is not UTF-8 or absurdly long
     */
    private static function plain(string $text): string
    {
        if (1 !== preg_match('/^.{0,60}$/us', $text)) {
            throw UnreadableLength::because('…', 'too long to be a length');
        }
        $plain = strtr(
            strtolower(trim($text, " \t\r\n")),
            self::FRACTIONS + [
                "\u{2032}\u{2032}" => '"',
                "\u{2019}\u{2019}" => '"',
                "\u{2018}\u{2018}" => '"',
                "\u{2033}" => '"',
                "\u{201C}" => '"',
                "\u{201D}" => '"',
                "''" => '"',
                "\u{2032}" => "'",
                "\u{2018}" => "'",
                "\u{2019}" => "'",
                "\u{00B4}" => "'",
                '`' => "'",
                "\u{00A0}" => ' ',
                "\u{202F}" => ' ',
            ],
        );
        $plain = (string) preg_replace(self::LONG_UNITS, ['cm', 'm'], $plain);
        $plain = (string) preg_replace('/(\d),(\d{1,2})(?!\d)/', '$1.$2', $plain);

        return (string) preg_replace('/\s+/', ' ', $plain);
    }

    /**
     * @throws UnreadableLength|OutOfRange
     */
    private static function bare(string $text, float $number, LengthRange $range): Length
    {
        $usual = $number > self::LARGEST_BARE_METRES ? Length::ofCentimetres($number) : Length::ofMetres($number);
        if ($range->holds($usual)) {
            return $usual;
        }
        $others = array_filter(
            [
                \sprintf('%s in', $number) => Length::ofInches($number),
                \sprintf('%s ft', $number) => Length::ofFeetAndInches($number),
            ],
            $range->holds(...),
        );
        if ([] !== $others) {
            $unit = $number > self::LARGEST_BARE_METRES ? 'cm' : 'm';
            throw UnreadableLength::ambiguous($text, [\sprintf('%s %s', $number, $unit), ...array_keys($others)]);
        }

        return $range->check($usual);
    }

    /** @throws UnreadableLength */
    private static function withUnit(string $text, string $plain): Length
    {
        $number = self::NUMBER;
        $feet = self::FEET;
        $inches = self::INCHES;
        if (1 === preg_match("/^$number ?(mm|cm|m)$/", $plain, $found)) {
            return Length::ofMetres((float) $found[1] / ['mm' => 1000, 'cm' => 100, 'm' => 1][$found[2]]);
        }
        if (1 === preg_match('/^(\d) ?m ?(\d{2})(?: ?cm)?$/', $plain, $found)) {
            return Length::ofCentimetres((float) $found[1] * 100 + (float) $found[2]);
        }
        if (1 === preg_match("/^$number ?$inches$/", $plain, $found)) {
            return Length::ofInches((float) $found[1]);
        }
        if (1 === preg_match("/^$number ?$feet(?: ?$number ?$inches?)?$/", $plain, $found)) {
            $rest = (float) ($found[2] ?? 0);
            if ($rest >= Length::INCHES_PER_FOOT) {
                throw UnreadableLength::because($text, \sprintf('%s inches is a foot or more', $rest));
            }

            return Length::ofFeetAndInches((float) $found[1], $rest);
        }

        throw UnreadableLength::because($text, '' === $plain ? 'empty' : 'not a length');
    }
}
