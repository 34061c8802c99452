<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Pacing\Workout;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Pacing\Workout\ShippedWorkouts;
use Zumbo\Core\Pacing\Workout\WorkoutError;
use Zumbo\Core\Pacing\Workout\WorkoutForm;
use Zumbo\Core\Pacing\Workout\WorkoutText;
use Zumbo\Core\Pacing\Workout\WorkoutWriting;
use Zumbo\Core\Tests\Reference;

final class WorkoutTextTest extends TestCase
{
    /**
     * @param array<string, mixed> $case
     */
    #[DataProvider('read')]
    public function testReadsWhatCoachesWrite(array $case): void
    {
        $workout = WorkoutText::read((string) $case['text']);
        self::assertSame($case['form'], $workout->form->value);
        self::assertSame($case['cap_s'] ?? null, $workout->capS);
        self::assertSame($case['window_s'] ?? 0, $workout->windowS);
        if (WorkoutForm::ManyRounds !== $workout->form) {
            self::assertCount($case['rounds'], $workout->rounds());
        }
        $canonical = WorkoutWriting::of($workout);
        $again = WorkoutText::read($canonical);
        self::assertEquals($workout->rounds(), $again->rounds(), $canonical);
        self::assertSame($canonical, WorkoutWriting::of($again));
    }

    /**
     * @return iterable<string, array{array<string, mixed>}>
     */
    public static function read(): iterable
    {
        foreach (Reference::file('workouts.json')['read'] as $case) {
            yield $case['text'] => [$case];
        }
    }

    public function testWhatShipsIsInItsCanonicalForm(): void
    {
        $forms = [];
        foreach (ShippedWorkouts::all() as $one) {
            $workout = WorkoutText::read($one['text']);
            self::assertSame($one['text'], WorkoutWriting::of($workout), $one['name']);
            $forms[$workout->form->value] = true;
        }
        self::assertCount(4, $forms, 'one of each form at least');
    }

    #[DataProvider('refused')]
    public function testPointsAtTheCharacterThatCannotBeRead(string $text, int $at): void
    {
        try {
            $read = WorkoutText::read($text);
        } catch (WorkoutError $e) {
            self::assertSame($at, $e->position, $e->getMessage());
            self::assertNotSame('', $e->accepted);

            return;
        }
        self::fail('read as '.WorkoutWriting::of($read));
    }

    /**
     * @return iterable<string, array{string, int}>
     */
    public static function refused(): iterable
    {
        foreach (Reference::file('workouts.json')['refused'] as $case) {
            yield $case['text'] => [$case['text'], $case['at']];
        }
    }
}
