<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Fault;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Body\HealthNote;
use Zumbo\Core\Fault\Action;
use Zumbo\Core\Fault\Diagnosis;
use Zumbo\Core\Fault\Exertion;
use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\RankedFault;
use Zumbo\Core\Fault\RopeCondition;
use Zumbo\Core\Fault\RopeFacts;
use Zumbo\Core\Fault\RopeLength;
use Zumbo\Core\Fault\RopeWeight;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\CountedNight;
use Zumbo\Core\Today\DayFacts;

/**
 * Invented evenings (common practice, no published source), written before the table that judges them: what was seen and
 * what was looked at and fine, with the consequences of the cause in them; what an experienced coach would do.
 *
 * @phpstan-type Evening array{kind: string, seen: list<string>, fine: list<string>, stage: string, action: string, asks: bool,
 *     cause?: string, rope?: array<string, string>, tired?: bool, effort?: int, pain?: string, redFlag?: string,
 *     misses?: array<string, int>, method?: string, arms?: string, elbows?: string, height?: string}
 * @phpstan-type Tally array{of: int, first: int, three: int, asked: int, action: int}
 */
final class EveningsTest extends TestCase
{
    private const LENGTHS = [
        'right' => RopeLength::Right,
        'long' => RopeLength::TooLong,
        'short' => RopeLength::TooShort,
    ];
    private const CONDITIONS = ['fine' => RopeCondition::Fine, 'worn' => RopeCondition::Worn];
    private const WEIGHTS = ['fine' => RopeWeight::Fine, 'light' => RopeWeight::TooLight];

    public function testTheFirstCauseIsFoundAskedForOrLeftAlone(): void
    {
        $tallies = [];
        $wrong = [];
        foreach (self::evenings() as $evening) {
            $tally = $tallies[$evening['kind']] ?? ['of' => 0, 'first' => 0, 'three' => 0, 'asked' => 0, 'action' => 0];
            [$action, $diagnosis] = self::judged($evening);
            $causes = array_map(static fn (RankedFault $one): string => $one->fault->code, $diagnosis->ranked ?? []);
            $cause = $evening['cause'] ?? null;
            ++$tally['of'];
            $tally['first'] += null === $cause || $cause === ($causes[0] ?? '') ? 1 : 0;
            $tally['three'] += null === $cause || \in_array($cause, \array_slice($causes, 0, 3), true) ? 1 : 0;
            $tally['asked'] += null === $diagnosis?->ask ? 0 : 1;
            $tally['action'] += $action->value === $evening['action'] ? 1 : 0;
            $tallies[$evening['kind']] = $tally;
            if (null !== $cause && $cause !== ($causes[0] ?? '')) {
                $wrong[] = $cause.': '.implode(', ', \array_slice($causes, 0, 3));
            }
        }
        fwrite(\STDERR, "\n".self::printed($tallies, $wrong));
        self::assertGreaterThanOrEqual(0.85, self::share($tallies, 'first', 'plain', 'load', 'school', 'rope'));
        self::assertGreaterThanOrEqual(0.95, self::share($tallies, 'three', 'plain', 'load', 'school', 'rope'));
        self::assertSame(1.0, self::share($tallies, 'action', 'stop'), 'every stop');
        self::assertSame(0, $tallies['stop']['asked'] ?? 1);
        self::assertGreaterThanOrEqual(0.8, self::share($tallies, 'asked', 'undecidable'));
        self::assertLessThanOrEqual(0.15, self::share($tallies, 'asked', 'plain'));
        self::assertGreaterThanOrEqual(0.9, self::share($tallies, 'action', 'plain', 'load', 'school', 'rope'));
    }

    public function testThereAreEnoughOfEachKind(): void
    {
        $kinds = array_count_values(array_column(self::evenings(), 'kind'));
        ksort($kinds);
        self::assertSame(
            ['load' => 10, 'plain' => 61, 'rope' => 10, 'school' => 8, 'stop' => 10, 'undecidable' => 15],
            $kinds,
        );
    }

    /**
     * @param Evening $evening
     *
     * @return array{Action, ?Diagnosis}
     */
    private static function judged(array $evening): array
    {
        $halt = Action::ofHealth(Health::of([
            ...isset($evening['pain']) ? [HealthNote::of(Caution::Pain, BodyPart::from($evening['pain']))] : [],
            ...isset($evening['redFlag']) ? [HealthNote::of(Caution::from($evening['redFlag']))] : [],
        ]));
        $misses = $evening['misses'] ?? ['reps' => 0, 'misses' => 0, 'usualReps' => 0, 'usualMisses' => 0];
        $day = DayFacts::of(
            tonight: new CountedNight($misses['reps'], $misses['misses']),
            usual: new CountedNight($misses['usualReps'], $misses['usualMisses']),
        );
        if (null !== $halt || null !== $day->stop()) {
            return [$halt ?? Action::StopToday, null];
        }
        $rope = $evening['rope'] ?? [];
        $diagnosis = Diagnosis::of(
            Observed::of(array_map(Sign::from(...), $evening['seen']), array_map(Sign::from(...), $evening['fine'])),
            Stage::from($evening['stage']),
            RopeFacts::of(
                self::LENGTHS[$rope['length'] ?? ''] ?? RopeLength::Unchecked,
                self::CONDITIONS[$rope['condition'] ?? ''] ?? RopeCondition::Unchecked,
                self::WEIGHTS[$rope['weight'] ?? ''] ?? RopeWeight::Unchecked,
            ),
            Ways::of(array_filter([
                'method' => $evening['method'] ?? null,
                'arms' => $evening['arms'] ?? null,
                'elbows' => $evening['elbows'] ?? null,
                'height' => $evening['height'] ?? null,
            ])),
            Exertion::of($evening['tired'] ?? null, $evening['effort'] ?? null),
        );

        return [$diagnosis->action, $diagnosis];
    }

    /**
     * @param array<string, Tally> $tallies
     */
    private static function share(array $tallies, string $what, string ...$kinds): float
    {
        $got = $of = 0;
        foreach ($kinds as $kind) {
            $got += $tallies[$kind][$what] ?? 0;
            $of += $tallies[$kind]['of'] ?? 0;
        }

        return $got / max(1, $of);
    }

    /**
     * @param array<string, Tally> $tallies
     * @param list<string>         $wrong
     */
    private static function printed(array $tallies, array $wrong): string
    {
        $text = '';
        foreach ($tallies as $kind => $tally) {
            $text .= \sprintf(
                "Evenings, %s: of %d first right %d, among three %d, asked %d, action right %d\n",
                $kind,
                $tally['of'],
                $tally['first'],
                $tally['three'],
                $tally['asked'],
                $tally['action'],
            );
        }

        return $text.'Not first: '.implode('; ', $wrong)."\n";
    }

    /**
     * @return non-empty-list<Evening>
     */
    private static function evenings(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../reference/evenings.json'), true, 8, \JSON_THROW_ON_ERROR);
    }
}
