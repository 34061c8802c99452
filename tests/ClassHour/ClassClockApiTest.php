<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\ClassHour;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

final class ClassClockApiTest extends ApiTestCase
{
    private const SECRET = 'abcdefghijklmnopqrstuv';

    public function testOneStartManyProgrammesAndTheSameTimeForAll(): void
    {
        $this->signInto();
        [$ilse, $bram] = [$this->newAthlete(), $this->newAthlete()];
        $clock = $this->started([
            ['title' => 'Ladders', 'text' => '20/10x8: tall singles', 'athletes' => [$ilse]],
            ['title' => 'Doubles', 'text' => '60/30 x2: doubles', 'athletes' => [$bram], 'keepLastRest' => true],
        ]);
        self::assertSame(['20/10 x8: tall singles', '60/30 x2: doubles'], array_column($clock['programmes'], 'text'));
        self::assertSame([230, 180], array_column($clock['programmes'], 'totalS'));
        self::assertSame($ilse, $clock['programmes'][0]['people'][0]['id']);
        self::assertSame('6 tall singles', $clock['programmes'][0]['strips'][0]['text']);
        self::assertEqualsWithDelta($clock['nowMs'] + 10_000, $clock['startMs'], 2_000, 'after a count-in of ten seconds');
        $running = $this->send('GET', '/api/class-clock');
        self::assertSame($clock['startMs'], $running['clock']['startMs']);
        self::assertEqualsWithDelta(1000 * microtime(true), $this->send('GET', '/api/time')['nowMs'], 2_000);
    }

    public function testATouchFromAnyScreenMovesItOnceAndFromWhatWasSeen(): void
    {
        $gym = $this->signInto();
        $clock = $this->started();
        $this->signInto($gym, Role::Helper, 'Second Coach');
        $pause = self::change(1);
        $paused = $this->send('POST', "/api/class-clock/{$clock['id']}/moves", ['move' => 'pause'], $pause);
        $this->assertStatus(200);
        self::assertNotNull($paused['pausedAtMs']);
        self::assertSame('Second Coach', $paused['movedBy']);
        $again = $this->send('POST', "/api/class-clock/{$clock['id']}/moves", ['move' => 'pause'], $pause);
        self::assertSame([2, $paused['pausedAtMs']], [$again['version'], $again['pausedAtMs']], 'sent twice it is one touch');
        $this->send('POST', "/api/class-clock/{$clock['id']}/moves", ['move' => 'go'], self::change(1));
        $this->assertStatus(409);
        $on = $this->send('POST', "/api/class-clock/{$clock['id']}/moves", ['move' => 'go'], self::change(2));
        self::assertNull($on['pausedAtMs']);
        self::assertGreaterThanOrEqual($clock['startMs'], $on['startMs']);
    }

    public function testSkipAndThirtySeconds(): void
    {
        $this->signInto();
        $clock = $this->started(countInS: 0);
        $more = $this->send('POST', "/api/class-clock/{$clock['id']}/moves", ['move' => 'add'], self::change(1));
        self::assertSame(50, $more['programmes'][0]['phases'][0]['seconds']);
        $less = $this->send('POST', "/api/class-clock/{$clock['id']}/moves", ['move' => 'take'], self::change(2));
        self::assertSame(20, $less['programmes'][0]['phases'][0]['seconds']);
        $skipped = $this->send('POST', "/api/class-clock/{$clock['id']}/moves", ['move' => 'skip'], self::change(3));
        self::assertEqualsWithDelta(20_000, $skipped['nowMs'] - $skipped['startMs'], 3_000, 'the first rest begins');
    }

