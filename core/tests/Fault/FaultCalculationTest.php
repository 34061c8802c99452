<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Fault;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Registry;

/**
 * `calc fault`, with every field of its contract.
 */
final class FaultCalculationTest extends TestCase
{
    public function testTakesEverythingThatIsKnown(): void
    {
        $found = Registry::run('fault', [
            'signs' => ['hands-drift-out', 'catches-toes'],
            'seen_fine' => ['feet-forward'],
            'stage' => 'link',
            'method' => 'pattern',
            'effort' => 4,
            'tired' => false,
            'cautions' => [['kind' => 'pain', 'place' => 'shin', 'degree' => 3, 'cleared_by' => 'coach']],
            'rope_fit' => 'right',
            'inspection' => 'fine',
            'construction' => 'coated-steel',
            'arms' => 'bent',
            'legs' => 'lowest',
            'measured' => ['contact_s' => 0.18, 'interval_cv' => 0.02],
            'cable_length_m' => 2.4,
            'goes' => [['fault' => 'hands-wide', 'cue' => 'elbows on your ribs', 'outcome' => 'same']],
        ]);
        self::assertSame(
            ['go-on', null, 'hands-wide', false, 'elbows on your ribs', 'singles'],
            [
                $found['action'],
                $found['first_check'],
                $found['causes'][0]['fault'],
                $found['unsure'],
                $found['cue'],
                $found['step_back'],
            ],
        );
        self::assertGreaterThan(0.6, $found['causes'][0]['chance']);
        self::assertSame(['hands-drift-out', 'catches-toes'], array_column($found['causes'][0]['evidence'], 'sign'));
        self::assertSame('What it costs: 10 cm wider on each side is 5 cm less arc, on this rope.', $found['price'][0]['sentence']);
    }

    /**
     * @param array<string, mixed> $facts
     */
    #[DataProvider('actions')]
    public function testWhatComesBeforeACue(array $facts, string $action): void
    {
        $found = Registry::run('fault', $facts);
        self::assertSame($action, $found['action']);
        self::assertNull($found['cue']);
        self::assertNotSame('', $found['cue_reason']);
        self::assertNull($found['ask']);
        self::assertNotSame([], $found['advice']);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function actions(): iterable
    {
        $signs = ['signs' => ['heavy-landing', 'slap']];
        yield 'pain' => [$signs + ['pain' => 'shin'], 'stop-until-coach-clears'];
        yield 'pain without a sign' => [['pain' => 'knee'], 'stop-until-coach-clears'];
        yield 'how much pain' => [$signs + ['pain' => 5], 'stop-until-coach-clears'];
        yield 'much pain' => [$signs + ['pain' => 8], 'stop-until-professional-clears'];
        yield 'pain, somewhere' => [['pain' => true], 'stop-until-coach-clears'];
        yield 'some warning sign' => [['red_flag' => true], 'stop-until-professional-clears'];
        yield 'a warning sign' => [$signs + ['red_flag' => 'dizziness', 'pain' => 'shin'], 'stop-until-professional-clears'];
        yield 'noted before, in a word' => [['cautions' => ['pregnancy']], 'stop-until-professional-clears'];
        yield 'noted before' => [['cautions' => [['kind' => 'leakage']]], 'stop-until-professional-clears'];
        yield 'misses pile up' => [
            $signs + ['tonight' => ['reps' => 46, 'misses' => 14], 'usual' => ['reps' => 970, 'misses' => 30]],
            'stop-today',
        ];
        yield 'temper' => [['signs' => ['temper', 'late-hands']], 'stop-today'];
        yield 'tired' => [['signs' => ['hands-drift-out'], 'tired' => 'yes'], 'change-load'];
        yield 'late and hard' => [['signs' => ['misses-only-late'], 'effort' => 9, 'stage' => 'workout'], 'change-load'];
        yield 'too short' => [['signs' => ['hands-drift-out'], 'rope_fit' => 'outgrown'], 'change-rope'];
        yield 'too long by a number' => [['signs' => ['slow-beat'], 'measured' => ['off_by_m' => 0.2]], 'change-rope'];
        yield 'failed' => [['inspection' => 'failed'], 'change-rope'];
        yield 'worn' => [['rope_fit' => 'right', 'inspection' => 'worn'], 'change-rope'];
        yield 'too light' => [['signs' => ['big-circles'], 'construction' => 'thin-wire', 'stage' => 'turn'], 'change-rope'];
    }

    public function testNoIsNo(): void
    {
        $found = Registry::run('fault', [
            'signs' => ['heels-to-seat', 'nothing-after-double'],
            'stage' => 'link',
            'pain' => false,
            'red_flag' => 'no',
            'tired' => false,
            'inspection' => 'passed',
            'measured' => ['off_by_m' => 0.01],
        ]);
        self::assertSame(['go-on', null, 'heel-kick'], [$found['action'], $found['first_check'], $found['causes'][0]['fault']]);
    }

    public function testAsksWhereItCanNotTell(): void
    {
        $found = Registry::run('fault', ['signs' => 'trips-on-second-pass', 'stage' => 'snap']);
        self::assertTrue($found['unsure']);
        self::assertNull($found['cue']);
        self::assertNotContains($found['ask']['sign'], ['trips-on-second-pass']);
        self::assertStringContainsString('one thing', $found['ask']['question']);
    }

    /**
     * @param array<string, mixed> $facts
     */
    #[DataProvider('bad')]
    public function testBadFactsAreNamed(array $facts, string $field): void
    {
        try {
            Registry::run('fault', $facts);
        } catch (BadInput $e) {
            self::assertSame($field, $e->field);

            return;
        }
        self::fail('nothing was refused');
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function bad(): iterable
    {
        yield 'nothing noted' => [[], 'signs'];
        yield 'no such sign' => [['signs' => ['levitates']], 'signs[0]'];
        yield 'no such answer' => [['signs' => ['slap'], 'tired' => 'perhaps'], 'tired'];
        yield 'too much effort' => [['signs' => ['slap'], 'effort' => 12], 'effort'];
        yield 'no such number' => [['signs' => ['slap'], 'measured' => ['mood' => 3]], 'measured.mood'];
    }
}
