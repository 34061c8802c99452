<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnCard;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * What an athlete sees and sends by the private link to their own card.
 */
final class OwnCardApiTest extends CardTestCase
{
    private const STATEMENT = [
        'statedBy' => 'athlete',
        'professional' => 'the doctor at the harbour',
        'words' => 'She listened to my heart and says I may jump.',
        'myself' => true,
    ];

    public function testShowsTheSetOfTheHallInFiveMinutesAndNobodyElse(): void
    {
        $other = self::id();
        $this->send('PUT', '/api/athletes/'.$other, self::athlete(['name' => 'Bram Holtwick']));
        $id = $this->knowHandles($this->newAthlete());
        $rope = $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $id,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        $this->assertStatus(201);
        $hall = $this->send('GET', "/api/athletes/$id/today");
        $link = $this->handOut($id);
        $this->send('POST', '/api/sign-out');
        $card = $this->card($link);
        $this->assertStatus(200);
        self::assertSame('Ilse', $card['firstName']);
        self::assertSame($hall['drill'], $card['drill'], 'one set, wherever it is shown');
        self::assertSame($hall['gate']['outlook'], $card['gate']);
        self::assertSame(300, array_sum(array_column($card['tonight']['blocks'], 'seconds')));
        self::assertSame($card['drill']['title'], end($card['tonight']['blocks'])['title']);
        self::assertLessThanOrEqual($card['allowance']['contactsLeftToday'], $card['tonight']['contacts']);
        self::assertGreaterThan(0, $card['tonight']['contacts']);
        self::assertSame([$rope['cableLengthM'], 'cm'], [$card['rope']['cableM'], $card['unit']]);
        $told = json_encode($card, \JSON_THROW_ON_ERROR);
        foreach (['Tannow', 'Bram', $other, self::SECRET, 'Some Coach'] as $kept) {
            self::assertStringNotContainsString($kept, $told);
        }
    }