    public function testTheAthletesLinkShowsFirstNamesAndDiesWithTheClass(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => 'Ilse Tannow']));
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $id, 'caution' => 'dizziness']);
        $clock = $this->started([['title' => 'All', 'text' => '20/10 x8', 'athletes' => [$id]]]);
        [$linkGym, $linkClock, $secret] = explode('.', $clock['link']);
        self::assertSame([$gym->toRfc4122(), $clock['id'], self::SECRET], [$linkGym, $linkClock, $secret]);
        $link = ['gym' => $linkGym, 'clock' => $linkClock, 'secret' => $secret];
        $this->send('POST', '/api/sign-out');
        $seen = $this->send('POST', '/api/class-link', $link);
        $this->assertStatus(200);
        self::assertSame([['firstName' => 'Ilse', 'id' => null]], $seen['programmes'][0]['people']);
        $told = json_encode($seen, \JSON_THROW_ON_ERROR);
        foreach (['Tannow', 'dizz', $id, self::SECRET] as $kept) {
            self::assertStringNotContainsString($kept, $told);
        }
        $this->send('POST', '/api/class-link', ['secret' => strrev(self::SECRET)] + $link);
        $this->assertStatus(404);
        $this->signInto($gym);
        $this->send('DELETE', '/api/class-clock/'.$clock['id'], null, self::change(1));
        $this->assertStatus(200);
        self::assertNull($this->send('GET', '/api/class-clock')['clock']);
        $this->send('POST', '/api/class-link', $link);
        $this->assertStatus(404);
    }

    public function testTheLinkOfYesterdayIsDead(): void
    {
        $gym = $this->signInto();
        $clock = $this->started();
        self::connection()->executeStatement('UPDATE class_clock SET local_day = ?', ['2020-01-01']);
        $this->send('POST', '/api/class-link', ['gym' => $gym->toRfc4122(), 'clock' => $clock['id'], 'secret' => self::SECRET]);
        $this->assertStatus(404);
        self::assertNull($this->send('GET', '/api/class-clock')['clock']);
    }

    public function testASecondClockIsRefusedAndAnotherGymSeesNone(): void
    {
        $this->signInto();
        $this->started();
        $body = ['programmes' => [['title' => 'All', 'text' => '20/10 x8']], 'linkSecret' => self::SECRET];
        $this->send('PUT', '/api/class-clock/'.self::id(), $body);
        $this->assertStatus(409);
        $this->signInto();
        self::assertNull($this->send('GET', '/api/class-clock')['clock']);
    }

    public function testWhoDoesWhatIsGivenOutAnewWhileItRuns(): void
    {
        $this->signInto();
        $late = $this->newAthlete();
        $clock = $this->started();
        $shared = $this->send(
            'PATCH',
            '/api/class-clock/'.$clock['id'],
            ['programmes' => [['title' => 'All', 'text' => '20/10 x8'], ['title' => 'Late', 'text' => '90', 'athletes' => [$late]]]],
            self::change(1),
        );
        $this->assertStatus(200);
        self::assertSame([0, 1], array_map(static fn (array $one): int => \count($one['people']), $shared['programmes']));
        self::assertSame($clock['startMs'], $shared['startMs'], 'the clock goes on');
    }

    /**
     * @param list<array<string, mixed>> $programmes
     */
    #[DataProvider('badProgrammes')]
    public function testWhatCantRunIsNamed(array $programmes, string $field): void
    {
        $this->signInto();
        $this->send('PUT', '/api/class-clock/'.self::id(), ['programmes' => $programmes, 'linkSecret' => self::SECRET]);
        $this->assertProblem($field);
    }

    /**
     * @return iterable<string, array{list<array<string, mixed>>, string}>
     */
    public static function badProgrammes(): iterable
    {
        $twice = '0193d5a0-0000-7000-8000-000000000001';
        yield 'nothing' => [[], 'programmes'];
        yield 'unreadable' => [[['title' => 'A', 'text' => 'twenty']], 'programmes[0].text'];
        yield 'one in two' => [
            [['title' => 'A', 'text' => '20', 'athletes' => [$twice]], ['title' => 'B', 'text' => '20', 'athletes' => [$twice]]],
            'programmes[1].athletes',
        ];
    }

    /**
     * @param list<array<string, mixed>> $programmes
     *
     * @return array<string, mixed>
     */
    private function started(array $programmes = [['title' => 'All', 'text' => '20/10 x8']], int $countInS = 10): array
    {
        $body = ['programmes' => $programmes, 'linkSecret' => self::SECRET, 'countInS' => $countInS];
        $clock = $this->send('PUT', '/api/class-clock/'.self::id(), $body);
        $this->assertStatus(201);

        return $clock;
    }
}
