<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Today;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Today\ClassTime;
use Zumbo\Core\Today\ClassTimes;
use Zumbo\Core\Today\UnreadableClassTimes;

/**
 * Timetables as gyms hang them at the door; common practice, no published source.
 */
final class ClassTimesTest extends TestCase
{
    #[DataProvider('timetables')]
    public function testATimetableIsReadAsItHangsAtTheDoor(string $written, string $read): void
    {
        $times = ClassTimes::read($written);
        self::assertSame($read, $times->written());
        self::assertSame($read, ClassTimes::read($times->written())->written(), 'what it writes it reads');
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function timetables(): iterable
    {
        yield 'one' => ['Tue 18:30 Evening class', 'Tue 18:30 Evening class'];
        yield 'whole words, half a day' => ['Tuesday 6:30 pm Evening class', 'Tue 18:30 Evening class'];
        yield 'several days' => [
            'Mon, Wed and Fri at 7am Early birds',
            "Mon 07:00 Early birds\nWed 07:00 Early birds\nFri 07:00 Early birds",
        ];
        yield 'from and to' => ['Mon-Wed 06.30', "Mon 06:30\nTue 06:30\nWed 06:30"];
        yield 'over the week\'s end' => ['Sat to Mon: 18h30 Open gym', "Mon 18:30 Open gym\nSat 18:30 Open gym\nSun 18:30 Open gym"];
        yield 'in the order of the week' => [
            "Thursdays 19:00 Doubles\n\nmo/th 17:30 Kids",
            "Mon 17:30 Kids\nThu 17:30 Kids\nThu 19:00 Doubles",
        ];
        yield 'noon and midnight' => ["Sun 12pm Noon\nSun 12 am Night", "Sun 00:00 Night\nSun 12:00 Noon"];
        yield 'the same hour twice is one class' => ["Tue 18:30 Old name\nTue 18:30 New name", 'Tue 18:30 New name'];
        yield 'nothing' => ["\n  \n", ''];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoClassIsNamedByItsLine(string $written, int $line, string $accepted): void
    {
        try {
            ClassTimes::read($written);
            self::fail('it was read');
        } catch (UnreadableClassTimes $e) {
            self::assertSame($line, $e->number);
            self::assertStringContainsString($accepted, $e->accepted);
        }
    }

    /**
     * @return iterable<string, array{string, int, string}>
     */
    public static function refused(): iterable
    {
        yield 'no hour' => ["Tue 18:30 Evening\nWed Evening", 2, 'like Tue 18:30'];
        yield 'no day' => ['18:30 Evening', 1, 'like Tue 18:30'];
        yield 'no such hour' => ['Tue 25:30', 1, 'like 18:30'];
        yield 'no such minute' => ['Tue 18:75', 1, 'like 18:30'];
        yield 'no such half' => ['Tue 18:30 pm', 1, '6:30 pm'];
        yield 'too long a name' => ['Tue 18:30 '.str_repeat('x', 61), 1, '60 characters'];
        yield 'too many' => [implode("\n", array_map(static fn (int $hour): string => "Mon-Sun $hour:00", range(1, 6))), 6, '40'];
    }

    public function testTheClassesOfADay(): void
    {
        $times = ClassTimes::read("Tue 17:00 Kids\nTue 18:30 Evening class\nThu 18:30 Evening class");
        $names = static fn (string $day): array => array_map(
            static fn (ClassTime $time): string => $time->clock().' '.$time->name,
            $times->on(new \DateTimeImmutable($day)),
        );
        self::assertSame(['17:00 Kids', '18:30 Evening class'], $names('2026-11-24'));
        self::assertSame([], $names('2026-11-25'));
        $tuesday = new \DateTimeImmutable('2026-11-24');
        self::assertTrue($times->tellsApart($tuesday));
        self::assertFalse($times->tellsApart($tuesday->modify('+1 day')), 'there is none on Wednesdays');
        self::assertFalse(ClassTimes::read("Tue 17:00\nTue 18:30")->tellsApart($tuesday), 'it is the only day');
    }
}
