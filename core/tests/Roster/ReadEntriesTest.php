<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Roster;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Roster\Entries\DayOrder;
use Zumbo\Core\Roster\Entries\EntryList;
use Zumbo\Core\Roster\Entries\ListedEntry;
use Zumbo\Core\Roster\LineFault;
use Zumbo\Core\Roster\Sheet;

final class ReadEntriesTest extends TestCase
{
    /**
     * @param list<array{string, string, int, int|null}> $entries
     * @param list<array{int, string}>                   $faults
     */
    #[DataProviderExternal(UntidyLogs::class, 'all')]
    #[DataProviderExternal(UntidyLogs::class, 'others')]
    public function testALogIsReadAsItsCoachMeantIt(string $text, array $entries, array $faults): void
    {
        $list = self::read($text);
        self::assertSame($entries, array_map(static fn (ListedEntry $one): array => [
            $one->name,
            $one->day->format('Y-m-d'),
            $one->reps,
            $one->misses,
        ], $list->entries));
        self::assertSame($faults, array_map(static fn (LineFault $fault): array => [$fault->line, $fault->field], $list->faults));
    }

    public function testWhichIsTheMonthIsAskedOnlyWhereNothingShowsIt(): void
    {
        $text = "date,name,reps,misses\n3/4/2026,Ilse,38,2\n";
        self::assertTrue(self::read($text)->dayOrderAsked);
        $answered = static fn (DayOrder $order): string => self::read($text, $order)->entries[0]->day->format('Y-m-d');
        self::assertSame('2026-04-03', $answered(DayOrder::DayFirst));
        self::assertSame('2026-03-04', $answered(DayOrder::MonthFirst));
        self::assertTrue(self::read($text, DayOrder::MonthFirst)->dayOrderAsked, 'the answer can be changed');
        self::assertFalse(self::read("date,name,reps,misses\n13/4/2026,Ilse,38,2\n3/4/2026,Femi,12,1\n")->dayOrderAsked);
    }

    public function testWhatIsInTheLogAlreadyStaysOut(): void
    {
        $text = "date,name,reps,misses\n2026-11-03,Ilse,20,1\n2026-11-03,Ilse,20,1\n2026-11-03,Femi,12,7\n";
        $there = ['Ilse Tannow 2026-11-03 20 1'];
        $list = EntryList::read(Sheet::ofText($text), self::today(), UntidyLogs::KNOWN, there: $there);
        self::assertSame(1, $list->there);
        self::assertSame(['Ilse Tannow', 'Femi Adarou'], array_column($list->entries, 'name'), 'one of two was there');
        self::assertSame('2 new entries; one is in the log already', self::said($list->says()));
    }

    public function testTwoOfOneNameAreNotToldApart(): void
    {
        $sheet = Sheet::ofText("date,name,reps,misses\n2026-11-03,Bram Hale,20,1\n");
        self::assertSame([], EntryList::read($sheet, self::today(), ['Bram Hale', 'Bram Hale'])->entries);
        self::assertCount(1, EntryList::read($sheet, self::today(), ['Bram Hale', 'Bram Hale-Orr'])->entries);
    }

    public function testItSaysWhatWouldBeRight(): void
    {
        $text = "date,name,reps,misses\n3/4/2026,Ilse,38,2\n2026-11-03,Bram,20,3\n2026-11-03,Femi,12,\n2026-12-24,Femi,12,1";
        self::assertSame([
            'Line 2, Ilse: 3/4/2026 could be 3 April or 4 March: say which comes first, the day or the month.',
            'Line 3: “Bram” could be Bram Oosterveel or Bram Hale: write more of the name.',
            'Line 4, Femi: no misses; 0 if there were none.',
            'Line 5, Femi: 2026-12-24 is still to come.',
        ], array_map(static fn (LineFault $fault): string => self::said($fault->says), self::read($text)->faults));
        self::assertSame(
            'No column of days is seen: say below which one it is.',
            self::said(self::read("Name;Reps\nIlse;38\n")->says()),
        );
    }

    private static function read(string $text, ?DayOrder $order = null): EntryList
    {
        return EntryList::read(Sheet::ofText($text), self::today(), UntidyLogs::KNOWN, order: $order);
    }

    private static function said(Verdict $verdict): string
    {
        return MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdict);
    }

    private static function today(): \DateTimeImmutable
    {
        return new \DateTimeImmutable(UntidyLogs::TODAY);
    }
}
