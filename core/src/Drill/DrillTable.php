<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * The drill library. All common practice, no published source; cadences and doses are our assumption within the usual
 * range of each drill.
 *
 * @phpstan-import-type Row from DrillFamily
 */
final class DrillTable
{
    public const LONGEST_ON_A_CLOCK = 40;

    /** @var array<string, Drill> those that were asked for: a drill never changes, and to read its pattern takes a while */
    private static array $read = [];

    /** @var array<string, array{DrillFamily, Row}> by code */
    private static array $rows = [];

    /** @var array<string, list<Drill>> what was asked for of a stage, by ways */
    private static array $ofStage = [];

    /**
     * @return list<Drill> family by family
     */
    public static function all(): array
    {
        return array_map(self::named(...), self::codes());
    }

    /**
     * @return non-empty-list<Drill> those that are worked through at a stage in turn, by how it is taught
     */
    public static function ofStage(Stage $stage, Ways $ways): array
    {
        $asked = implode(' ', [$stage->value, $ways->method->value, $ways->warmUp->value, $ways->sound->value]);
        $known = self::$ofStage[$asked] ??= array_values(array_filter(
            self::marked('main'),
            static fn (Drill $drill): bool => $drill->hasPlaceAt($stage) && $drill->isMainBy($ways),
        ));

        return [] === $known ? throw new \LogicException('every stage has a drill') : $known;
    }

    /**
     * @param list<BodyPart> $sore what must not be loaded
     *
     * @return list<Drill> what is done while jumping is off
     */
    public static function insteadOfJumping(Ways $ways, array $sore): array
    {
        return array_values(array_filter(
            self::marked('instead'),
            static fn (Drill $drill): bool => $drill->spares($sore) && $drill->fits($ways),
        ));
    }

    /**
     * @return list<string>
     */
    public static function codes(): array
    {
        return array_keys(self::rows());
    }

    public static function has(string $code): bool
    {
        return isset(self::rows()[$code]);
    }

    /** The drill that is called so, in capitals or not, with its commas or as a clock writes it; null: none is. */
    public static function titled(string $title): ?Drill
    {
        foreach (self::rows() as $code => [, $row]) {
            if (0 === strcasecmp($row['title'], $title) || 0 === strcasecmp(self::onAClock($row['title']), $title)) {
                return self::named($code);
            }
        }

        return null;
    }

    /** A title as a clock writes it: without what parts one thing from the next in the text of a set, and as many words as fit. */
    public static function onAClock(string $title): string
    {
        $plain = trim((string) preg_replace('/\s*[,;:()\/]+\s*/u', ' ', $title));

        return explode("\n", wordwrap($plain, self::LONGEST_ON_A_CLOCK, "\n", true))[0];
    }

    /** Whether entries of that work tell of the gate of a stage: ladders and timed sets do, a gym's own drills don't. */
    public static function tellsOfGate(string $work, Stage $stage): bool
    {
        return DrillShelf::OWN !== $work && (!self::has($work) || self::named($work)->tellsOfGateAt($stage));
    }

    /** @throws UnknownDrill when there is none of that code */
    public static function named(string $code): Drill
    {
        if (isset(self::$read[$code])) {
            return self::$read[$code];
        }
        [$family, $row] = self::rows()[$code] ?? throw UnknownDrill::of($code, self::codes());

        return self::$read[$code] = Drill::fromRow($code, $family, $row);
    }

    /**
     * @param 'main'|'instead' $mark
     *
     * @return list<Drill>
     */
    private static function marked(string $mark): array
    {
        $marked = [];
        foreach (self::rows() as $code => [, $row]) {
            if (isset($row[$mark])) {
                $marked[] = self::named($code);
            }
        }

        return $marked;
    }

    /**
     * @return array<string, array{DrillFamily, Row}> by code
     */
    private static function rows(): array
    {
        if ([] === self::$rows) {
            foreach (DrillFamily::cases() as $family) {
                foreach ($family->rows() as $code => $row) {
                    self::$rows[$code] = [$family, $row];
                }
            }
        }

        return self::$rows;
    }
}
