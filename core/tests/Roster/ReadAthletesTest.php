<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Roster;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Roster\Athletes\AthleteList;
use Zumbo\Core\Roster\Athletes\ListedAthlete;
use Zumbo\Core\Roster\LineFault;
use Zumbo\Core\Roster\Sheet;

final class ReadAthletesTest extends TestCase
{
    private const YEAR = 2026;

    /**
     * @param list<array{string, int, int|null}> $athletes
     * @param list<array{int, string}>           $faults
     */
    #[DataProviderExternal(UntidyLists::class, 'all')]
    public function testAListIsReadAsItsCoachMeantIt(string $text, array $athletes, array $faults): void
    {
        $list = AthleteList::read(Sheet::ofText($text, hasHeights: true), self::YEAR);
        self::assertSame($athletes, array_map(static fn (ListedAthlete $one): array => [
            $one->name,
            (int) round($one->height->centimetres()),
            $one->birthYear,
        ], $list->athletes));
        self::assertSame($faults, array_map(static fn (LineFault $fault): array => [$fault->line, $fault->field], $list->faults));
    }
}
