<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Method\Arms;
use Zumbo\Core\Method\ChosenWays;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Method\UnknownWay;
use Zumbo\Core\Method\WayKind;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Method\WayTable;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Stage\Stage;

final class MethodTest extends TestCase
{
    /** Common practice, no published source: which method jumps what. */
    #[DataProvider('patterns')]
    public function testWhatAMethodJumps(string $pattern, bool $even, bool $standing, bool $same): void
    {
        $read = Pattern::parse($pattern);
        self::assertTrue(Method::Pattern->allows($read));
        self::assertSame(
            [$even, $standing, $same],
            [Method::EvenJump->allows($read), Method::StandingStart->allows($read), Method::SameJump->allows($read)],
            $pattern,
        );
    }

    /**
     * @return iterable<array{string, bool, bool, bool}> pattern; even jump, standing start, same jump
     */
    public static function patterns(): iterable
    {
        yield 'no double at all' => ['10q 10S 20s', true, true, true];
        yield 'three and one' => ['3s d', false, false, false];
        yield 'many times over' => ['(3s d)x4', false, false, false];
        yield 'for a time' => ['w20(2s d)', false, false, false];
        yield 'for a time, from one single' => ['w20(s d)', false, false, false];
        yield 'tall ones and a double' => ['5S d', false, false, true];
        yield 'one single sets the beat' => ['s 10d', true, false, true];
        yield 'one tall single sets the beat' => ['S 10d', true, false, true];
        yield 'two singles are a run-in' => ['2s 10d', false, false, false];
        yield 'nothing but doubles' => ['10d', true, true, true];
        yield 'each from standing' => ['d r4 d r4', true, true, true];
        yield 'rungs from one single' => ['s d r4 s 2d r4 s 3d', true, false, true];
        yield 'rungs with singles between' => ['2d 3s 3d 3s', false, false, false];
        yield 'a double and calm singles' => ['d 3s r4', false, true, false];
        yield 'a double and a calm tall one' => ['d S r4', false, true, true];
        yield 'and on again without a stop' => ['d 3s d', false, false, false];
        yield 'a ladder of doubles' => ['(nd r10)n=1..5', true, true, true];
        yield 'falling singles' => ['(ns d)n=5..1', false, false, false];
        yield 'triples are no singles' => ['d t', true, true, true];
        yield 'footwork and a double' => ['4s:boxer-step d', false, false, false];
    }

    public function testEveryMethodBeginsWithAPatternAndALadderOfItsOwn(): void
    {
        foreach (Method::cases() as $method) {
            self::assertTrue($method->allows(Pattern::parse($method->usualPattern())), $method->value);
            self::assertContains(LadderFamily::Rising, LadderFamily::jumpedBy($method));
        }
        $withoutSingles = [LadderFamily::Rising, LadderFamily::Falling, LadderFamily::Pyramid, LadderFamily::Unbroken];
        self::assertSame($withoutSingles, LadderFamily::jumpedBy(Method::EvenJump));
        self::assertSame($withoutSingles, LadderFamily::jumpedBy(Method::StandingStart));
        self::assertSame(LadderFamily::cases(), LadderFamily::jumpedBy(Method::SameJump), 'with tall singles');
    }

    public function testEvenJumpsGoFromSnapToLink(): void
    {
        self::assertSame(Stage::Link, Method::EvenJump->after(Stage::Snap));
        self::assertSame(Stage::Snap, Method::EvenJump->before(Stage::Link));
        self::assertSame(Stage::Mix, Method::Pattern->after(Stage::Snap));
        self::assertNotContains(Stage::Mix, Method::EvenJump->path());
        self::assertContains(Stage::Mix, Method::EvenJump->path(Stage::Mix), 'whoever is there');
        self::assertSame(Stage::cases(), Method::Pattern->path());
        self::assertNull(Method::EvenJump->after(Stage::Workout));
        self::assertNull(Method::EvenJump->before(Stage::Jump));
    }

    public function testTheAthletesAnswersGoOverTheGyms(): void
    {
        $ways = Ways::of(['method' => 'even-jump', 'arms' => 'long'], ['method' => 'same-jump']);
        self::assertSame([Method::SameJump, Arms::Long], [$ways->method, $ways->arms]);
        foreach (WayKind::cases() as $kind) {
            self::assertSame($kind->answers()[0], Ways::usual()->answer($kind), 'the first is what is usual');
            foreach ($kind->answers() as $answer) {
                $row = WayTable::of($kind, $answer);
                self::assertNotContains('', [$row['label'], $row['why'], $row['for']]);
                self::assertSame($answer, Ways::of([$kind->value => $answer])->answer($kind));
            }
        }
    }

    public function testChosenWaysAreWrittenInOneOrder(): void
    {
        $chosen = ChosenWays::of(['arms' => 'long', 'method' => 'even-jump']);
        self::assertSame('method=even-jump arms=long', $chosen->written());
        self::assertEquals($chosen, ChosenWays::read($chosen->written()));
        self::assertSame('', ChosenWays::none()->written());
        foreach (['method=sideways', 'feet=left', 'method'] as $wrong) {
            try {
                ChosenWays::read($wrong);
                self::fail($wrong);
            } catch (UnknownWay $e) {
                self::assertNotSame('', $e->accepted);
            }
        }
    }
}
