<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Sets;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

final class GamesApiTest extends ApiTestCase
{
    /** By hand: 12 court cards of 10 and 4 aces of 15, 54 in numbers for each suit. */
    public function testCardsSayTheirTotalBeforeTheStart(): void
    {
        $this->signInto();
        $id = $this->linked();
        $deck = $this->send('GET', "/api/athletes/$id/cards?cards=52&court=10&ace=15&seed=4");
        $this->assertStatus(200);
        self::assertSame([396, 52, 'game-cards'], [$deck['reps'], \count($deck['cards']), $deck['code']]);
        self::assertSame($deck, $this->send('GET', "/api/athletes/$id/cards?cards=52&court=10&ace=15&seed=4"), 'one order for a seed');
        self::assertNotSame($deck['cards'], $this->send('GET', "/api/athletes/$id/cards?cards=52&court=10&ace=15&seed=5")['cards']);
        self::assertSame(['clubs', 'diamonds', 'hearts', 'spades'], array_column($deck['suits'], 'suit'));
        self::assertSame('load.within', $deck['load']['code'], 'and what it does to today');
    }

    public function testASuitJumpsWhatIsWritten(): void
    {
        $this->signInto();
        $id = $this->linked();
        $deck = $this->send('GET', "/api/athletes/$id/cards?cards=52&spades=".rawurlencode('2s d'));
        self::assertSame('2 singles, 1 double', $deck['suits'][3]['style']);
        $this->send('GET', "/api/athletes/$id/cards?spades=boo");
        $this->assertProblem('spades');
    }

    /** Common practice, no published source: 15 a foot down from 5, 25 up and down. */
    public function testFeetTellBothNumbers(): void
    {
        $this->signInto();
        $id = $this->linked();
        $down = $this->send('GET', "/api/athletes/$id/feet");
        self::assertSame([[5, 4, 3, 2, 1], 15, 30], [$down['hops'], $down['eachFoot'], $down['landings']]);
        self::assertSame(50, $this->send('GET', "/api/athletes/$id/feet?kind=pyramid&top=5")['landings']);
    }

    public function testOneMoreEachMinuteEndsWhenItIsLikely(): void
    {
        $this->signInto();
        $id = $this->linked();
        $restarts = $this->send('GET', "/api/athletes/$id/each-minute?first=3");
        $unbroken = $this->send('GET', "/api/athletes/$id/each-minute?first=3&unbroken=1");
        self::assertGreaterThan($unbroken['end'], $restarts['end']);
        self::assertCount($unbroken['end'], $unbroken['stillIn']);
        self::assertLessThan(0.5, end($unbroken['stillIn']));
        self::assertStringContainsString('minute '.$unbroken['end'], $unbroken['outlook']['sentence']);
    }

    public function testARelayIsBalancedAndLeavesOutWhoMayNotJump(): void
    {
        $this->signInto();
        foreach (['singles', 'linked-doubles', 'linked-doubles', 'some-doubles', 'singles'] as $i => $experience) {
            $athlete = self::athlete(['name' => 'Member '.\chr(65 + $i), 'experience' => $experience]);
            $this->send('PUT', '/api/athletes/'.self::id(), $athlete);
        }
        $hurt = $this->linked();
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $hurt, 'caution' => 'dizziness']);
        $relay = $this->send('GET', '/api/relay?teams=2&reps=20');
        $this->assertStatus(200);
        self::assertSame(1, $relay['left']);
        self::assertSame(5, array_sum(array_map(static fn (array $team): int => \count($team['runners']), $relay['teams'])));
        self::assertCount(1, array_filter(array_column($relay['teams'], 'twice')));
        self::assertStringNotContainsString($hurt, json_encode($relay, \JSON_THROW_ON_ERROR));
    }

    public function testMoreTeamsThanMembersAreRefusedByName(): void
    {
        $this->signInto();
        $this->linked();
        $this->send('GET', '/api/relay?teams=5');
        $this->assertProblem('teams');
    }

    #[DataProvider('games')]
    public function testAGameIsLoggedUnderItsName(string $code): void
    {
        $this->signInto();
        $id = $this->linked();
        $entry = ['athleteId' => $id, 'drill' => $code, 'kind' => 'sum', 'reps' => 80, 'misses' => 6];
        $this->send('PUT', '/api/attempts/'.self::id(), $entry);
        $this->assertStatus(201);
    }

    /**
     * @return iterable<int, array{string}>
     */
    public static function games(): iterable
    {
        yield ['game-cards'];
        yield ['game-feet'];
        yield ['game-each-minute'];
        yield ['game-relay'];
    }

    private function linked(): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['experience' => 'linked-doubles']));

        return $id;
    }
}
