<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnGym;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Tests\ApiTestCase;

/**
 * Each setting changes what it says it changes.
 */
final class SettingsApiTest extends ApiTestCase
{
    public function testNameZoneAndUnit(): void
    {
        $this->signInto();
        $name = 'Quay '.substr(self::id(), -8);
        $gym = $this->set(['name' => " $name ", 'timeZone' => 'Asia/Calcutta', 'unit' => 'ft-in'], 1);
        self::assertSame([$name, 'Asia/Calcutta', 'ft-in', 2], [$gym['name'], $gym['timeZone'], $gym['unit'], $gym['version']]);
        $this->newAthlete();
        $path = '/api/athletes/'.$this->send('GET', '/api/athletes')[0]['id'].'/sizing?handle=15';
        self::assertStringContainsString(' in', $this->send('GET', $path)['turning']['headline']['sentence'] ?? '');
        $this->send('PATCH', '/api/gym', ['unit' => 'cm'], self::change(1));
        $this->assertStatus(409);
        $kept = $this->set(['unit' => 'cm'], 2);
        self::assertSame([$name, 'Asia/Calcutta'], [$kept['name'], $kept['timeZone']], 'what is left out stays');
    }

    public function testTheHallsCeilingIsHeldAgainstTheRope(): void
    {
        $this->signInto();
        $path = '/api/athletes/'.$this->newAthlete().'/sizing?handle=15';
        $said = fn (): string => $this->send('GET', $path)['turning']['ceiling']['sentence'];
        self::assertSame('needs a ceiling of 225 cm, a low jump included', $said());
        $this->set(['ceiling' => '3 m'], 1);
        self::assertSame('needs a ceiling of 225 cm, a low jump included; the hall has 300 cm', $said());
        $this->set(['ceiling' => '215'], 2);
        self::assertSame('needs a ceiling of 225 cm, a low jump included: the hall is 10 cm too low', $said());
        self::assertNull($this->set(['ceiling' => ''], 3)['ceilingM']);
        $this->send('PATCH', '/api/gym', ['ceiling' => '45 m'], self::change(4));
        $this->assertProblem('ceiling', 'between 200 and 2000 cm');
    }

    /** One rope, one way of measuring it: whichever screen tells of it. */
    public function testEveryScreenMeasuresAsTheGymDoes(): void
    {
        $this->signInto();
        $ilse = ['name' => 'Ilse', 'height' => '168', 'experience' => 'singles'];
        $this->send('PUT', '/api/athletes/'.($id = self::id()), self::athlete($ilse));
        $cables = function () use ($id): array {
            $sizing = $this->send('GET', "/api/athletes/$id/sizing?handle=15");
            $row = array_column($sizing['schools'], null, 'school')[$sizing['recommended']];
            $strip = $this->send('GET', '/api/rack/strip')['rule']['sentence'];

            return [
                round($row['cableLengthM'], 3),
                round($sizing['goalCableM'], 3),
                round($this->send('GET', '/api/first-ropes?handle=15')[0]['cableM'], 3),
                $row['stance'],
                str_contains($strip, 'one foot'),
                str_contains($strip, 'cable ends'),
            ];
        };
        self::assertSame([2.444, 2.444, 2.444, 'two-feet', false, false], $cables());
        $this->set(['stance' => 'one-foot'], 1);
        self::assertSame([2.344, 2.344, 2.344, 'one-foot', true, false], $cables());
        $this->set(['reading' => 'cable-end'], 2);
        self::assertSame([2.644, 2.644, 2.644, 'one-foot', true, true], $cables());
        $rope = ['athleteId' => $id, 'school' => 'armpit', 'stance' => null, 'handle' => '15', 'family' => 'thick-cord'];
        $this->send('PUT', '/api/ropes/'.($kept = self::id()), $rope);
        self::assertSame('one-foot', $this->send('GET', '/api/ropes/'.$kept)['stance']);
        $verdict = $this->send('GET', "/api/athletes/$id/sizing")['verdict'];
        self::assertSame(['right', 0.0], [$verdict['state'], round($verdict['offByM'], 3)]);
        $this->set(['reading' => 'by-school'], 3);
        $verdict = $this->send('GET', "/api/athletes/$id/sizing")['verdict'];
        self::assertSame(0.3, round($verdict['offByM'], 3), 'in the stance it was measured in; the ends are the gym\'s');
        $this->send('PATCH', '/api/gym', ['stance' => 'on his head'], self::change(4));
        $this->assertProblem('stance', 'one-foot');
    }

