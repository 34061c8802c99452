<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Today;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Today\Attendance;
use Zumbo\Core\Today\AttendanceMark;

/** Common practice, no published source; three weeks are ours. */
final class AttendanceTest extends TestCase
{
    #[DataProvider('evenings')]
    public function testWhoIsInTheHall(?AttendanceMark $mark, bool $logged, ?int $daysAgo, ?string $away, bool $onOther = false): void
    {
        self::assertSame($away, Attendance::tonight($mark, $logged, $daysAgo, $onOther)->away?->code);
    }

    public function testWhoIsMissed(): void
    {
        self::assertSame([false, false, true], array_map(Attendance::isMissed(...), [null, 13, 14]));
    }

    /**
     * @return iterable<string, array{0: AttendanceMark|null, 1: bool, 2: int|null, 3: string|null, 4?: bool}>
     */
    public static function evenings(): iterable
    {
        yield 'came last week' => [null, false, 7, null];
        yield 'three weeks to the day' => [null, false, 21, null];
        yield 'longer than that' => [null, false, 22, 'class.long_unseen'];
        yield 'never seen: a newcomer is expected' => [null, false, null, null];
        yield 'long unseen, and at the door' => [AttendanceMark::Here, false, 90, null];
        yield 'long unseen, and already jumping' => [null, true, 0, null];
        yield 'comes on Tuesdays, and it is Thursday' => [null, false, 2, 'class.other_days', true];
        yield 'the same, and here' => [AttendanceMark::Here, false, 2, null, true];
        yield 'the same, and jumping' => [null, true, 0, null, true];
        yield 'a newcomer comes on no other day' => [null, false, null, null, true];
        yield 'long unseen says more than the day' => [null, false, 30, 'class.long_unseen', true];
        yield 'said no' => [AttendanceMark::Away, false, 2, 'class.away'];
        yield 'said no, and came after all' => [AttendanceMark::Away, true, 0, null];
        yield 'went early, after jumping' => [AttendanceMark::Left, true, 0, 'class.left'];
    }
}
