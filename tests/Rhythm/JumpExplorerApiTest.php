<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Rhythm;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

final class JumpExplorerApiTest extends ApiTestCase
{
    public function testHigherOrFasterWithTheAthletesOwnRope(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $this->send('GET', '/api/athletes/'.$id.'/jump-explorer');
        $this->assertProblem('handle');
        $this->knowHandles($id);
        $explorer = $this->send('GET', '/api/athletes/'.$id.'/jump-explorer');
        $this->assertStatus(200);
        self::assertEqualsWithDelta(0.152 * 1.68, $explorer['footLengthM'], 1e-9);
        self::assertSame([1, 2, 3], array_column($explorer['curves'], 'passes'));
        self::assertCount(45, $explorer['curves'][1]['points']);
        self::assertNull($explorer['curves'][1]['points'][0]['leastTurnsPerMin'], 'one centimetre is never enough');
        self::assertGreaterThan($explorer['curves'][0]['leastEvenJumpM'], $explorer['curves'][1]['leastEvenJumpM']);
        // A rise of 15 cm lasts √(8·0.15/g) s; with 0.18 s on the floor that is so many jumps a minute.
        self::assertEqualsWithDelta(60 / (sqrt((8 * 0.15) / 9.80665) + 0.18), $explorer['now']['cadencePerMin'], 1e-9);
        self::assertGreaterThan($explorer['highSlow']['cadencePerMin'], $explorer['lowFast']['cadencePerMin']);
        self::assertGreaterThan(
            $explorer['lowFast']['powerW'],
            $explorer['highSlow']['powerW'],
            'high is dearer for the body',
        );
        self::assertGreaterThan(
            $explorer['highSlow']['dragW'],
            $explorer['lowFast']['dragW'],
            'fast is dearer in the air',
        );
        self::assertStringContainsString('30 ms less on the floor', $explorer['answer']['sentence']);
        // By hand: 60 kg lifted 24 and 12 cm, once and 50 times.
        $chosen = $this->send('GET', '/api/athletes/'.$id.'/jump-explorer?highCm=24&lowCm=12&massKg=60');
        self::assertEqualsWithDelta(
            [60 * 9.80665 * 0.24, 60 * 9.80665 * 0.12],
            [$chosen['highSlow']['workJ'], $chosen['lowFast']['workJ']],
            1e-9,
        );
        self::assertEqualsWithDelta(50 * (sqrt((8 * 0.12) / 9.80665) + 0.18), $chosen['lowFast']['secondsFor50'], 1e-9);
        self::assertGreaterThan($chosen['highSlow']['leastTurnsPerMin'], $chosen['lowFast']['leastTurnsPerMin']);
        $least = array_column($chosen['contacts'], 'leastJumpM', 'contactMs');
        $rising = $least;
        sort($rising);
        self::assertSame($rising, array_values($least), 'slow feet need a higher jump');
        self::assertEqualsWithDelta($explorer['curves'][1]['leastEvenJumpM'], $least[180], 1e-9);
        $short = $this->send('GET', '/api/athletes/'.$id.'/jump-explorer?contactMs=120');
        self::assertLessThan($explorer['curves'][1]['leastEvenJumpM'], $short['curves'][1]['leastEvenJumpM']);
        $wide = $this->send('GET', '/api/athletes/'.$id.'/jump-explorer?handsOutCm=30');
        self::assertGreaterThan(
            $explorer['clearanceM'],
            $wide['clearanceM'],
            'between wide hands the rope hangs higher',
        );
        self::assertGreaterThan($explorer['curves'][1]['leastEvenJumpM'], $wide['curves'][1]['leastEvenJumpM']);
        self::assertSame($explorer['wideHands'], $wide['wideHands'], 'told from the usual place, as on the bench');
        $bench = $this->send('GET', "/api/athletes/$id/sizing")['turning']['wideHands']['sentence'];
        self::assertSame(1, preg_match('/each hand (\S+ cm) wider: (\S+ cm) of arc/', $bench, $told));
        self::assertStringContainsString(
            "Each hand $told[1] wider: $told[2] of arc",
            $explorer['wideHands']['sentence'],
            'the same drift costs the same',
        );
    }

    #[DataProvider('badQueries')]
    public function testABadQueryIsNamed(string $query, string $field): void
    {
        $this->signInto();
        $this->send('GET', '/api/athletes/'.$this->knowHandles($this->newAthlete()).'/jump-explorer?'.$query);
        $this->assertProblem($field);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badQueries(): iterable
    {
        yield 'no passes' => ['passes=0', 'passes'];
        yield 'four' => ['passes=4', 'passes'];
        yield 'no contact' => ['contactMs=0', 'contactMs'];
        yield 'a word' => ['jumpCm=high', 'jumpCm'];
        yield 'over the hedge' => ['jumpCm=200', 'jumpCm'];
    }
}
