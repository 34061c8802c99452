<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

final class IntervalsApiTest extends ApiTestCase
{
    public function testAnIntervalSetHasPhasesTotalsAndATextThatCanBeSentBack(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $set = $this->send('GET', "/api/athletes/$id/intervals?workS=30&restS=15&rounds=4");
        $this->assertStatus(200);
        self::assertSame(
            ['30/15 x4', 120, 45, 165],
            [$set['text'], $set['totalWorkS'], $set['totalRestS'], $set['totalS']],
        );
        self::assertSame(
            ['work', 'rest', 'work', 'rest', 'work', 'rest', 'work'],
            array_column($set['phases'], 'kind'),
        );
        self::assertSame(220, $set['contacts'], '120 s at 110 jumps a minute');
        self::assertSame($set, $this->send('GET', "/api/athletes/$id/intervals?text=".rawurlencode($set['text'])));
    }

    public function testACircuitGoesThroughItsStations(): void
    {
        $this->signInto();
        $set = $this->send(
            'GET',
            '/api/athletes/'.
                $this->newAthlete().
                '/intervals?rounds=2&stations='.
                rawurlencode('hops, one-hand turns'),
        );
        self::assertSame('20/10 x2: hops, one-hand turns', $set['text']);
        self::assertSame(
            ['hops', 'one-hand turns', 'one-hand turns', 'hops', 'hops', 'one-hand turns', 'one-hand turns'],
            array_column($set['phases'], 'station'),
            'a rest names what comes next',
        );
    }

    public function testWhatIsCountedIsWhatTheGateCounts(): void
    {
        $this->signInto();
        $measures = [];
        foreach (['singles', 'some-doubles'] as $experience) {
            $id = self::id();
            $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => $experience]));
            $measures[] = [
                $this->send('GET', "/api/athletes/$id/intervals")['countKind'],
                $this->send('GET', "/api/athletes/$id/intervals?stations=hops")['countKind'],
            ];
        }
        self::assertSame(
            [['streak', 'hold'], ['hold', 'streak']],
            $measures,
            'Singles counts a streak, Mix holds 30 s; a circuit is logged the other way',
        );
    }

    #[DataProvider('badQueries')]
    public function testABadQueryIsNamed(string $query, string $field, string $sentence): void
    {
        $this->signInto();
        $problem = $this->send('GET', '/api/athletes/'.$this->newAthlete().'/intervals?'.$query);
        $this->assertStatus(422);
        self::assertSame($field, $problem['errors'][0]['field']);
        self::assertStringContainsString($sentence, $problem['errors'][0]['message']);
    }

    /**
     * @return iterable<string, array{string, string, string}>
     */
    public static function badQueries(): iterable
    {
        yield 'no rounds' => ['rounds=0', 'rounds', '1'];
        yield 'no work' => ['workS=0', 'workS', '1'];
        yield 'a text that is none' => ['text=twenty+on', 'text', 'Interval set "twenty on": work/rest xrounds'];
        yield 'too many rounds in the text' => ['text=20/10+x61', 'text', 'Rounds "61": from 1 to 60.'];
        yield 'a station without a name' => [
            'stations=hops,,skips',
            'stations',
            'Station "": a name of 1 to 40 characters',
        ];
    }
}