    public function testClassTimesSayWhoIsExpectedTonight(): void
    {
        $gym = $this->signInto();
        [$both, $other, $new] = [$this->newAthlete(), $this->newAthlete(), $this->newAthlete()];
        $today = new \DateTimeImmutable('today', new \DateTimeZone('Europe/London'));
        self::practised($gym, $both, $today->modify('-7 days'));
        self::practised($gym, $other, $today->modify('-6 days'));
        $hall = function (): array {
            $class = $this->send('GET', '/api/class');

            return [array_column($class['athletes'], 'id'), array_column($class['absent'], 'why', 'id'), $class['className']];
        };
        $everybody = [$both, $other, $new];
        self::assertEqualsCanonicalizing($everybody, $hall()[0], 'without class times the day says nothing');
        [$now, $next] = [$today->format('D'), $today->modify('-6 days')->format('D')];
        self::assertSame(
            "$now 18:30 Evening class",
            explode("\n", $this->set(['classTimes' => "$now 6.30pm Evening class"], 1)['classTimes'])[0],
        );
        self::assertEqualsCanonicalizing($everybody, $hall()[0], 'there is no other day to come on');
        $this->set(['classTimes' => "$now 18:30 Evening class\n$next 17:00 Kids"], 2);
        [$here, $absent, $name] = $hall();
        self::assertEqualsCanonicalizing([$both, $new], $here);
        self::assertSame([$other => 'comes on other days'], $absent);
        self::assertSame('Evening class 18:30', $name);
        $this->set(['classTimes' => "$next 17:00 Kids"], 3);
        self::assertEqualsCanonicalizing($everybody, $hall()[0], 'no class today: whoever comes, comes');
        $this->send('PATCH', '/api/gym', ['classTimes' => "Tue 18:30\nsome day"], self::change(4));
        $this->assertProblem('classTimes', 'Line 2, “some day”: a day, an hour and a name, like Tue 18:30 Evening class.');
        self::assertSame('', $this->set(['classTimes' => ''], 4)['classTimes']);
    }

    public function testTheGymsHandlesAreThoseOfTheStrip(): void
    {
        $this->signInto();
        foreach (['244', '235'] as $i => $cable) {
            $this->send('PUT', '/api/rack/'.self::id(), [
                'tag' => 'R'.$i,
                'cable' => $cable,
                'handle' => '15',
                'family' => 'thick-cord',
            ]);
        }
        $rule = fn (): string => $this->send('GET', '/api/rack/strip')['rule']['sentence'];
        self::assertStringContainsString('15 cm', $rule());
        $this->set(['handle' => '12'], 1);
        self::assertStringContainsString('12 cm', $rule());
    }

    public function testANameThatAnotherGymHasIsRefused(): void
    {
        $gym = $this->signInto();
        $taken = 'Quay '.substr(self::id(), -8);
        self::connection()->update('gym', ['name' => $taken], ['id' => $gym->toBinary()]);
        $this->signInto();
        $this->send('PATCH', '/api/gym', ['name' => $taken], self::change(1));
        $this->assertProblem('name', 'no gym here has yet');
        $this->send('PATCH', '/api/gym', ['name' => '  '], self::change(1));
        $this->assertProblem('name');
        $this->send('PATCH', '/api/gym', ['timeZone' => 'Home'], self::change(1));
        $this->assertProblem('timeZone');
    }

    /**
     * @param array<string, string> $what
     *
     * @return array<mixed>
     */
    private function set(array $what, int $version): array
    {
        $gym = $this->send('PATCH', '/api/gym', $what, self::change($version));
        $this->assertStatus(200);

        return $gym;
    }

    private static function practised(Uuid $gym, string $athlete, \DateTimeImmutable $day): void
    {
        self::connection()->executeStatement(
            'INSERT INTO practice (gym_id, id, athlete_id, local_day, started_at) VALUES (?, ?, ?, ?, ?)',
            [
                $gym->toBinary(),
                Uuid::v7()->toBinary(),
                Uuid::fromString($athlete)->toBinary(),
                $day->format('Y-m-d'),
                $day->format('Y-m-d H:i:s'),
            ],
        );
    }
}