    /** A ladder is no drill of the library, which a plan at home is made of. */
    public function testThePlannedLadderOfTheEveningIsTheOnlySet(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $this->send('PUT', '/api/practice/'.self::id(), ['minutes' => 20]);
        $this->assertStatus(201);
        $wish = json_decode((string) self::connection()->fetchOne('SELECT wish FROM planned_practice WHERE gym_id = ?', [
            $this->gym->toBinary(),
        ]), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($wish);
        $wish['mains'] = [$id => [
            'code' => 'ladder-rising',
            'title' => 'Ladder 1 to 6',
            'notation' => '6s',
            'cadence' => 110,
            'countKind' => 'streak',
            'aim' => 6,
            'sets' => 13,
            'cue' => 'quiet feet',
            'why' => 'in turn',
        ]];
        self::connection()->executeStatement('UPDATE planned_practice SET wish = ? WHERE gym_id = ?', [
            json_encode($wish, \JSON_THROW_ON_ERROR),
            $this->gym->toBinary(),
        ]);
        $card = $this->card($link);
        self::assertSame('Ladder 1 to 6', $card['drill']['title']);
        self::assertSame($this->send('GET', "/api/athletes/$id/today")['drill'], $card['drill']);
        self::assertSame(['Warm-up', 'Ladder 1 to 6'], array_column($card['tonight']['blocks'], 'title'));
        self::assertSame(300, array_sum(array_column($card['tonight']['blocks'], 'seconds')));
        self::assertLessThanOrEqual($card['allowance']['contactsLeftToday'], $card['tonight']['contacts']);
    }

    public function testWhatTheAthleteCountsIsTheirOwnAndCountsOnce(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $entry = self::entry(['drill' => $this->card($link)['drill']['code'], 'reps' => 40, 'misses' => 3]);
        foreach ([1, 2] as $time) {
            self::assertSame(['aside' => false], $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => $entry]));
            $this->assertStatus(200);
        }
        $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => ['reps' => 41] + $entry]);
        $this->assertStatus(409);
        self::assertSame([40], array_column($this->card($link)['counted'], 'reps'));
        $this->signInto($this->gym);
        $entries = $this->send('GET', "/api/athletes/$id/today")['entries'];
        self::assertCount(1, $entries);
        self::assertSame([true, 'Ilse Tannow', 40, 3], [
            $entries[0]['selfReported'],
            $entries[0]['loggedBy'],
            $entries[0]['reps'],
            $entries[0]['misses'],
        ]);
    }

    public function testTakesBackTheirOwnEntryAndNobodyElses(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $drill = $this->card($link)['drill']['code'];
        $mine = self::entry(['drill' => $drill]);
        $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => $mine]);
        $coachs = self::id();
        $this->send('PUT', '/api/attempts/'.$coachs, ['athleteId' => $id, 'drill' => $drill, 'kind' => 'sum', 'reps' => 9]);
        $back = ['link' => $link, 'mutationId' => self::id()];
        foreach ([1, 2] as $time) {
            $this->send('POST', "/api/card/entries/{$mine['id']}/take-back", $back);
            $this->assertStatus(200);
        }
        self::assertSame([], $this->card($link)['counted']);
        $this->send('POST', "/api/card/entries/$coachs/take-back", ['link' => $link, 'mutationId' => self::id()]);
        $this->assertStatus(404);
        $othersLink = $this->handOut($this->newAthlete());
        $this->send('POST', "/api/card/entries/{$mine['id']}/take-back", ['link' => $othersLink, 'mutationId' => self::id()]);
        $this->assertStatus(404);
        self::assertSame([9], array_column($this->send('GET', "/api/athletes/$id/today")['entries'], 'reps'));
    }

    public function testPainOnTheCardTakesTheJumpsOffEverywhereUntilACoachClearsIt(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $this->pain($link, 'shin', 5);
        $this->assertStatus(200);
        $card = $this->card($link);
        self::assertSame(['no-jump', null, 0], [$card['allowance']['jumping'], $card['drill'], $card['tonight']['contacts']]);
        self::assertStringContainsString('until your coach clears it', $card['allowance']['reasons'][0]['sentence']);
        self::assertSame([], array_filter($card['tonight']['blocks'], static fn (array $block): bool => \in_array(
            'single',
            array_column($block['beats'], 'kind'),
            true,
        )));
        self::assertSame([], $card['flags'], 'a coach clears it: nothing to state');
        self::assertNull($this->send('GET', "/api/athletes/$id/today")['drill']);
        $noted = $this->send('GET', "/api/athletes/$id/cautions")[0];
        self::assertSame(['shin', 5, 'Ilse Tannow'], [$noted['place'], $noted['degree'], $noted['notedBy']]);
        $this->send('POST', "/api/cautions/{$noted['id']}/clear", ['note' => 'hops without it'], self::change(1));
        self::assertNotNull($this->card($link)['drill']);
    }

    public function testAWarningSignEndsAllTrainingUntilTheAthleteStatesAProfessionalsWord(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $sign = ['link' => $link, 'id' => self::id(), 'caution' => 'dizziness', 'at' => gmdate('Y-m-d\TH:i:s\Z')];
        $this->send('POST', '/api/card/pain', $sign);
        $card = $this->card($link);
        self::assertSame(['nothing', []], [$card['allowance']['jumping'], $card['allowance']['instead']]);
        self::assertStringContainsString('Get medical help now', $card['allowance']['reasons'][0]['sentence']);
        self::assertSame('dizziness', strtolower($card['flags'][0]['name']));
        $stated = $this->state($link, $card['flags'][0], ['on' => gmdate('Y-m-d'), 'myself' => false] + self::STATEMENT);
        $this->assertProblem('statement.myself');
        $stated = $this->state($link, $card['flags'][0], ['on' => gmdate('Y-m-d')] + self::STATEMENT);
        $this->assertStatus(200);
        self::assertSame([], $stated['flags']);
        self::assertNotNull($stated['drill']);
        $noted = $this->send('GET', "/api/athletes/$id/cautions")[0];
        self::assertSame(['professional', 'their own card', 'athlete'], [$noted['liftedBy'], $noted['liftedWith'], $noted['statedBy']]);
    }

    public function testOnlyTheGuardiansCardStatesForSomebodyUnder18(): void
    {
        $id = self::id();
        $young = ['birthYear' => (int) gmdate('Y') - 12, 'guardianConsent' => true];
        $this->send('PUT', '/api/athletes/'.$id, self::athlete($young));
        $this->assertStatus(201);
        self::assertTrue($this->send('GET', "/api/athletes/$id/own-cards")['minor']);
        [$own, $guardians] = [$this->handOut($id), $this->handOut($id, ['holder' => 'guardian'])];
        $sign = ['link' => $own, 'id' => self::id(), 'caution' => 'dizziness', 'at' => gmdate('Y-m-d\TH:i:s\Z')];
        $this->send('POST', '/api/card/pain', $sign);
        $flag = $this->card($own)['flags'][0];
        $this->state($own, $flag, ['on' => gmdate('Y-m-d')] + self::STATEMENT);
        $this->assertProblem('statedBy', 'guardian');
        $this->state($own, $flag, ['on' => gmdate('Y-m-d'), 'statedBy' => 'guardian'] + self::STATEMENT);
        $this->assertProblem('statement.statedBy');
        $this->state($guardians, $flag, ['on' => gmdate('Y-m-d'), 'statedBy' => 'guardian'] + self::STATEMENT);
        $this->assertStatus(200);
    }

    public function testARestDayIsHandsAndBeatWithoutJumps(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $drill = $this->card($link)['drill']['code'];
        $yesterday = gmdate('Y-m-d\TH:i:s\Z', time() - 86_400);
        $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => self::entry(['drill' => $drill, 'at' => $yesterday])]);
        $card = $this->card($link);
        self::assertSame(['no-jump', null, 0, 'home-no-jump'], [
            $card['allowance']['jumping'],
            $card['drill'],
            $card['tonight']['contacts'],
            $card['tonight']['kind'],
        ]);
        self::assertStringContainsString('Rest day', $card['allowance']['reasons'][0]['sentence']);
        self::assertNotSame([], $card['tonight']['blocks']);
    }

    public function testADayThatTheAcceptedWeeksKeepFreeHasNoJumpsUntilSomethingWasDone(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $this->send('PUT', '/api/weeks/'.self::id(), ['athleteId' => $id]);
        $this->assertStatus(200);
        $today = (int) (new \DateTimeImmutable('now', new \DateTimeZone('UTC')))->format('N');
        $this->planOnly($today);
        $drill = $this->card($link)['drill']['code'] ?? null;
        self::assertNotNull($drill, 'a day with jumps in the plan');
        self::assertNull($this->card($link)['planned']);
        // Another day may not be jumped on as well: a class without jumps.
        $this->planOnly($today, false);
        self::assertSame([null, 'class-no-jump'], [$this->card($link)['drill'], $this->card($link)['tonight']['kind']]);
        $this->planOnly($today % 7 + 1);
        $free = $this->card($link);
        self::assertSame([null, 0, 'home-no-jump'], [$free['drill'], $free['tonight']['contacts'], $free['tonight']['kind']]);
        self::assertSame('own.weeks_no_jump', $free['planned']['code']);
        self::assertNotSame([], $free['tonight']['blocks']);
        $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => self::entry(['drill' => $drill])]);
        self::assertSame([$drill, null], [$this->card($link)['drill']['code'] ?? null, $this->card($link)['planned']]);
    }

    private function planOnly(int $weekday, bool $mayJump = true): void
    {
        self::connection()->executeStatement(
            'UPDATE accepted_weeks SET facts = JSON_SET(facts, \'$.classDays\', JSON_ARRAY(?), \'$.homeDays\', JSON_ARRAY(),
             \'$.mayJump\', ? = 1) WHERE gym_id = ?',
            [$weekday, (int) $mayJump, $this->gym->toBinary()],
        );
        self::service(EntityManagerInterface::class)->clear();
    }

    /** @param array<string, string> $wrong */
    #[DataProvider('wrongLinks')]
    public function testALinkThatIsNotRightOpensNothingAndTellsNothing(array $wrong): void
    {
        $link = $this->handOut($this->newAthlete());
        $problem = $this->card($wrong + $link);
        $this->assertStatus(404);
        self::assertSame('No card at this link', $problem['title']);
        $this->send('POST', '/api/card/entries', ['link' => $wrong + $link, 'entry' => self::entry(['drill' => 'single-turns'])]);
        self::assertContains($this->response()->getStatusCode(), [404, 422]);
    }

    /**
     * @return iterable<string, array{array<string, string>}>
     */
    public static function wrongLinks(): iterable
    {
        yield 'another secret' => [['secret' => 'zyxwvutsrqponmlkjihgfedcba']];
        yield 'another card' => [['card' => self::id()]];
        yield 'another gym' => [['gym' => self::id()]];
    }

    public function testWhoeverTriesLinksIsHeldUp(): void
    {
        $link = $this->handOut($this->newAthlete());
        for ($i = 0; $i < 160 && 429 !== $this->response()->getStatusCode(); ++$i) {
            $this->card(['secret' => str_repeat('x', 22)] + $link);
        }
        $this->assertStatus(429);
    }

    /**
     * @param array<string, string>      $link
     * @param array<string, mixed>       $flag
     * @param array<string, string|bool> $statement
     *
     * @return array<mixed>
     */
    private function state(array $link, array $flag, array $statement): array
    {
        return $this->send('POST', '/api/card/statement', [
            'link' => $link,
            'mutationId' => self::id(),
            'caution' => $flag['id'],
            'version' => $flag['version'],
            'statement' => $statement,
        ]);
    }
}
