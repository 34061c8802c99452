<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnCard;

use Symfony\Component\Uid\Uuid;

/**
 * A link that a coach took back, or whose time is over.
 */
final class WithdrawnCardApiTest extends CardTestCase
{
    public function testIsDeadAtOnce(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $this->send('DELETE', '/api/own-cards/'.$link['card'], null, self::change(1));
        $this->assertStatus(200);
        $problem = $this->card($link);
        $this->assertStatus(410);
        self::assertSame('This card has ended', $problem['title']);
        self::assertSame([], $this->send('GET', "/api/athletes/$id/own-cards")['cards']);
    }

    public function testWhatWasMadeBeforeIsKeptAsideUntilTheCoachDecides(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $drill = $this->card($link)['drill']['code'];
        $made = self::entry(['drill' => $drill, 'reps' => 30, 'misses' => 4, 'at' => gmdate('Y-m-d\TH:i:s\Z', time() - 30)]);
        $other = self::entry(['drill' => $drill, 'reps' => 7, 'misses' => 0, 'at' => $made['at']]);
        $this->withdraw($link);
        foreach ([$made, $other, $made] as $entry) {
            self::assertSame(['aside' => true], $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => $entry]));
        }
        $this->assertReps($id, []);
        $aside = $this->send('GET', "/api/athletes/$id/own-cards")['aside'];
        self::assertSame([$made['id'], $other['id']], array_column($aside, 'id'), 'sent twice it waits once');
        self::assertStringContainsString('30', $aside[0]['sentence']);
        $this->send('POST', "/api/asides/{$made['id']}/keep", null, self::change(1));
        $this->assertStatus(200);
        $left = $this->send('DELETE', "/api/asides/{$other['id']}", null, self::change(1));
        self::assertSame([], $left['aside']);
        $this->assertReps($id, [30]);
        $this->send('POST', "/api/asides/{$other['id']}/keep", null, self::change(2));
        $this->assertProblem('id', 'nobody has decided');
        $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => $made]);
        $this->assertReps($id, [30], 'what was decided does not come again');
    }

    public function testWhatArrivedBeforeAndComesAgainCountsOnce(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $at = gmdate('Y-m-d\TH:i:s\Z', time() - 30);
        $entry = self::entry(['drill' => $this->card($link)['drill']['code'], 'reps' => 30, 'at' => $at]);
        $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => $entry]);
        $this->withdraw($link);
        self::assertSame(['aside' => false], $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => $entry]));
        $this->assertStatus(200);
        $this->assertReps($id, [30]);
        self::assertSame([], $this->send('GET', "/api/athletes/$id/own-cards")['aside']);
    }

    public function testWhatIsMadeAfterIsRefused(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $drill = $this->card($link)['drill']['code'];
        $this->withdraw($link);
        $this->send('POST', '/api/card/entries', ['link' => $link, 'entry' => self::entry(['drill' => $drill, 'at' => self::soon()])]);
        $this->assertStatus(410);
        $this->assertReps($id, []);
        self::assertSame([], $this->send('GET', "/api/athletes/$id/own-cards")['aside']);
        $this->send('POST', "/api/card/entries/{$this->logged($id, $drill)}/take-back", ['link' => $link, 'mutationId' => self::id()]);
        $this->assertStatus(410);
    }

    public function testPainFromBeforeStillTakesTheJumpsOff(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $pain = ['link' => $link, 'id' => self::id(), 'caution' => 'pain', 'place' => 'shin', 'degree' => 4];
        $this->withdraw($link);
        $this->send('POST', '/api/card/pain', $pain + ['at' => gmdate('Y-m-d\TH:i:s\Z', time() - 30)]);
        $this->assertStatus(200);
        self::assertNull($this->send('GET', "/api/athletes/$id/today")['drill']);
        $this->send('POST', '/api/card/pain', ['id' => self::id(), 'at' => self::soon()] + $pain);
        $this->assertStatus(410);
    }

    public function testEndsByItself(): void
    {
        $link = $this->handOut($this->newAthlete(), ['days' => 1]);
        $this->card($link);
        $this->assertStatus(200);
        self::connection()->executeStatement('UPDATE athlete_card SET expires_at = UTC_TIMESTAMP() - INTERVAL 1 SECOND WHERE id = ?', [
            Uuid::fromString($link['card'])->toBinary(),
        ]);
        $this->card($link);
        $this->assertStatus(410);
    }

    public function testEndsWithTheAthlete(): void
    {
        $id = $this->newAthlete();
        $link = $this->handOut($id);
        $this->send('DELETE', '/api/athletes/'.$id, null, self::change(1));
        $this->card($link);
        $this->assertStatus(410);
        $this->send('POST', "/api/athletes/$id/erase", ['name' => 'Ilse Tannow'], self::change(2));
        $this->assertStatus(204);
        self::assertSame(0, (int) self::connection()->fetchOne('SELECT COUNT(*) FROM athlete_card WHERE gym_id = ?', [
            $this->gym->toBinary(),
        ]));
        $this->card($link);
        $this->assertStatus(404);
    }

    /** @param array<string, string> $link */
    private function withdraw(array $link): void
    {
        $this->send('DELETE', '/api/own-cards/'.$link['card'], null, self::change(1));
        $this->assertStatus(200);
    }

    /** @param list<int> $reps */
    private function assertReps(string $athlete, array $reps, string $why = ''): void
    {
        self::assertSame($reps, array_column($this->send('GET', "/api/athletes/$athlete/today")['entries'], 'reps'), $why);
    }

    private function logged(string $athlete, string $drill): string
    {
        $id = self::id();
        $this->send('PUT', '/api/attempts/'.$id, ['athleteId' => $athlete, 'drill' => $drill, 'kind' => 'sum', 'reps' => 9]);

        return $id;
    }

    /** As a phone tells it whose clock runs a little ahead. */
    private static function soon(): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', time() + 60);
    }
}
