<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\OwnGym;

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
}
